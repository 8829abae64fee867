import type { UnitId } from './unitTable'

/** A kind of quantity: what a field or figure is about, and the units that suit it (first: metric, nautical). */
export interface Quantity {
  /** as in "this field wants a …" */
  name: string
  units: readonly [UnitId, ...UnitId[]]
  /** the unit that the US profile shows */
  us: UnitId
  /** an example that a message can offer */
  example: string
}

/** Every kind of quantity that Remigo shows or reads. SI inside; the units here are for the edge only. */
export const QUANTITIES = {
  length: { name: 'length', units: ['m', 'ft', 'cm', 'mm', 'in'], us: 'ft', example: '7.75 m or 25 ft 5 in' },
  smallLength: { name: 'length', units: ['mm', 'in', 'cm', 'm', 'ft'], us: 'in', example: '356 mm or 14 in' },
  distance: { name: 'distance', units: ['nm', 'km', 'mi'], us: 'mi', example: '18 nm or 33 km' },
  speed: { name: 'speed', units: ['kn', 'kmh', 'mph', 'ms'], us: 'mph', example: '4.5 kn or 8 km/h' },
  flowSpeed: { name: 'speed of water or blade', units: ['ms', 'fps'], us: 'fps', example: '35 m/s' },
  mass: { name: 'weight', units: ['t', 'kg', 'lb'], us: 'lb', example: '4.6 t or 10100 lb' },
  partMass: { name: 'weight', units: ['kg', 'lb', 't'], us: 'lb', example: '38 kg or 84 lb' },
  power: { name: 'power', units: ['kW', 'hp', 'PS', 'W'], us: 'hp', example: '6 kW or 8 hp' },
  electricPower: { name: 'power', units: ['kW', 'W', 'hp'], us: 'kW', example: '2.4 kW or 2400 W' },
  smallPower: { name: 'power', units: ['W', 'kW'], us: 'W', example: '150 W' },
  force: { name: 'force', units: ['N', 'kN', 'kgf', 'lbf'], us: 'lbf', example: '430 N' },
  torque: { name: 'torque', units: ['Nm', 'lbft'], us: 'lbft', example: '47.5 N·m' },
  rotation: { name: 'shaft speed', units: ['rpm'], us: 'rpm', example: '930 rpm' },
  torquePerAmp: { name: 'torque for each amp', units: ['NmPerA'], us: 'NmPerA', example: '0.28 N·m/A' },
  gap: { name: 'length', units: ['fineMm', 'thou'], us: 'thou', example: '0.1 mm' },
  voltage: { name: 'voltage', units: ['V'], us: 'V', example: '51.2 V' },
  current: { name: 'current', units: ['A', 'kA'], us: 'A', example: '120 A' },
  charge: { name: 'capacity', units: ['Ah'], us: 'Ah', example: '280 Ah' },
  resistance: { name: 'resistance', units: ['mohm', 'ohm'], us: 'mohm', example: '0.4 mohm' },
  thermalResistance: { name: 'rise for heat', units: ['KPerW'], us: 'KPerW', example: '0.3 K/W' },
  bigResistance: { name: 'resistance', units: ['wholeOhm'], us: 'wholeOhm', example: '60 ohm' },
  insulation: { name: 'insulation', units: ['megohm', 'kohm'], us: 'megohm', example: '0.5 megohm or 25 kohm' },
  capacitance: { name: 'capacitance', units: ['mF', 'uF'], us: 'mF', example: '5 mF' },
  energy: { name: 'energy', units: ['kWh', 'Wh'], us: 'kWh', example: '14 kWh' },
  jouleEnergy: { name: 'energy', units: ['J'], us: 'J', example: '9 J' },
  energyPerDistance: {
    name: 'energy for a distance',
    units: ['WhPerNm', 'WhPerKm', 'WhPerMi'],
    us: 'WhPerMi',
    example: '500 Wh/nm',
  },
  duration: { name: 'time', units: ['h', 'min', 's', 'day'], us: 'h', example: '4 h or 3 h 30 min' },
  runningTime: { name: 'running time', units: ['h', 'min'], us: 'h', example: '150 h' },
  shortTime: { name: 'time', units: ['min', 's', 'h', 'day'], us: 'min', example: '20 min or 90 s' },
  seconds: { name: 'time', units: ['s', 'min', 'h'], us: 's', example: '1.5 s' },
  angle: { name: 'angle', units: ['deg'], us: 'deg', example: '15°' },
  coordinate: { name: 'latitude or longitude', units: ['deg', 'arcmin'], us: 'deg', example: '50.5° or 50° 30′ N' },
  fuelRate: {
    name: 'fuel burnt in an hour',
    units: ['litrePerHour', 'galPerHour'],
    us: 'galPerHour',
    example: '2.5 l/h',
  },
  fuelVolume: { name: 'volume of fuel', units: ['litre', 'gal'], us: 'gal', example: '12 l' },
  fuelPerEnergy: {
    name: 'fuel for energy',
    units: ['litrePerKWh', 'galPerKWh'],
    us: 'galPerKWh',
    example: '0.4 l/kWh',
  },
  sunlight: { name: 'sunlight in a day', units: ['sunHours'], us: 'sunHours', example: '3.5 kWh/m²' },
  lightPower: { name: 'sunlight', units: ['wattPerM2'], us: 'wattPerM2', example: '800 W/m²' },
  perKelvin: { name: 'share for each kelvin', units: ['percentPerK'], us: 'percentPerK', example: '0.30 %/K' },
  years: { name: 'time in years', units: ['year'], us: 'year', example: '12 years' },
  flow: { name: 'flow', units: ['lmin', 'galmin'], us: 'galmin', example: '4 l/min' },
  ratio: { name: 'share', units: ['percent'], us: 'percent', example: '20 %' },
  cellVoltage: { name: 'voltage', units: ['cellV'], us: 'cellV', example: '3.45 V' },
  count: { name: 'whole number', units: ['count'], us: 'count', example: '16' },
  plain: { name: 'number', units: ['one'], us: 'one', example: '2.5' },
  area: { name: 'area', units: ['m2', 'ft2'], us: 'ft2', example: '12 m²' },
  copperArea: { name: 'cross-section', units: ['mm2', 'gauge'], us: 'gauge', example: '35 mm² or 2 AWG' },
  volume: { name: 'volume', units: ['m3', 'ft3'], us: 'ft3', example: '2.4 m³' },
  temperature: { name: 'temperature', units: ['degC', 'degF'], us: 'degF', example: '15 °C or 59 °F' },
  speedPerVolt: { name: 'speed per volt', units: ['rpmPerVolt'], us: 'rpmPerVolt', example: '45 rpm/V' },
  pricePerFuel: {
    name: 'price of fuel',
    units: ['euroPerLitre', 'euroPerGal'],
    us: 'euroPerGal',
    example: '1.80 €/l',
  },
  pricePerEnergy: { name: 'price for energy', units: ['euroPerKWh'], us: 'euroPerKWh', example: '180 €/kWh' },
  smallPrice: { name: 'price', units: ['euroAndCents'], us: 'euroAndCents', example: '1.20' },
  price: { name: 'price', units: ['euro'], us: 'euro', example: '1200' },
} as const satisfies Record<string, Quantity>

/** The short name of a kind of quantity. */
export type QuantityId = keyof typeof QUANTITIES
