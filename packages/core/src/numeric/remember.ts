/**
 * Everything that is remembered between two questions, in one place: as long as the boat (or what else it was worked
 * out of) is in use, or so many at most. Documents are never changed in place, so that nothing remembered grows old.
 */
const REMEMBERED = {
  balance: 'in use',
  balanceShift: 'in use',
  bankGone: 'in use',
  chargeReport: 'in use',
  curveShape: 'in use',
  editedBoats: 'in use',
  facts: 'in use',
  firstPower: 'in use',
  libraries: 'in use',
  measured: 'in use',
  model: 'in use',
  panelMonths: 'in use',
  solarReport: 'in use',
  spectra: 'in use',
  summary: 'in use',
  wiringReport: 'in use',
  withoutBand: 'in use',
  yearsLight: 'in use',
  /** of each area ratio and number of blades */
  bladeFamilies: 200,
  /** hulls whose methods are ready: the boat on the board, and a few beside her */
  preparedMethods: 4,
  /** speeds of a hull: those of the lever, of the curve and of the search for top speed */
  resistancePoints: 500,
  /** places and months of the sun: four boats' years */
  sunOfMonth: 48,
  /** all fullnesses that a waterline can have */
  waterlines: 400,
} as const
type Remembered = typeof REMEMBERED
type InUse = { [K in keyof Remembered]: Remembered[K] extends 'in use' ? K : never }[keyof Remembered]
type Counted = Exclude<keyof Remembered, InUse>

/**
 * Works something out once for each thing, and keeps it as long as that thing is in use.
 *
 * @param _what its name in the list above
 * @returns asked with the thing, and how it is worked out
 * @example remember('model')({}, () => 7) // 7
 */
export function remember<K extends object, V>(_what: InUse): (of: K, work: () => V) => V {
  const known = new WeakMap<K, { made: V }>()
  return (of, work) => {
    let found = known.get(of)
    if (!found) known.set(of, (found = { made: work() }))
    return found.made
  }
}

/**
 * Works something out once for each key, and keeps those that were asked for last.
 *
 * @param what its name in the list above, which says how many
 * @returns asked with the key, and how it is worked out
 * @example rememberLast('preparedMethods')('a', () => 7) // 7
 */
export function rememberLast<V>(what: Counted): (key: string | number, work: () => V) => V {
  const most = REMEMBERED[what]
  const known = new Map<string | number, { made: V }>()
  return (key, work) => {
    const found = known.get(key) ?? { made: work() }
    // what was asked for last is put last, and the first is that which nobody asked for longest
    known.delete(key)
    known.set(key, found)
    if (known.size > most) known.delete(known.keys().next().value!)
    return found.made
  }
}
