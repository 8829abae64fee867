import { chargeReport, chargeStart, type Evaluation } from '../system'
import { ALWAYS, type Figure, type WorkingInput } from './figure'

const SOURCE = 'Constant current, then constant voltage; taper, losses and cold are common practice'
const FIELDS = ['design.charging.shoreCurrent', 'design.charging.from', 'design.pack.cell.capacityAh'] as const
const project = (e: Evaluation) => e.model.project
const inputs = (e: Evaluation): WorkingInput[] => {
  const { charging } = project(e).design,
    start = chargeStart(project(e))
  return [
    {
      value: start.current,
      quantity: 'current',
      what:
        `into the pack at first; ${start.limit} ` +
        `${start.limit === 'cells' || start.limit.startsWith('charger') ? 'limit' : 'limits'}`,
    },
    { value: start.shorePower, quantity: 'electricPower', what: 'drawn by the chargers' },
    {
      value: charging.shoreVoltage * charging.shoreCurrent * charging.continuous,
      quantity: 'electricPower',
      what: 'that it gives for hours',
    },
    { value: e.model.pack.capacityAh, quantity: 'charge', what: 'capacity' },
    { value: charging.from, quantity: 'ratio', what: 'at the start' },
  ]
}
const holds = () => ({ text: 'New cells, 20 °C inside. Old ones take longer at the end.' })

/** Figures of charging at the berth. */
export const CHARGE_FIGURES = {
  chargeTime: {
    label: 'To the end',
    quantity: 'duration',
    part: 'pack',
    applies: e => chargeReport(project(e)).toEnd !== null,
    read: e => ({ value: chargeReport(project(e)).toEnd ?? 0 }),
    formula: 'time = sum of charge steps ÷ (amps × share that stays)',
    inputs,
    source: SOURCE,
    holds,
    depends: FIELDS,
  },
  chargeEighty: {
    label: 'To 80 %',
    quantity: 'duration',
    part: 'pack',
    applies: e => chargeReport(project(e)).toEighty !== null,
    read: e => ({ value: chargeReport(project(e)).toEighty ?? 0 }),
    formula: 'time = sum of charge steps ÷ (amps × share that stays)',
    inputs,
    source: SOURCE,
    holds,
    depends: FIELDS,
  },
  chargeBought: {
    label: 'Energy bought',
    quantity: 'energy',
    part: 'pack',
    read: e => ({ value: chargeReport(project(e)).bought }),
    formula: 'energy = sum of amps × volts × time ÷ charger efficiency',
    inputs: e => [
      { value: chargeReport(project(e)).stored, quantity: 'energy', what: 'stored in the cells' },
      { value: project(e).design.charging.charger.efficiency, quantity: 'ratio', what: 'charger efficiency' },
    ],
    source: SOURCE,
    holds,
    depends: FIELDS,
  },
  chargePower: {
    label: 'Into the pack at first',
    quantity: 'electricPower',
    part: 'pack',
    read: e => {
      const s = chargeStart(project(e))
      return { value: s.current * s.voltage }
    },
    formula: 'power = the smallest of shore, chargers, cells and cold',
    inputs,
    source: SOURCE,
    holds: ALWAYS,
    depends: FIELDS,
  },
  chargeAmps: {
    label: 'Amps at first',
    quantity: 'current',
    part: 'pack',
    read: e => ({ value: chargeStart(project(e)).current }),
    formula: 'amps = the smallest of shore, chargers, cells and cold',
    inputs: e => [...inputs(e), { value: project(e).design.charging.coldest, quantity: 'temperature', what: 'cells' }],
    source: SOURCE,
    holds: ALWAYS,
    depends: FIELDS,
  },
  shorePower: {
    label: 'Drawn by the chargers',
    quantity: 'electricPower',
    part: 'pack',
    read: e => ({ value: chargeStart(project(e)).shorePower }),
    formula: 'power = into the pack ÷ charger efficiency',
    inputs: e => [
      { value: project(e).design.charging.shoreVoltage, quantity: 'voltage', what: 'shore' },
      { value: project(e).design.charging.shoreCurrent, quantity: 'current', what: 'breaker' },
      { value: project(e).design.charging.continuous, quantity: 'ratio', what: 'of it for hours' },
    ],
    source: 'P = V I × share for hours',
    holds: ALWAYS,
    depends: FIELDS,
  },
} satisfies Record<string, Figure>
