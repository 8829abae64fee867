import { edit, withEdits, type Project } from '../project'
import { evaluate, measuredOf, type ReadPoint } from '../system'
import { isFarOff, readingText } from '../trial'
import { fillText, quantityText } from '../units'

/** How a reading stands to the theory, as it leaves Remigo by command or HTTP. */
export interface ReadingJson {
  rows: number[]
  /** m/s */
  speed: number
  /** read ÷ theory, as resistance */
  ofTheory: number
  /** σ of ln that the reading has by itself */
  sigma: number
  /** lies far from what theory and the other readings lead one to expect, and counts little */
  far: boolean
}

const json = (point: ReadPoint): ReadingJson => ({
  rows: point.rows,
  speed: point.speed,
  ofTheory: point.resistance / point.theory,
  sigma: point.seen.noise,
  far: isFarOff(point),
})

/** What readings did to a boat's curve. Powers in W, as low, centre and high. */
export interface ReadingsJson {
  readings: ReadingJson[]
  /** rows that tell nothing, and why */
  unread: { row: number; reason: string }[]
  cruise: { speed: number; before: [number, number, number]; after: [number, number, number] }
  wants: string[]
}

/**
 * What a boat's readings say, as plain data.
 *
 * @param project a boat with readings
 * @returns each reading against the theory, and power at cruise before and after
 */
export function readingsJson(project: Project): ReadingsJson {
  const { points, unread, honesty } = measuredOf(project)
  const speed = project.use.cruiseSpeed
  const power = (use: 'theory' | 'measured'): [number, number, number] => {
    const { cruise } = evaluate(withEdits(project, [edit('trial.use', use)]), speed)
    return [cruise.packPowerLow, cruise.drive.packPower, cruise.packPowerHigh]
  }
  return {
    readings: points.filter(p => p.trip === null).map(json),
    unread: unread.map(({ row, reason }) => ({ row, reason: fillText(reason) })),
    cruise: { speed, before: power('theory'), after: power('measured') },
    wants: honesty.wants,
  }
}

/**
 * The same as lines of text.
 *
 * @param project a boat with readings
 * @returns lines
 */
export function readingsText(project: Project): string {
  const { readings, unread, cruise, wants } = readingsJson(project)
  const watts = ([low, centre, high]: [number, number, number]) =>
    `${quantityText(centre, 'electricPower')} (${quantityText(low, 'electricPower')} to ` +
    `${quantityText(high, 'electricPower')})`
  const lines = [
    ...readings.map(({ rows, speed, ofTheory, far }) => {
      const read = fillText(readingText(project.trial.points[rows[0]! - 1]!))
      const against = `${quantityText(ofTheory, 'ratio')} of the theory${far ? ', far off: counts little' : ''}`
      return `${rows.join(' + ').padEnd(8)}${quantityText(speed, 'speed')}, ${read}: ${against}`
    }),
    ...unread.map(({ row, reason }) => `${String(row).padEnd(8)}${reason}`),
    `Power at ${quantityText(cruise.speed, 'speed')} was ${watts(cruise.before)}; it is ${watts(cruise.after)} now.`,
    ...(wants.length > 0 ? [`Better still: ${wants.join('; ')}.`] : []),
  ]
  return `${lines.join('\n').replace(/\u00A0/g, ' ')}\n`
}
