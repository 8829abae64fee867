import { findingsOf } from '../advice'
import { figureOn, readFigure, type FigureId } from '../figures'
import type { Evaluation } from '../system'
import { fillText, quantityText } from '../units'

const SHOWN: FigureId[] = [
  'pull',
  'effectivePower',
  'propellerRpm',
  'propellerEfficiency',
  'shaftPower',
  'motorRpm',
  'motorTorque',
  'motorUse',
  'packPower',
  'packCurrent',
  'timeLeft',
  'distanceLeft',
  'hullSpeed',
  'payoffSpeed',
  'allDaySpeed',
  'energyNeeded',
  'packAvailable',
  'designPrice',
]
const WORDS = { stop: 'CLASHES', caution: 'tight', note: 'open' } as const

/**
 * An evaluation as a page of plain text.
 *
 * @param e the evaluation
 * @returns lines
 */
export function evaluationText(e: Evaluation): string {
  const lines = [`${e.model.project.name} at ${quantityText(e.point.speed, 'speed')}`, '']
  for (const id of SHOWN) {
    const figure = figureOn(id, e.model.project)
    const { value, low, high } = readFigure(id, e)
    const band =
      low !== undefined && high !== undefined
        ? `  (${quantityText(low, figure.quantity)} to ${quantityText(high, figure.quantity)})`
        : ''
    lines.push(`${figure.label.padEnd(26)}${quantityText(value, figure.quantity)}${band}`)
  }
  const { counts, findings } = findingsOf(e)
  lines.push('', `${counts.stop} clash, ${counts.caution} tight, ${counts.note} open, ${counts.fits} fit`)
  for (const f of findings) {
    lines.push(`${WORDS[f.severity]}: ${f.title} ${fillText(f.amount)}`, `  ${fillText(f.sentence)}`)
    if (f.caution) lines.push(`  ${f.caution}`)
    if (f.fixes.length) lines.push(`  Would mend it: ${f.fixes.map(x => fillText(x.label)).join('; ')}`)
  }
  return `${lines.join('\n').replace(/\u00A0/g, ' ')}\n`
}
