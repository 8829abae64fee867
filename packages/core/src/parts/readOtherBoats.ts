import { KNOT } from '../constants'
import { readTable } from '../tables'
import { quoted } from '../units'
import type { OtherBoat } from './otherBoats'

/** Boats of a list, or the lines that make no sense. */
export type OtherBoatsTable =
  | { outcome: 'read'; boats: OtherBoat[] }
  | { outcome: 'wrong'; errors: { line: number; column: string; message: string }[] }

/** Columns of the list, and what each number may be. */
const NUMBERS = { waterline_m: [1, 60], mass_t: [0.02, 200], speed_kn: [0.2, 60], power_kW: [0.005, 2000] } as const

/**
 * Reads the owner's own list of other boats: name, waterline_m, mass_t, speed_kn, power_kW, and kind if wished; a row a
 * speed.
 *
 * @param text CSV with a heading
 * @returns boats in the order of their first row
 * @example readOtherBoats('name,waterline_m,mass_t,speed_kn,power_kW\nA,7,3,4,1.1').outcome // 'read'
 */
export function readOtherBoats(text: string): OtherBoatsTable {
  const { rows: table, commas } = readTable(text)
  const [columns = [], ...lines] = table.map(cells => cells.map(c => c.trim()))
  const rows = lines.map(
    cells => Object.fromEntries(columns.map((c, k) => [c, cells[k] ?? ''])) as Record<string, string | undefined>,
  )
  const missing = ['name', ...Object.keys(NUMBERS)].filter(c => !columns.includes(c))
  if (missing.length)
    return {
      outcome: 'wrong',
      errors: [
        {
          line: 1,
          column: missing[0]!,
          message:
            `The heading has no ${missing.join(', ')}. It should read: ` + 'name,waterline_m,mass_t,speed_kn,power_kW',
        },
      ],
    }
  const errors: { line: number; column: string; message: string }[] = []
  const boats = new Map<
    string,
    { name: string; kind: string; lengthWaterline: number; mass: number; points: { speed: number; power: number }[] }
  >()
  rows.forEach((row, i) => {
    const line = i + 2,
      before = errors.length
    if (!row.name) errors.push({ line, column: 'name', message: 'A boat needs a name.' })
    const value = Object.fromEntries(
      Object.entries(NUMBERS).map(([column, [least, most]]) => {
        const cell = row[column] ?? ''
        const number = cell ? Number(commas ? cell.replace(',', '.') : cell) : Number.NaN
        if (!(number >= least && number <= most))
          errors.push({
            line,
            column,
            message: `${column} should be a number from ${least} to ${most}; this is ${quoted(row[column] ?? '')}.`,
          })
        return [column, number]
      }),
    ) as Record<keyof typeof NUMBERS, number>
    if (errors.length > before) return
    const name = row.name!
    if (!boats.has(name))
      boats.set(name, {
        name,
        kind: row.kind ?? '',
        lengthWaterline: value.waterline_m,
        mass: value.mass_t * 1000,
        points: [],
      })
    boats.get(name)!.points.push({ speed: value.speed_kn * KNOT, power: value.power_kW * 1000 })
  })
  if (errors.length) return { outcome: 'wrong', errors }
  return boats.size
    ? { outcome: 'read', boats: [...boats.values()] }
    : { outcome: 'wrong', errors: [{ line: 2, column: 'name', message: 'The list has a heading and no boats.' }] }
}
