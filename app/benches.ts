import { boardWords } from '~/messages/board'

/** The short name of a bench, and of a set of them. */
export type BenchId = keyof typeof boardWords.benches
export type SetId = keyof typeof boardWords.sets

/**
 * Where each bench has its place, in the order of the work: its set, or the key of one that stands beside the sets.
 * Within a set they have the keys 1 to 8.
 */
const PLACES: Record<BenchId, SetId | '9' | '0'> = {
  boat: 'drive',
  use: 'drive',
  curve: 'drive',
  propeller: 'drive',
  motor: 'drive',
  pack: 'drive',
  wiring: 'drive',
  charging: 'drive',
  day: 'days',
  under: 'days',
  year: 'days',
  hybrid: 'days',
  weights: 'yard',
  money: 'yard',
  work: 'yard',
  power: 'yard',
  trial: 'log',
  trips: 'log',
  health: 'log',
  helm: 'log',
  sheet: '9',
  library: '0',
}
const IDS = Object.keys(PLACES) as BenchId[]
const isSet = (place: string): place is SetId => place in boardWords.sets

/** A bench: where it is found, and by which key. */
export interface Bench {
  id: BenchId
  set: SetId | null
  path: string
  label: string
  key: string
}

const inSet = (set: SetId): Bench[] =>
  IDS.filter(id => PLACES[id] === set).map((id, i) => ({
    id,
    set,
    path: `/${set}/${id}`,
    label: boardWords.benches[id],
    key: String(i + 1),
  }))

/** Every set with its benches and the key that opens it. */
export const SETS = (Object.keys(boardWords.sets) as SetId[]).map(id => ({
  id,
  label: boardWords.sets[id],
  key: boardWords.setKeys[id],
  benches: inSet(id),
}))

/** The sheet and the library: they belong to no set. */
export const BESIDE_SETS: readonly Bench[] = IDS.filter(id => !isSet(PLACES[id])).map(id => ({
  id,
  set: null,
  path: `/${id}`,
  label: boardWords.benches[id],
  key: PLACES[id],
}))

/** All benches, in the order of the row. */
export const BENCHES: readonly Bench[] = [...SETS.flatMap(s => s.benches), ...BESIDE_SETS]

/** Other names of benches, from addresses that were kept. */
const FORMER: Record<string, BenchId> = { '': 'boat', solar: 'year' }

/** The bench of a path, with its set or without; the boat's also stands at the root. */
export function benchOf(path: string): Bench | undefined {
  const last = path.split('/').at(-1) ?? ''
  return BENCHES.find(b => b.id === (FORMER[last] ?? last))
}

/** Where a bench is found. */
export const pathOf = (id: BenchId): string => BENCHES.find(b => b.id === id)!.path
