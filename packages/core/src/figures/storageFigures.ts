import { YEAR } from '../constants'
import { CHEMISTRIES, coldFactors, mixReport, packPower } from '../battery'
import { ageingReport, bankGone, usableAt, voltageNeeds, wiringReport, type Evaluation } from '../system'
import { COPPER_DENSITY } from '../wiring'
import {
  ALWAYS,
  count,
  current,
  energy,
  figure,
  length,
  listed,
  of,
  PACK_FIELDS,
  plain,
  power,
  price,
  ratio,
  speed,
  temperature,
  voltage,
  type Figure,
  type Inputs,
} from './figure'

const design = (e: Evaluation) => e.model.project.design
const WEAR = 'Cycles by depth and calendar by temperature, added up: common practice, from memory'
const wear = (e: Evaluation) => ageingReport(e.model.project)
const rough = () => ({ text: 'Plus or minus 40 %: makers’ cells and habits differ.' })
const gone = (e: Evaluation) => bankGone(e.model.project)
const getsHome = (e: Evaluation) => Boolean(gone(e)?.home)
const goneInputs = (e: Evaluation) => ({
  left: count(gone(e)?.left ?? null, 'strings left'),
  of: count(gone(e)?.of ?? null, 'of so many'),
  home: speed(gone(e)?.home?.speed ?? null, 'homeward speed'),
})
const ONE_GONE = {
  source: 'The same chain on what is left, the largest bank gone',
  holds: ALWAYS,
  depends: ['boat.mass', 'use.houseLoad'],
} as const
const volts = (e: Evaluation) => voltageNeeds(e.model, design(e).systemVoltage)
const systemVolts = (e: Evaluation) => voltage(design(e).systemVoltage, 'system')
const runInputs = (e: Evaluation) => ({
  amps: current(volts(e).run?.current ?? null, 'to carry'),
  cruise: current(volts(e).cruiseCurrent, 'at cruise'),
  length: length(design(e).wiring.mainLength, 'one way'),
  area: of('copperArea')((volts(e).run?.area ?? 0) * 1e-6 * (volts(e).run?.parallel ?? 1), 'copper of a pole'),
  perMetre: of('resistance')(volts(e).run?.resistancePerMetre ?? null, 'a metre of one pole'),
  volts: systemVolts(e),
})
const RUN_SOURCE = {
  source: 'Ampacity and drop as on the wiring bench, for the fuse that guards it',
  holds: () => ({ text: 'Stock sizes; several side by side above 95 mm².' }),
  depends: ['design.wiring.mainLength', 'use.headroom'],
  applies: (e: Evaluation) => volts(e).run !== null,
} as const

/** What the pack does at a state of charge, as cold as the coldest that the boat tells, for half a minute. */
const cold = (e: Evaluation, charge: number) =>
  packPower(
    design(e).pack,
    {
      power: e.point.drive.packPower,
      leastVoltage: Math.max(design(e).controller.leastVoltage, design(e).motor.leastVoltage),
      which: 'minutes',
    },
    charge,
    design(e).charging.coldest,
    design(e).banks,
  )
const coldInputs = (charge: number) => (e: Evaluation) => ({
  cells: temperature(design(e).charging.coldest, 'cells'),
  charge: ratio(charge, 'state of charge'),
  rest: voltage(cold(e, charge).rest, 'at rest'),
  resistance: of('resistance')(
    e.model.pack.resistance * coldFactors(design(e).pack.cell.chemistry, design(e).charging.coldest).resistance,
    'resistance, with the cold',
  ),
  most: current(e.model.pack.currentPeak, 'for half a minute'),
  least: voltage(
    Math.max(design(e).controller.leastVoltage, design(e).motor.leastVoltage, e.model.pack.lowVoltage),
    'the lowest that drive and cells stand',
  ),
  asked: power(e.point.drive.packPower, 'asked now'),
})
const COLD = {
  part: 'pack',
  source: 'V = V0 − I R; resistance in the cold is common practice, from memory',
  holds: () => ({ text: 'To about 30 %; for half a minute.' }),
  depends: ['design.charging.coldest'],
} as const
const coldLimit = (charge: number): Figure =>
  figure({
    label: 'Greatest power',
    quantity: 'electricPower',
    inputs: coldInputs(charge),
    // the amps that the first limit leaves: the cells' own, those at the least volts, those at half of the rest volts
    formula: ({ rest, resistance, most, least }) => {
      const amps = Math.min(most, (rest - least) / resistance, rest / (2 * resistance))
      return amps > 0 ? (rest - amps * resistance) * amps : 0
    },
    words: 'power = volts × amps where cells, least volts or resistance end it',
    ...COLD,
  })
const coldSag = (charge: number): Figure =>
  figure({
    label: 'Sags to',
    quantity: 'voltage',
    applies: e => cold(e, charge).loaded !== null,
    inputs: coldInputs(charge),
    formula: ({ rest, resistance, asked }) => {
      const root = rest ** 2 - 4 * resistance * asked
      return root < 0 ? rest : (rest + Math.sqrt(root)) / 2
    },
    words: 'volts = volts at rest − amps × resistance',
    ...COLD,
  })
/** A link of the chain of amps from the cells to the controller. */
const link = <K extends string>(
  label: string,
  inputs: (e: Evaluation) => Inputs<K>,
  formula: (values: Record<K, number>, e: Evaluation) => number,
  words: string,
  source: string,
): Figure =>
  figure({
    label,
    quantity: 'current',
    part: 'pack',
    inputs,
    formula,
    words,
    source,
    holds: ALWAYS,
    depends: ['use.headroom'],
  })

/** Figures of how the pack is kept and wears, and of other system voltages. */
export const STORAGE_FIGURES = {
  packYears: figure({
    label: 'Lasts about',
    quantity: 'years',
    part: 'pack',
    inputs: e => ({
      outings: count(e.model.project.use.outings, 'outings in a year'),
      depth: ratio(wear(e).depth, 'of the energy, each'),
      cycles: count(Math.min(1e6, wear(e).cycles), 'outings to four fifths, by cycles'),
      calendar: of('years')(Math.min(100, wear(e).byCalendar) * YEAR, 'by the calendar'),
      cells: temperature(e.model.project.boat.waterTemperature, 'cells, like the water'),
    }),
    formula: ({ outings, cycles, calendar }) => YEAR / (outings / cycles + YEAR / calendar),
    words: '1 ÷ years = outings ÷ cycles + 1 ÷ calendar life',
    band: (_, value) => ({ low: 0.6 * value, high: 1.4 * value }),
    source: WEAR,
    holds: rough,
    depends: ['use.outings', 'boat.waterTemperature', 'use.houseLoad'],
  }),
  packUsePrice: figure({
    label: 'Each kWh over its life',
    quantity: 'pricePerEnergy',
    part: 'pack',
    applies: e => wear(e).pricePerEnergy !== null,
    inputs: e => ({
      price: price(e.model.pack.price, 'pack with box, links and management'),
      delivered: energy(wear(e).delivered, 'delivered until four fifths are left'),
    }),
    formula: ({ price, delivered }) => price / delivered,
    words: 'price ÷ (outings × years × energy of each)',
    source: WEAR,
    holds: rough,
    depends: ['use.outings'],
  }),
  packDepth: figure({
    label: 'An outing takes',
    quantity: 'ratio',
    part: 'pack',
    inputs: e => ({ needed: energy(e.energy.needed, 'needed'), nominal: energy(e.model.pack.energy, 'nominal') }),
    formula: ({ needed, nominal }) => Math.min(1, needed / nominal),
    words: 'share = energy of the outing ÷ nominal energy',
    source: 'The power curve at cruise',
    holds: ALWAYS,
    depends: ['boat.mass', 'use.houseLoad'],
  }),
  peukertShare: figure({
    label: 'Lead gives, of its print',
    quantity: 'ratio',
    part: 'pack',
    applies: e => CHEMISTRIES[design(e).pack.cell.chemistry].peukert > 1,
    inputs: e => ({
      amps: current(e.point.drive.packCurrent, 'from the pack now'),
      capacity: of('charge')(e.model.pack.capacityAh, 'at the 20-hour rate'),
      k: plain(CHEMISTRIES[design(e).pack.cell.chemistry].peukert, 'k'),
      usable: energy(usableAt(e.model, e.point.drive.packCurrent), 'usable at this current'),
    }),
    // drawn more slowly than in 20 hours it gives no more than is printed
    formula: ({ amps, capacity, k }) => (amps > 0 ? Math.min(1, (capacity / (amps * 20)) ** (k - 1)) : 1),
    words: 'share = (capacity ÷ (amps × 20 h)) to the power of (k − 1)',
    source: 'Peukert 1897; k is common practice',
    holds: () => ({ text: 'Amps drawn in one go; rest gives some of it back.' }),
    depends: PACK_FIELDS,
  }),
  goneSpeed: figure({
    label: 'One bank gone: fastest',
    quantity: 'speed',
    part: 'pack',
    applies: e => {
      const left = gone(e)
      return left !== null && left.fastest.outcome !== 'none'
    },
    inputs: goneInputs,
    formula: (_, e) => {
      const left = gone(e)
      return left && left.fastest.outcome !== 'none' ? left.fastest.speed : 0
    },
    words:
      'the speed at which the first continuous limit is reached on the strings that are left: cells, BMS, fuse, ' +
      'contactor and cable of the banks that drive among them',
    ...ONE_GONE,
  }),
  goneRange: figure({
    label: 'One bank gone: range',
    quantity: 'distance',
    part: 'pack',
    applies: getsHome,
    inputs: e => ({
      ...goneInputs(e),
      time: of('duration')(gone(e)?.home?.timeLeft ?? null, 'time left: usable energy ÷ power'),
      power: power(gone(e)?.home?.drive.packPower ?? null, 'from the pack'),
    }),
    formula: ({ time, home }) => time * home,
    words: 'range = usable energy left ÷ power at the homeward speed × speed',
    ...ONE_GONE,
  }),
  gonePower: figure({
    label: 'One bank gone: power home',
    quantity: 'electricPower',
    part: 'pack',
    applies: getsHome,
    inputs: goneInputs,
    formula: (_, e) => gone(e)?.home?.drive.packPower ?? 0,
    words: 'power from the pack at the homeward speed',
    ...ONE_GONE,
  }),
  mixCurrent: figure({
    label: 'Together they give',
    quantity: 'current',
    part: 'pack',
    applies: e => design(e).banks.others.length > 0,
    inputs: e =>
      listed(
        mixReport(design(e).pack, design(e).banks)
          .groups.filter(g => g.counted)
          .map(g => ratio(g.share, `through ${g.group.cell.name}`)),
      ),
    formula: (_, e) => mixReport(design(e).pack, design(e).banks).current,
    words: 'amps = the first group’s limit ÷ its share',
    source: 'Amps divide by resistance',
    holds: () => ({ text: 'Links of one length and equal charge.' }),
    depends: ['design.banks.health'],
  }),
  coldPowerHalf: coldLimit(0.5),
  coldSagHalf: coldSag(0.5),
  coldPowerLow: coldLimit(0.2),
  coldSagLow: coldSag(0.2),
  coldCapacity: figure({
    label: 'Capacity in the cold',
    quantity: 'ratio',
    inputs: e => ({ cells: temperature(design(e).charging.coldest, 'cells') }),
    formula: ({ cells }, e) => coldFactors(design(e).pack.cell.chemistry, cells).capacity,
    words: 'share of the capacity at 20 °C, from the chemistry’s table',
    ...COLD,
  }),
  cellsAllDay: link(
    'Cells',
    e => ({
      cell: current(design(e).pack.cell.current, 'a cell, continuous'),
      strings: count(design(e).pack.parallel, 'strings'),
    }),
    ({ cell, strings }, e) => (design(e).banks.others.length > 0 ? e.model.pack.current : cell * strings),
    'amps = a cell’s continuous amps × strings',
    'Plate of the cells; strings of several kinds by their resistance',
  ),
  guardAllDay: link(
    'BMS',
    e => ({
      cells: current(e.model.pack.current, 'cells'),
      plate: current(design(e).wiring.bmsCurrent, 'its plate'),
    }),
    (_, e) => wiringReport(e.model).bmsCurrent,
    'its plate, or what the cells give where none is typed',
    'Plate',
  ),
  contactorAllDay: link(
    'Contactor',
    e => ({
      amps: current(
        wiringReport(e.model).bank.current,
        wiringReport(e.model).banks > 1 ? 'of the bank, continuous' : 'continuous',
      ),
    }),
    (_, e) => wiringReport(e.model).contactor.current,
    'the next stock rating above 1.25 × the continuous amps',
    'Stock ratings; the margin is common practice',
  ),
  voltageCruise: figure({
    label: 'Amps at cruise',
    quantity: 'current',
    part: 'pack',
    inputs: e => ({ power: power(e.cruise.drive.packPower, 'from the pack at cruise'), volts: systemVolts(e) }),
    formula: ({ power, volts }) => power / volts,
    words: 'amps = power from the pack at cruise ÷ system volts',
    source: 'I = P ÷ V',
    holds: ALWAYS,
    depends: ['boat.mass', 'use.cruiseSpeed'],
  }),
  voltageTop: figure({
    label: 'Amps at top',
    quantity: 'current',
    part: 'pack',
    inputs: e => ({ power: power(e.top.drive.packPower, 'from the pack at top'), volts: systemVolts(e) }),
    formula: ({ power, volts }) => power / volts,
    words: 'amps = power from the pack at top ÷ system volts',
    source: 'I = P ÷ V',
    holds: ALWAYS,
    depends: ['boat.mass', 'use.topSpeed'],
  }),
  voltageArea: figure({
    label: 'Cable',
    quantity: 'copperArea',
    part: 'pack',
    inputs: runInputs,
    formula: (_, e) => (volts(e).run?.area ?? 0) * 1e-6,
    words: 'the thinnest stock cable that carries its fuse and keeps the volts',
    ...RUN_SOURCE,
  }),
  voltageCopper: figure({
    label: 'Copper',
    quantity: 'partMass',
    part: 'pack',
    inputs: runInputs,
    formula: ({ area, length }) => area * length * 2 * COPPER_DENSITY,
    words: `weight = area × length × 2 × ${COPPER_DENSITY} kg/m³`,
    ...RUN_SOURCE,
  }),
  voltageLoss: figure({
    label: 'Lost in the cable at cruise',
    quantity: 'smallPower',
    part: 'pack',
    inputs: runInputs,
    formula: ({ cruise, length, perMetre }) => cruise ** 2 * 2 * perMetre * length,
    words: 'loss = amps² × resistance of both ways',
    ...RUN_SOURCE,
  }),
}
