import { CHEMISTRIES, PACK_OVERHEAD, packFootprint } from '../battery'
import { REDUCTION_MASS, REDUCTION_PRICE } from '../drive'
import type { Evaluation } from '../system'
import {
  ALWAYS,
  count,
  current,
  energy,
  figure,
  of,
  PACK_FIELDS,
  partMass,
  power,
  price,
  ratio,
  size,
  smallPower,
  voltage,
} from './figure'

const ROOM = 'Bare cells side by side; a box wants 20 to 40 mm more each way (common practice)'
const NOW = () => ({ text: '20 °C, half full.' })
const cellVoltage = of('cellVoltage')
const pack = ({ model }: Evaluation) => model.project.design.pack
const cells = ({ model }: Evaluation) => count(model.pack.cellsInSeries, 'cells in series')
const nominal = (e: Evaluation) => cellVoltage(CHEMISTRIES[pack(e).cell.chemistry].nominalVoltage, 'a cell, nominal')
const rest = ({ point, model }: Evaluation) =>
  voltage(point.drive.packVoltage + point.drive.packCurrent * model.pack.resistance, 'at rest and half full, V0')
const resistance = (what: string) => (e: Evaluation) => of('resistance')(e.model.pack.resistance, what)
/** the jet is bought with the drive of a jet boat */
const jetOf = ({ model: { project } }: Evaluation) =>
  project.boat.drive.kind === 'jet' ? project.design.jet : { price: 0, mass: 0 }

/** Figures of the pack. */
export const PACK_FIGURES = {
  packPower: figure({
    label: 'From the pack',
    quantity: 'electricPower',
    part: 'pack',
    inputs: e => ({
      controller: power(e.point.drive.controllerInput, 'into the controller: pull × speed ÷ everything between'),
      house: smallPower(e.point.drive.housePower, 'house, through its converter'),
    }),
    formula: ({ controller, house }) => controller + house,
    words: 'power = into the controller + house',
    band: ({ point }) => ({ low: point.packPowerLow, high: point.packPowerHigh }),
    source: 'Sum of the chain',
    holds: () => ({ text: 'Band: methods, weight, growth, and 10 % for wake and propeller.' }),
    depends: PACK_FIELDS,
  }),
  packCurrent: figure({
    label: 'Pack current',
    quantity: 'current',
    part: 'pack',
    inputs: e => ({
      power: power(e.point.drive.packPower, 'from the pack, P'),
      rest: rest(e),
      resistance: resistance('inner resistance, R')(e),
    }),
    formula: ({ power, rest, resistance }) => {
      const root = rest ** 2 - 4 * resistance * power
      // one that is too weak gives its most; else 2 P ÷ (V0 + √…) is the same without the loss of figures at a small R
      return root < 0 ? rest / (2 * resistance) : (2 * power) / (rest + Math.sqrt(root))
    },
    words: 'I = (V0 − √(V0² − 4 R P)) ÷ 2R',
    source: 'Power balance of a cell with inner resistance',
    holds: NOW,
    depends: [...PACK_FIELDS, 'design.pack.series'],
  }),
  packVoltage: figure({
    label: 'Pack now',
    quantity: 'voltage',
    part: 'pack',
    inputs: e => ({ rest: rest(e), amps: current(e.point.drive.packCurrent, 'I'), resistance: resistance('R')(e) }),
    formula: ({ rest, amps, resistance }) => rest - amps * resistance,
    words: 'V = V0 − I R',
    source: 'Rest voltages of the chemistry (common practice)',
    holds: NOW,
    depends: ['design.pack.series', 'boat.mass'],
  }),
  packLength: figure({
    label: 'Cells long',
    quantity: 'length',
    part: 'pack',
    inputs: e => ({
      row: count(packFootprint(pack(e)).columns, 'cells in a row'),
      thick: size(pack(e).cell.depth, 'thickness of a cell'),
    }),
    formula: ({ row, thick }) => row * thick,
    words: 'length = cells in a row × thickness of a cell',
    source: ROOM,
    holds: ALWAYS,
    depends: [],
  }),
  packWidth: figure({
    label: 'Cells wide',
    quantity: 'length',
    part: 'pack',
    inputs: e => ({
      rows: count(packFootprint(pack(e)).rows, 'rows of a string'),
      strings: count(pack(e).parallel, 'strings'),
      width: size(pack(e).cell.width, 'width of a cell'),
    }),
    formula: ({ rows, strings, width }) => rows * strings * width,
    words: 'width = rows × strings × width of a cell',
    source: ROOM,
    holds: ALWAYS,
    depends: [],
  }),
  packEnergy: figure({
    label: 'Energy',
    quantity: 'energy',
    part: 'pack',
    inputs: e => ({
      cells: cells(e),
      nominal: nominal(e),
      capacity: of('charge')(e.model.pack.capacityAh, 'capacity of all strings, as worn'),
    }),
    formula: ({ cells, nominal, capacity }) => cells * nominal * capacity * 3600,
    words: 'energy = cells in series × nominal volts × Ah of all strings',
    source: 'E = V Ah',
    holds: ALWAYS,
    depends: ['design.pack.cell.capacityAh'],
  }),
  packAvailable: figure({
    label: 'To use',
    quantity: 'energy',
    part: 'pack',
    inputs: ({ model, energy: balance }) => ({
      whole: energy(balance.available + balance.reserve, 'usable at this current'),
      reserve: ratio(model.project.use.reserve, 'reserve'),
      nominal: energy(model.pack.energy, 'nominal, to compare'),
    }),
    formula: ({ whole, reserve }) => whole * (1 - reserve),
    words: 'to use = usable energy × (1 − reserve)',
    source: 'Usable share: common practice',
    holds: ALWAYS,
    depends: ['design.pack.cell.capacityAh', 'use.reserve'],
  }),
  packFull: figure({
    label: 'Full',
    quantity: 'voltage',
    part: 'pack',
    inputs: e => ({ cells: cells(e), full: cellVoltage(pack(e).chargeVoltage, 'a cell, full') }),
    formula: ({ cells, full }) => cells * full,
    words: 'full = cells in series × volts at the end of charge',
    source: 'Sum of the cells',
    holds: ALWAYS,
    depends: ['design.pack.chargeVoltage'],
  }),
  packNominal: figure({
    label: 'Nominal',
    quantity: 'voltage',
    part: 'pack',
    inputs: e => ({ cells: cells(e), nominal: nominal(e) }),
    formula: ({ cells, nominal }) => cells * nominal,
    words: 'nominal = cells in series × nominal volts',
    source: 'Sum of the cells',
    holds: ALWAYS,
    depends: [],
  }),
  packMass: figure({
    label: 'Pack weighs',
    quantity: 'partMass',
    part: 'pack',
    inputs: e => ({
      blocks: count(pack(e).series * pack(e).parallel, 'cells or blocks'),
      each: partMass(pack(e).cell.mass, 'each'),
      box: ratio(pack(e).cell.complete ? 0 : PACK_OVERHEAD.mass, 'for box, links and management'),
      others: partMass(
        e.model.project.design.banks.others.reduce(
          (sum, s) => sum + s.series * s.parallel * s.cell.mass * (s.cell.complete ? 1 : 1 + PACK_OVERHEAD.mass),
          0,
        ),
        'strings of other blocks',
      ),
    }),
    formula: ({ blocks, each, box, others }) => blocks * each * (1 + box) + others,
    words: 'weight = cells × a cell × 1.25, and strings of other blocks; ready packs as they are',
    source: 'Box, links and management add about a quarter (common practice)',
    holds: ALWAYS,
    depends: [],
  }),
  packPricePerEnergy: figure({
    label: 'Price for its size',
    quantity: 'pricePerEnergy',
    part: 'pack',
    inputs: ({ model: { pack } }) => ({
      price: price(pack.price, 'pack with box, links and management'),
      energy: energy(pack.energy, 'nominal'),
    }),
    formula: ({ price, energy }) => price / energy,
    words: 'price of the pack ÷ its nominal energy',
    source: 'Prices of the parts library',
    holds: ALWAYS,
    depends: ['design.pack.cell.capacityAh'],
  }),
  designPrice: figure({
    label: 'Parts cost',
    quantity: 'price',
    part: 'pack',
    inputs: e => ({
      motor: price(e.model.project.design.motor.price, 'motor'),
      controller: price(e.model.project.design.controller.price, 'controller'),
      reduction: price(REDUCTION_PRICE[e.model.project.design.reduction.kind], 'reduction'),
      pack: price(e.model.pack.price, 'pack with box, links and management'),
      jet: price(jetOf(e).price, 'jet'),
    }),
    formula: ({ motor, controller, reduction, pack, jet }) => motor + controller + reduction + pack + jet,
    words: 'price = motor + controller + reduction + pack (+ jet)',
    source: 'Prices of the parts library',
    holds: () => ({ text: 'Charger, cables, fuses and propeller are not in it.' }),
    depends: [],
  }),
  designMass: figure({
    label: 'Drive weighs',
    quantity: 'partMass',
    part: 'pack',
    inputs: e => ({
      motor: partMass(e.model.project.design.motor.mass, 'motor'),
      controller: partMass(e.model.project.design.controller.mass, 'controller'),
      reduction: partMass(REDUCTION_MASS[e.model.project.design.reduction.kind], 'reduction'),
      pack: partMass(e.model.pack.mass, 'pack'),
      jet: partMass(jetOf(e).mass, 'jet'),
      out: partMass(e.model.project.boat.oldEngine.mass, 'comes out, for comparison'),
    }),
    formula: ({ motor, controller, reduction, pack, jet }) => motor + controller + reduction + pack + jet,
    words: 'weight = motor + controller + reduction + pack (+ jet)',
    source: 'Parts library',
    holds: ALWAYS,
    depends: [],
  }),
}
