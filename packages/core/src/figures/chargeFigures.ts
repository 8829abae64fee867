import { chargeReport, chargeStart, coldestCharge, type Evaluation } from '../system'
import { ALWAYS, current, energy, figure, of, power, ratio, temperature, voltage } from './figure'

const SOURCE = 'Constant current, then constant voltage; taper, losses and cold are common practice'
const FIELDS = ['design.charging.shoreCurrent', 'design.charging.from', 'design.pack.cell.capacityAh'] as const
const project = (e: Evaluation) => e.model.project
const start = (e: Evaluation) => chargeStart(project(e))
const charger = (e: Evaluation) => ratio(project(e).design.charging.charger.efficiency, 'charger efficiency')
const inputs = (e: Evaluation) => {
  const { charging } = project(e).design,
    { current: amps, voltage: volts, limit, shorePower } = start(e)
  const one = limit === 'cells' || limit.startsWith('charger')
  return {
    amps: current(amps, `into the pack at first; ${limit} ${one ? 'limit' : 'limits'}`),
    volts: voltage(volts, 'pack at first'),
    drawn: power(shorePower, 'drawn by the chargers'),
    gives: power(charging.shoreVoltage * charging.shoreCurrent * charging.continuous, 'that it gives for hours'),
    capacity: of('charge')(e.model.pack.capacityAh, 'capacity'),
    from: ratio(charging.from, 'at the start'),
  }
}
const holds = () => ({ text: 'New cells, 20 °C inside. Old ones take longer at the end.' })

/** Figures of charging at the berth. */
export const CHARGE_FIGURES = {
  chargeTime: figure({
    label: 'To the end',
    quantity: 'duration',
    part: 'pack',
    applies: e => chargeReport(project(e)).toEnd !== null,
    inputs,
    formula: (_, e) => chargeReport(project(e)).toEnd ?? 0,
    words: 'time = sum of charge steps ÷ (amps × share that stays)',
    source: SOURCE,
    holds,
    depends: FIELDS,
  }),
  chargeEighty: figure({
    label: 'To 80 %',
    quantity: 'duration',
    part: 'pack',
    applies: e => chargeReport(project(e)).toEighty !== null,
    inputs,
    formula: (_, e) => chargeReport(project(e)).toEighty ?? 0,
    words: 'time = sum of charge steps ÷ (amps × share that stays)',
    source: SOURCE,
    holds,
    depends: FIELDS,
  }),
  chargeBought: figure({
    label: 'Energy bought',
    quantity: 'energy',
    part: 'pack',
    inputs: e => ({
      stored: energy(chargeReport(project(e)).stored, 'stored in the cells'),
      efficiency: charger(e),
    }),
    formula: (_, e) => chargeReport(project(e)).bought,
    words: 'energy = sum of amps × volts × time ÷ charger efficiency',
    source: SOURCE,
    holds,
    depends: FIELDS,
  }),
  chargePower: figure({
    label: 'Into the pack at first',
    quantity: 'electricPower',
    part: 'pack',
    inputs,
    formula: ({ amps, volts }) => amps * volts,
    words: 'power = amps × volts; the amps are the smallest of shore, chargers, cells and cold',
    source: SOURCE,
    holds: ALWAYS,
    depends: FIELDS,
  }),
  chargeAmps: figure({
    label: 'Amps at first',
    quantity: 'current',
    part: 'pack',
    inputs: e => ({ ...inputs(e), cells: temperature(coldestCharge(project(e)).cells, 'cells, at their coldest') }),
    formula: (_, e) => start(e).current,
    words: 'amps = the smallest of shore, chargers, cells and cold',
    source: SOURCE,
    holds: ALWAYS,
    depends: FIELDS,
  }),
  shorePower: figure({
    label: 'Drawn by the chargers',
    quantity: 'electricPower',
    part: 'pack',
    inputs: e => ({
      shore: voltage(project(e).design.charging.shoreVoltage, 'shore'),
      breaker: current(project(e).design.charging.shoreCurrent, 'breaker'),
      share: ratio(project(e).design.charging.continuous, 'of it for hours'),
    }),
    formula: (_, e) => start(e).shorePower,
    words: 'power = into the pack ÷ charger efficiency',
    source: 'P = V I × share for hours',
    holds: ALWAYS,
    depends: FIELDS,
  }),
}
