/** Something of which owners know the kind and size but not the weight. */
export interface TypicalMass {
  id: string
  label: string
  /** what its size is told by; null where it has none */
  by: 'power' | 'volume' | null
  /** kg from W or m³; low and high of common practice */
  mass(size: number): { low: number; high: number }
}

const perKw = (low: (kw: number) => number, high: (kw: number) => number) => (watts: number) => {
  const kw = watts / 1000
  return { low: low(kw) * kw, high: high(kw) * kw }
}
const each = (low: number, high: number) => () => ({ low, high })
/** kg/m³ of the fuel or water in a full tank */
const FUEL = 840,
  WATER = 1000
const tank = (content: number) => (m3: number) => ({
  low: m3 * (120 + content),
  high: m3 * (200 + content),
})
/** between small and large engines the weight for each kW falls evenly in the logarithm */
const between =
  (small: number, large: number, from = 10, to = 60) =>
  (kw: number) => {
    const t = Math.min(1, Math.max(0, Math.log(Math.max(kw, 0.1) / from) / Math.log(to / from)))
    return small + t * (large - small)
  }

/**
 * Weights by kind and size, from common practice: diesels with gearbox 9 to 14 kg/kW under 30 kW and 6 to 9 above,
 * petrol inboards 3 to 5, outboards 2.2 to 3.5 (small ones 4 to 6), exhaust with water lock 8 to 20 kg, tanks 0.12 to
 * 0.2 kg/l empty, starter batteries 18 to 30 kg, people 75 to 85 kg.
 */
export const TYPICAL_MASSES: readonly TypicalMass[] = [
  { id: 'diesel', label: 'Diesel with gearbox', by: 'power', mass: perKw(between(9, 6), between(14, 9)) },
  {
    id: 'petrol',
    label: 'Petrol inboard',
    by: 'power',
    mass: perKw(
      () => 3,
      () => 5,
    ),
  },
  { id: 'outboard', label: 'Outboard', by: 'power', mass: perKw(between(4, 2.2, 3, 30), between(6, 3.5, 3, 30)) },
  { id: 'gearbox', label: 'Gearbox alone', by: 'power', mass: perKw(between(1.2, 0.8), between(2, 1.4)) },
  { id: 'exhaust', label: 'Exhaust and water lock', by: null, mass: each(8, 20) },
  { id: 'fuelTank', label: 'Fuel tank, full', by: 'volume', mass: tank(FUEL) },
  { id: 'emptyTank', label: 'Tank, empty', by: 'volume', mass: tank(0) },
  { id: 'waterTank', label: 'Water tank, full', by: 'volume', mass: tank(WATER) },
  { id: 'starter', label: 'Starter battery', by: null, mass: each(18, 30) },
  { id: 'person', label: 'One of the crew', by: null, mass: each(75, 85) },
  { id: 'anchor', label: 'Anchor and 30 m of chain', by: null, mass: each(45, 75) },
]

/**
 * Typical weight of a thing with its doubt.
 *
 * @param id of TYPICAL_MASSES
 * @param size W or m³; not used where it has none
 * @returns kg, give or take half of the range
 * @example typicalMass('starter', 0) // { mass: 24, doubt: 6 }
 */
export function typicalMass(id: string, size: number): { mass: number; doubt: number } {
  const found = TYPICAL_MASSES.find(t => t.id === id)
  if (!found) throw new Error(`No typical weight is known for “${id}”.`)
  const { low, high } = found.mass(Math.max(0, size))
  return { mass: (low + high) / 2, doubt: (high - low) / 2 }
}
