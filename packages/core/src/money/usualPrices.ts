/** What things cost that no library has, € each (or a metre); low and high (common practice, from memory, ± 40 %). */
const USUAL: readonly (readonly [RegExp, (n: readonly number[]) => number])[] = [
  [/^BMS, (\d+) cells, (\d+) A/, ([cells = 16, amps = 100]) => 25 + 4 * cells + 0.9 * amps],
  [/^Link between cells/, () => 2.5],
  [/^Propeller (\d+)/, ([diameter = 300]) => 165 * (diameter / 300) ** 2.5],
  [/^Disconnect, (\d+) A/, ([amps = 100]) => 20 + 0.25 * amps],
  [/^Busbar, (\d+) A/, ([amps = 100]) => 15 + 0.12 * amps],
  [/^Contactor, (\d+) A/, ([amps = 100]) => 45 + 0.35 * amps],
  [/^Resistor/, () => 18],
  [/^Emergency stop/, () => 22],
  [/^Shunt/, () => 85],
  [/^Fuse (\d+) A/, ([amps = 60]) => 12 + 0.15 * amps],
  [/^Relay, (\d+) A/, ([amps = 60]) => 25 + 0.3 * amps],
  [/^Lug for (\d+)/, ([area = 10]) => 1 + 0.05 * area],
  [/^Cable (\d+)/, ([area = 10]) => 1 + 0.25 * area],
  [/^Shore inlet/, () => 120],
  [/^Residual-current/, () => 55],
  [/^Galvanic isolator/, () => 110],
  [/^DC-DC converter to \d+ V, (\d+) W/, ([watts = 100]) => 40 + 0.35 * watts],
  [/^House battery/, () => 180],
  [/^Insulation watch/, () => 320],
]

/**
 * What a thing usually costs where no library knows it.
 *
 * @param item as the parts list names it
 * @returns € for one piece or metre; null for what is not known either
 * @example usualPrice('Emergency stop button, latching') // 22
 */
export function usualPrice(item: string): number | null {
  for (const [pattern, of] of USUAL) {
    const found = pattern.exec(item)
    if (found) return Math.round(of(found.slice(1).map(Number)))
  }
  return null
}

/** Things for a conversion that no design names: € for all of it (common practice, from memory). */
export const SUNDRIES = [
  { name: 'Battery box, straps, vent', price: 180, group: 'Battery and BMS' },
  { name: 'Motor mounts', price: 140, group: 'Motor and drive' },
  { name: 'Flexible coupling', price: 160, group: 'Motor and drive' },
  { name: 'Adapter plate, machined', price: 220, group: 'Motor and drive' },
  { name: 'Shaft seal', price: 190, group: 'Motor and drive' },
  { name: 'Heat-shrink, ties, grommets', price: 60, group: 'Cables and lugs' },
  { name: 'Hydraulic crimping tool, hired', price: 50, group: 'Tools and hands' },
  { name: 'Torque wrench, insulated tools', price: 140, group: 'Tools and hands' },
  { name: 'Meter, 500 V tester, hired', price: 70, group: 'Tools and hands' },
  { name: 'Hoses, clamps, coolant', price: 60, group: 'Motor and drive' },
  { name: 'Fire extinguisher, smoke alarm', price: 90, group: 'Tools and hands' },
  { name: 'Crane, out and in', price: 320, group: 'Tools and hands' },
  { name: 'Electrician, 6 hours', price: 420, group: 'Tools and hands' },
] as const
