import { packFigures } from '../battery'
import type { Project } from '../project/definition/projectFields'
import { METRIC_UNITS, quantityText, type QuantityId, type UnitChoice } from '../units'

/** A part that differs between two designs, in words. */
export interface ChangedPart {
  part: string
  before: string
  after: string
}

/** How each part is named, piece by piece; two designs whose words are the same have the same part. */
const PARTS: readonly (readonly [
  string,
  (project: Project, show: (value: number, quantity: QuantityId) => string) => string | string[],
])[] = [
  ['Motor', ({ design }) => design.motor.name],
  ['Cooling', ({ design }) => design.cooling ?? design.motor.cooling],
  ['Controller', ({ design }) => design.controller.name],
  [
    'Reduction',
    ({ design: { reduction } }) =>
      reduction.kind === 'direct' ? 'direct' : `${reduction.kind} ${reduction.ratio} : 1`,
  ],
  [
    'Propeller',
    ({ design: { propeller: p }, boat }, show) =>
      boat.drive.kind === 'jet'
        ? 'none'
        : [
            `${show(p.diameter, 'smallLength')} × ${show(p.pitch, 'smallLength')}`,
            `${p.blades} blades`,
            `area ${p.areaRatio.toFixed(2)}`,
            `${p.hand}-hand`,
          ],
  ],
  ['Jet', ({ design, boat }) => (boat.drive.kind === 'jet' ? design.jet.name : 'none')],
  [
    'Pack',
    ({ design: { pack, banks } }, show) => [
      `${pack.series} in series`,
      `${pack.parallel} in parallel`,
      pack.cell.name,
      `full at ${show(packFigures(pack, banks).fullVoltage, 'voltage')}`,
    ],
  ],
  ['Banks', ({ design: { banks } }) => [`${banks.count}`, `${banks.others.length} beside`]],
  ['System voltage', ({ design }, show) => show(design.systemVoltage, 'voltage')],
  [
    'Charger',
    ({ design: { charging } }) =>
      `${charging.count > 1 && charging.each === 'pack' ? `${charging.count} × ` : ''}${charging.charger.name}` +
      (charging.each === 'block' ? ', one at each block' : ''),
  ],
  [
    'Panels',
    ({ design: { solar } }) =>
      solar.fitted ? [`${solar.series * solar.parallel} × ${solar.panel.name}`, `${solar.series} in a string`] : 'none',
  ],
  ['Charge controller', ({ design: { solar } }) => (solar.fitted ? (solar.controller?.name ?? 'none') : 'none')],
  ['Fuse', ({ design: { wiring } }) => wiring.fuse?.name ?? 'chosen by Remigo'],
  [
    'Cable from the pack',
    ({ design: { wiring } }, show) =>
      wiring.mainArea === null ? 'sized by Remigo' : show(wiring.mainArea * 1e-6, 'copperArea'),
  ],
  [
    'Cable to the motor',
    ({ design: { wiring } }, show) =>
      wiring.motorArea === null ? 'sized by Remigo' : show(wiring.motorArea * 1e-6, 'copperArea'),
  ],
]

/**
 * Every part that differs between two designs of a boat.
 *
 * @param before the boat
 * @param after the same with something changed
 * @param choice the owner's units
 * @returns parts in the order of the power, each with the pieces of its words that differ; empty when only settings
 *   or wishes differ
 * @example changedParts(DEMO.tirrick, DEMO.tirrick).length // 0
 */
export function changedParts(before: Project, after: Project, choice: UnitChoice = METRIC_UNITS): ChangedPart[] {
  const show = (value: number, quantity: QuantityId) => quantityText(value, quantity, choice)
  return PARTS.flatMap(([part, name]) => {
    const was = [name(before, show)].flat(),
      is = [name(after, show)].flat()
    const differ = (words: string[], others: string[]) => words.filter((w, i) => w !== others[i]).join(', ')
    return was.join() === is.join() ? [] : [{ part, before: differ(was, is), after: differ(is, was) }]
  })
}
