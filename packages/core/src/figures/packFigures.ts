import { CHEMISTRIES, packFootprint } from '../battery'
import { designMass, designPrice } from '../system'
import { ALWAYS, PACK_FIELDS, type Figure } from './figure'

const ROOM = 'Bare cells side by side; a box wants 20 to 40 mm more each way (common practice)'

/** Figures of the pack. */
export const PACK_FIGURES = {
  packPower: {
    label: 'From the pack',
    quantity: 'electricPower',
    part: 'pack',
    read: ({ point }) => ({ value: point.drive.packPower, low: point.packPowerLow, high: point.packPowerHigh }),
    formula: 'power = pull × speed ÷ everything between + house',
    inputs: e => [
      { value: e.point.drive.effectivePower, quantity: 'electricPower', what: 'at the hull' },
      {
        value: e.point.drive.effectivePower / Math.max(1, e.point.drive.controllerInput),
        quantity: 'ratio',
        what: 'from the pack to the water, house left out',
      },
      { value: e.point.drive.housePower, quantity: 'smallPower', what: 'house, through its converter' },
    ],
    source: 'Sum of the chain',
    holds: () => ({ text: 'Band: methods, weight, growth, and 10 % for wake and propeller.' }),
    depends: PACK_FIELDS,
  },
  packCurrent: {
    label: 'Pack current',
    quantity: 'current',
    part: 'pack',
    read: ({ point }) => ({ value: point.drive.packCurrent }),
    formula: 'I = (V0 − √(V0² − 4 R P)) ÷ 2R',
    inputs: e => [
      { value: e.point.drive.packPower, quantity: 'electricPower', what: 'from the pack, P' },
      {
        value: e.point.drive.packVoltage + e.point.drive.packCurrent * e.model.pack.resistance,
        quantity: 'voltage',
        what: 'at rest and half full, V0',
      },
      { value: e.model.pack.resistance, quantity: 'resistance', what: 'inner resistance, R' },
    ],
    source: 'Power balance of a cell with inner resistance',
    holds: () => ({ text: '20 °C, half full.' }),
    depends: [...PACK_FIELDS, 'design.pack.series'],
  },
  packVoltage: {
    label: 'Pack now',
    quantity: 'voltage',
    part: 'pack',
    read: ({ point }) => ({ value: point.drive.packVoltage }),
    formula: 'V = V0 − I R',
    inputs: e => [
      {
        value: e.point.drive.packVoltage + e.point.drive.packCurrent * e.model.pack.resistance,
        quantity: 'voltage',
        what: 'at rest and half full, V0',
      },
      { value: e.point.drive.packCurrent, quantity: 'current', what: 'I' },
      { value: e.model.pack.resistance, quantity: 'resistance', what: 'R' },
    ],
    source: 'Rest voltages of the chemistry (common practice)',
    holds: () => ({ text: '20 °C, half full.' }),
    depends: ['design.pack.series', 'boat.mass'],
  },
  packLength: {
    label: 'Cells long',
    quantity: 'length',
    part: 'pack',
    read: ({ model: { project } }) => ({ value: packFootprint(project.design.pack).length }),
    formula: 'length = cells in a row × thickness of a cell',
    inputs: ({
      model: {
        project: {
          design: { pack },
        },
      },
    }) => [
      { value: packFootprint(pack).columns, quantity: 'count', what: 'cells in a row' },
      { value: pack.cell.depth, quantity: 'smallLength', what: 'thickness of a cell' },
    ],
    source: ROOM,
    holds: ALWAYS,
    depends: [],
  },
  packWidth: {
    label: 'Cells wide',
    quantity: 'length',
    part: 'pack',
    read: ({ model: { project } }) => ({ value: packFootprint(project.design.pack).width }),
    formula: 'width = rows × strings × width of a cell',
    inputs: ({
      model: {
        project: {
          design: { pack },
        },
      },
    }) => [
      { value: packFootprint(pack).rows, quantity: 'count', what: 'rows of a string' },
      { value: pack.parallel, quantity: 'count', what: 'strings' },
      { value: pack.cell.width, quantity: 'smallLength', what: 'width of a cell' },
    ],
    source: ROOM,
    holds: ALWAYS,
    depends: [],
  },
  packEnergy: {
    label: 'Energy',
    quantity: 'energy',
    part: 'pack',
    read: ({ model }) => ({ value: model.pack.energy }),
    formula: 'energy = cells in series × nominal volts × strings × Ah',
    inputs: e => [
      { value: e.model.pack.cellsInSeries, quantity: 'count', what: 'cells in series' },
      {
        value: CHEMISTRIES[e.model.project.design.pack.cell.chemistry].nominalVoltage,
        quantity: 'cellVoltage',
        what: 'a cell, nominal',
      },
      { value: e.model.project.design.pack.parallel, quantity: 'count', what: 'strings in parallel' },
      { value: e.model.project.design.pack.cell.capacityAh, quantity: 'charge', what: 'capacity' },
    ],
    source: 'E = V Ah',
    holds: ALWAYS,
    depends: ['design.pack.cell.capacityAh'],
  },
  packAvailable: {
    label: 'To use',
    quantity: 'energy',
    part: 'pack',
    read: e => ({ value: e.energy.available }),
    formula: 'to use = energy × usable share × (1 − reserve)',
    inputs: e => [
      { value: e.model.pack.energy, quantity: 'energy', what: 'nominal' },
      {
        value: e.model.pack.usableEnergy / e.model.pack.energy,
        quantity: 'ratio',
        what: 'usable share of the chemistry',
      },
      { value: e.model.project.use.reserve, quantity: 'ratio', what: 'reserve' },
    ],
    source: 'Usable share: common practice',
    holds: ALWAYS,
    depends: ['design.pack.cell.capacityAh', 'use.reserve'],
  },
  packFull: {
    label: 'Full',
    quantity: 'voltage',
    part: 'pack',
    read: ({ model }) => ({ value: model.pack.fullVoltage }),
    formula: 'full = cells in series × volts at the end of charge',
    inputs: e => [
      { value: e.model.pack.cellsInSeries, quantity: 'count', what: 'cells in series' },
      { value: e.model.project.design.pack.chargeVoltage, quantity: 'cellVoltage', what: 'a cell, full' },
    ],
    source: 'Sum of the cells',
    holds: ALWAYS,
    depends: ['design.pack.chargeVoltage'],
  },
  packNominal: {
    label: 'Nominal',
    quantity: 'voltage',
    part: 'pack',
    read: ({ model }) => ({ value: model.pack.nominalVoltage }),
    formula: 'nominal = cells in series × nominal volts',
    inputs: e => [
      { value: e.model.pack.cellsInSeries, quantity: 'count', what: 'cells in series' },
      {
        value: CHEMISTRIES[e.model.project.design.pack.cell.chemistry].nominalVoltage,
        quantity: 'cellVoltage',
        what: 'a cell, nominal',
      },
    ],
    source: 'Sum of the cells',
    holds: ALWAYS,
    depends: [],
  },
  packMass: {
    label: 'Pack weighs',
    quantity: 'partMass',
    part: 'pack',
    read: ({ model }) => ({ value: model.pack.mass }),
    formula: 'weight = cells × a cell × 1.25; ready packs as they are',
    inputs: e => [
      { value: e.model.pack.blocks, quantity: 'count', what: 'cells or blocks' },
      { value: e.model.project.design.pack.cell.mass, quantity: 'partMass', what: 'each' },
    ],
    source: 'Box, links and management add about a quarter (common practice)',
    holds: ALWAYS,
    depends: [],
  },
  packPricePerEnergy: {
    label: 'Price for its size',
    quantity: 'pricePerEnergy',
    part: 'pack',
    read: ({ model }) => ({ value: model.pack.price / model.pack.energy }),
    formula: 'price of the pack ÷ its nominal energy',
    inputs: e => [
      { value: e.model.pack.price, quantity: 'price', what: 'pack with box, links and management' },
      { value: e.model.pack.energy, quantity: 'energy', what: 'nominal' },
    ],
    source: 'Prices of the parts library',
    holds: ALWAYS,
    depends: ['design.pack.cell.capacityAh'],
  },
  designPrice: {
    label: 'Parts cost',
    quantity: 'price',
    part: 'pack',
    read: ({ model }) => ({ value: designPrice(model) }),
    formula: 'price = motor + controller + reduction + cells × 1.3; ready packs as they are',
    inputs: e => [
      { value: e.model.project.design.motor.price, quantity: 'price', what: 'motor' },
      { value: e.model.project.design.controller.price, quantity: 'price', what: 'controller' },
      { value: e.model.pack.price, quantity: 'price', what: 'pack with box, links and management' },
    ],
    source: 'Prices of the parts library',
    holds: () => ({ text: 'Charger, cables, fuses and propeller are not in it.' }),
    depends: [],
  },
  designMass: {
    label: 'Drive weighs',
    quantity: 'partMass',
    part: 'pack',
    read: ({ model }) => ({ value: designMass(model) }),
    formula: 'weight = motor + controller + reduction + pack',
    inputs: e => [
      { value: e.model.project.design.motor.mass, quantity: 'partMass', what: 'motor' },
      { value: e.model.project.design.controller.mass, quantity: 'partMass', what: 'controller' },
      { value: e.model.pack.mass, quantity: 'partMass', what: 'pack' },
      { value: e.model.project.boat.oldEngine.mass, quantity: 'partMass', what: 'comes out, for comparison' },
    ],
    source: 'Parts library',
    holds: ALWAYS,
    depends: [],
  },
} satisfies Record<string, Figure>
