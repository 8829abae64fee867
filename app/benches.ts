import { boardWords } from '~/messages/board'

/** The short name of a bench, and of a set of them. */
export type BenchId = keyof typeof boardWords.benches
export type SetId = keyof typeof boardWords.sets

/**
 * The benches of each set in the order of the work, and those that stand beside the sets. Within a set they have the
 * keys 1 to 8.
 */
const OF_SET = {
  drive: ['boat', 'use', 'curve', 'propeller', 'motor', 'pack', 'wiring', 'charging'],
  days: ['day', 'under', 'year', 'hybrid'],
  yard: ['weights', 'money', 'work', 'power'],
  log: ['trial', 'trips', 'health', 'helm'],
} as const satisfies Record<SetId, readonly BenchId[]>
const BESIDE = { sheet: '9', library: '0' } as const satisfies Partial<Record<BenchId, string>>

/** Fails the type check when a bench that has a name has no place. */
type Placed = (typeof OF_SET)[SetId][number] | keyof typeof BESIDE
const everyBenchHasItsPlace: BenchId extends Placed ? true : never = true
void everyBenchHasItsPlace

/** A bench: where it is found, and by which key. */
export interface Bench {
  id: BenchId
  set: SetId | null
  path: string
  label: string
  key: string
}

const inSet = (set: SetId): Bench[] =>
  OF_SET[set].map((id, i) => ({
    id,
    set,
    path: `/${set}/${id}`,
    label: boardWords.benches[id],
    key: String(i + 1),
  }))

/** Every set with its benches and the key that opens it. */
export const SETS = (Object.keys(OF_SET) as SetId[]).map(id => ({
  id,
  label: boardWords.sets[id],
  key: boardWords.setKeys[id],
  benches: inSet(id),
}))

/** The sheet and the library: they belong to no set. */
export const BESIDE_SETS: readonly Bench[] = (Object.keys(BESIDE) as (keyof typeof BESIDE)[]).map(id => ({
  id,
  set: null,
  path: `/${id}`,
  label: boardWords.benches[id],
  key: BESIDE[id],
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
