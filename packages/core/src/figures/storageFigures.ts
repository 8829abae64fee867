import { CHEMISTRIES, coldFactors, mixReport, packPower, peukertShare } from '../battery'
import type { Evaluation } from '../system'
import { ageingReport, bankGone, usableAt, voltageNeeds, wiringReport } from '../system'
import { ALWAYS, PACK_FIELDS, type Figure, type WorkingInput } from './figure'

const design = (e: Evaluation) => e.model.project.design
const YEAR = 365.25 * 86_400
const WEAR = 'Cycles by depth and calendar by temperature, added up: common practice, from memory'
const wear = (e: Evaluation) => ageingReport(e.model.project)
const wearInputs = (e: Evaluation): WorkingInput[] => [
  { value: e.model.project.use.outings, quantity: 'count', what: 'outings in a year' },
  { value: wear(e).depth, quantity: 'ratio', what: 'of the energy, each' },
  { value: Math.min(1e6, wear(e).cycles), quantity: 'count', what: 'outings to four fifths, by cycles' },
  { value: Math.min(100, wear(e).byCalendar) * YEAR, quantity: 'years', what: 'by the calendar' },
  { value: e.model.project.boat.waterTemperature, quantity: 'temperature', what: 'cells, like the water' },
]
const rough = () => ({ text: 'Plus or minus 40 %: makers’ cells and habits differ.' })
const gone = (e: Evaluation) => bankGone(e.model.project)
const hasBanks = (e: Evaluation) => gone(e) !== null
const goneInputs = (e: Evaluation): WorkingInput[] => [
  { value: gone(e)?.left ?? null, quantity: 'count', what: 'strings left' },
  { value: gone(e)?.of ?? null, quantity: 'count', what: 'of so many' },
]
const ONE_GONE = {
  source: 'The same chain on what is left, the largest bank gone',
  holds: ALWAYS,
  depends: ['boat.mass', 'use.houseLoad'],
} as const
const volts = (e: Evaluation) => voltageNeeds(e.model, design(e).systemVoltage)
const voltInputs =
  (what: string, of: (e: Evaluation) => number) =>
  (e: Evaluation): WorkingInput[] => [
    { value: of(e), quantity: 'electricPower', what },
    { value: design(e).systemVoltage, quantity: 'voltage', what: 'system' },
  ]
const runInputs = (e: Evaluation): WorkingInput[] => [
  {
    value: Math.max(volts(e).cruiseCurrent / (1 - e.model.project.use.headroom), volts(e).topCurrent),
    quantity: 'current',
    what: 'to carry',
  },
  { value: design(e).wiring.mainLength, quantity: 'length', what: 'one way' },
  { value: design(e).systemVoltage, quantity: 'voltage', what: 'system' },
]
const RUN_SOURCE = {
  source: 'Ampacity and drop as on the wiring bench, for the fuse that guards it',
  holds: () => ({ text: 'Stock sizes; several side by side above 95 mm².' }),
  depends: ['design.wiring.mainLength', 'use.headroom'],
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
const coldInputs =
  (charge: number) =>
  (e: Evaluation): WorkingInput[] => [
    { value: design(e).charging.coldest, quantity: 'temperature', what: 'cells' },
    { value: charge, quantity: 'ratio', what: 'state of charge' },
    { value: cold(e, charge).rest, quantity: 'voltage', what: 'at rest' },
    {
      value:
        e.model.pack.resistance * coldFactors(design(e).pack.cell.chemistry, design(e).charging.coldest).resistance,
      quantity: 'resistance',
      what: 'resistance, with the cold',
    },
    { value: e.model.pack.currentPeak, quantity: 'current', what: 'for half a minute' },
    { value: e.point.drive.packPower, quantity: 'electricPower', what: 'asked now' },
  ]
const COLD = {
  part: 'pack',
  source: 'V = V0 − I R; resistance in the cold is common practice, from memory',
  holds: () => ({ text: 'To about 30 %; for half a minute.' }),
  depends: ['design.charging.coldest'],
} as const
const coldLimit = (charge: number): Figure => ({
  label: 'Greatest power',
  quantity: 'electricPower',
  read: e => ({ value: cold(e, charge).power }),
  formula: 'power = volts × amps where cells, least volts or resistance end it',
  inputs: coldInputs(charge),
  ...COLD,
})
const coldSag = (charge: number): Figure => ({
  label: 'Sags to',
  quantity: 'voltage',
  applies: e => cold(e, charge).loaded !== null,
  read: e => ({ value: cold(e, charge).loaded ?? cold(e, charge).rest }),
  formula: 'volts = volts at rest − amps × resistance',
  inputs: coldInputs(charge),
  ...COLD,
})
const link = (
  label: string,
  read: (e: Evaluation) => number,
  formula: string,
  inputs: Figure['inputs'],
  source: string,
): Figure => ({
  label,
  quantity: 'current',
  part: 'pack',
  read: e => ({ value: read(e) }),
  formula,
  inputs,
  source,
  holds: ALWAYS,
  depends: ['use.headroom'],
})

/** Figures of how the pack is kept and wears, and of other system voltages. */
export const STORAGE_FIGURES = {
  packYears: {
    label: 'Lasts about',
    quantity: 'years',
    part: 'pack',
    read: e => ({ value: wear(e).years * YEAR, low: 0.6 * wear(e).years * YEAR, high: 1.4 * wear(e).years * YEAR }),
    formula: '1 ÷ years = outings ÷ cycles + 1 ÷ calendar life',
    inputs: wearInputs,
    source: WEAR,
    holds: rough,
    depends: ['use.outings', 'boat.waterTemperature', 'use.houseLoad'],
  },
  packUsePrice: {
    label: 'Each kWh over its life',
    quantity: 'pricePerEnergy',
    part: 'pack',
    applies: e => Number.isFinite(wear(e).pricePerEnergy),
    read: e => ({ value: wear(e).pricePerEnergy }),
    formula: 'price ÷ (outings × years × energy of each)',
    inputs: e => [
      { value: e.model.pack.price, quantity: 'price', what: 'pack with box, links and management' },
      { value: wear(e).delivered, quantity: 'energy', what: 'delivered until four fifths are left' },
    ],
    source: WEAR,
    holds: rough,
    depends: ['use.outings'],
  },
  packDepth: {
    label: 'An outing takes',
    quantity: 'ratio',
    part: 'pack',
    read: e => ({ value: wear(e).depth }),
    formula: 'share = energy of the outing ÷ nominal energy',
    inputs: e => [
      { value: e.energy.needed, quantity: 'energy', what: 'needed' },
      { value: e.model.pack.energy, quantity: 'energy', what: 'nominal' },
    ],
    source: 'The power curve at cruise',
    holds: ALWAYS,
    depends: ['boat.mass', 'use.houseLoad'],
  },
  peukertShare: {
    label: 'Lead gives, of its print',
    quantity: 'ratio',
    part: 'pack',
    applies: e => CHEMISTRIES[design(e).pack.cell.chemistry].peukert > 1,
    read: e => ({
      value:
        e.point.drive.packCurrent > 0
          ? peukertShare(
              CHEMISTRIES[design(e).pack.cell.chemistry].peukert,
              e.point.drive.packCurrent / e.model.pack.capacityAh,
            )
          : 1,
    }),
    formula: 'share = (capacity ÷ (amps × 20 h)) to the power of (k − 1)',
    inputs: e => [
      { value: e.point.drive.packCurrent, quantity: 'current', what: 'from the pack now' },
      { value: e.model.pack.capacityAh, quantity: 'charge', what: 'at the 20-hour rate' },
      { value: CHEMISTRIES[design(e).pack.cell.chemistry].peukert, quantity: 'plain', what: 'k' },
      { value: usableAt(e.model, e.point.drive.packCurrent), quantity: 'energy', what: 'usable at this current' },
    ],
    source: 'Peukert 1897; k is common practice',
    holds: () => ({ text: 'Amps drawn in one go; rest gives some of it back.' }),
    depends: PACK_FIELDS,
  },
  goneSpeed: {
    label: 'One bank gone: fastest',
    quantity: 'speed',
    part: 'pack',
    applies: e => {
      const g = gone(e)
      return g !== null && g.fastest.outcome !== 'none'
    },
    read: e => {
      const g = gone(e)
      return { value: g && g.fastest.outcome !== 'none' ? g.fastest.speed : 0 }
    },
    formula: 'the speed at which the first all-day limit is reached on the strings that are left',
    inputs: goneInputs,
    ...ONE_GONE,
  },
  goneRange: {
    label: 'One bank gone: range',
    quantity: 'distance',
    part: 'pack',
    applies: hasBanks,
    read: e => ({ value: gone(e)?.home.distanceLeft ?? 0 }),
    formula: 'range = usable energy left ÷ power at the homeward speed × speed',
    inputs: e => [
      ...goneInputs(e),
      { value: gone(e)?.home.speed ?? null, quantity: 'speed', what: 'homeward speed' },
      { value: gone(e)?.home.drive.packPower ?? null, quantity: 'electricPower', what: 'from the pack' },
    ],
    ...ONE_GONE,
  },
  gonePower: {
    label: 'One bank gone: power home',
    quantity: 'electricPower',
    part: 'pack',
    applies: hasBanks,
    read: e => ({ value: gone(e)?.home.drive.packPower ?? 0 }),
    formula: 'power from the pack at the homeward speed',
    inputs: e => [...goneInputs(e), { value: gone(e)?.home.speed ?? null, quantity: 'speed', what: 'homeward speed' }],
    ...ONE_GONE,
  },
  mixCurrent: {
    label: 'Together they give',
    quantity: 'current',
    part: 'pack',
    applies: e => design(e).banks.others.length > 0,
    read: e => ({ value: mixReport(design(e).pack, design(e).banks).current }),
    formula: 'amps = the first group’s limit ÷ its share',
    inputs: e =>
      mixReport(design(e).pack, design(e).banks)
        .groups.filter(g => g.counted)
        .map(g => ({ value: g.share, quantity: 'ratio', what: `through ${g.group.cell.name}` })),
    source: 'Amps divide by resistance',
    holds: () => ({ text: 'Links of one length and equal charge.' }),
    depends: ['design.banks.health'],
  },
  coldPowerHalf: coldLimit(0.5),
  coldSagHalf: coldSag(0.5),
  coldPowerLow: coldLimit(0.2),
  coldSagLow: coldSag(0.2),
  coldCapacity: {
    label: 'Capacity in the cold',
    quantity: 'ratio',
    ...COLD,
    read: e => ({ value: coldFactors(design(e).pack.cell.chemistry, design(e).charging.coldest).capacity }),
    formula: 'share of the capacity at 20 °C, from the chemistry’s table',
    inputs: e => [{ value: design(e).charging.coldest, quantity: 'temperature', what: 'cells' }],
  },
  cellsAllDay: link(
    'Cells',
    e => e.model.pack.current,
    'amps = a cell’s all-day amps × strings',
    e => [
      { value: design(e).pack.cell.current, quantity: 'current', what: 'a cell, all day' },
      { value: design(e).pack.parallel, quantity: 'count', what: 'strings' },
    ],
    'Plate of the cells; strings of several kinds by their resistance',
  ),
  guardAllDay: link(
    'Battery guard',
    e => wiringReport(e.model).bmsCurrent,
    'its plate, or what the cells give where none is typed',
    e => [{ value: e.model.pack.current, quantity: 'current', what: 'cells' }],
    'Plate',
  ),
  contactorAllDay: link(
    'Contactor',
    e => wiringReport(e.model).contactor.current,
    'the next stock rating above 1.25 × the amps all day',
    e => [{ value: wiringReport(e.model).current, quantity: 'current', what: 'all day' }],
    'Stock ratings; the margin is common practice',
  ),
  voltageCruise: {
    label: 'Amps at cruise',
    quantity: 'current',
    part: 'pack',
    read: e => ({ value: volts(e).cruiseCurrent }),
    formula: 'amps = power from the pack at cruise ÷ system volts',
    inputs: voltInputs('from the pack at cruise', e => volts(e).cruiseCurrent * design(e).systemVoltage),
    source: 'I = P ÷ V',
    holds: ALWAYS,
    depends: ['boat.mass', 'use.cruiseSpeed'],
  },
  voltageTop: {
    label: 'Amps at top',
    quantity: 'current',
    part: 'pack',
    read: e => ({ value: volts(e).topCurrent }),
    formula: 'amps = power from the pack at top ÷ system volts',
    inputs: voltInputs('from the pack at top', e => volts(e).topCurrent * design(e).systemVoltage),
    source: 'I = P ÷ V',
    holds: ALWAYS,
    depends: ['boat.mass', 'use.topSpeed'],
  },
  voltageArea: {
    label: 'Cable',
    quantity: 'copperArea',
    part: 'pack',
    applies: e => volts(e).run !== null,
    read: e => ({ value: (volts(e).run?.area ?? 0) * 1e-6 }),
    formula: 'the thinnest stock cable that carries its fuse and keeps the volts',
    inputs: runInputs,
    ...RUN_SOURCE,
  },
  voltageCopper: {
    label: 'Copper',
    quantity: 'partMass',
    part: 'pack',
    applies: e => volts(e).run !== null,
    read: e => ({ value: volts(e).run?.copper ?? 0 }),
    formula: 'weight = area × length × 2 × 8890 kg/m³',
    inputs: runInputs,
    ...RUN_SOURCE,
  },
  voltageLoss: {
    label: 'Lost in the cable at cruise',
    quantity: 'smallPower',
    part: 'pack',
    applies: e => volts(e).run !== null,
    read: e => ({ value: volts(e).loss }),
    formula: 'loss = amps² × resistance of both ways',
    inputs: runInputs,
    ...RUN_SOURCE,
  },
} satisfies Record<string, Figure>
