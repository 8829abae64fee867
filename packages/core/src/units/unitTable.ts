import { FOOT, GRAVITY, POUND } from '../constants'
/** One unit: how it is written, and its size in SI (times `scale`, after `offset`). */
export interface Unit {
  /** as shown beside a figure */
  symbol: string
  /** as owners type it, lower case; the symbol is always understood too */
  aliases: readonly string[]
  /** SI units in one of this unit */
  scale: number
  /** added to the SI value's zero: SI = offset + scale × value (temperature only) */
  offset?: number
  /** most decimals ever shown */
  decimals: number
  /** decimals of numbers below a tenth, where the usual ones would leave a single figure */
  smallDecimals?: number
  /** sizes that are sold, 25 or 1.5, and times: written without a zero at the end */
  nominal?: boolean
  /** from this number on no decimals: 81 min, not 81.2 */
  wholeFrom?: number
}

/** Exact by definition: foot and pound (1959), nautical mile (1929), standard gravity (1901); hp is 550 ft·lbf/s. */
const FT = FOOT,
  LB = POUND,
  NMI = 1852,
  MILE = 1609.344,
  HOUR = 3600,
  G0 = GRAVITY

/** Every unit that a field understands. The tests hold the sizes against a general unit package. */
export const UNITS = {
  m: { symbol: 'm', aliases: ['metre', 'metres', 'meter', 'meters', 'mtr'], scale: 1, decimals: 2 },
  cm: { symbol: 'cm', aliases: ['centimetre', 'centimetres', 'centimeter', 'centimeters'], scale: 0.01, decimals: 1 },
  mm: { symbol: 'mm', aliases: ['millimetre', 'millimetres', 'millimeter', 'millimeters'], scale: 0.001, decimals: 0 },
  ft: { symbol: 'ft', aliases: ["'", '′', '’', 'foot', 'feet'], scale: FT, decimals: 1 },
  in: { symbol: 'in', aliases: ['"', '″', '”', 'inch', 'inches'], scale: FT / 12, decimals: 1 },
  nm: {
    symbol: 'NM',
    aliases: ['nmi', 'nautical mile', 'nautical miles', 'sea mile', 'sea miles', 'sea mi', 'sm'],
    scale: NMI,
    decimals: 1,
  },
  km: { symbol: 'km', aliases: ['kilometre', 'kilometres', 'kilometer', 'kilometers'], scale: 1000, decimals: 1 },
  mi: { symbol: 'mi', aliases: ['mile', 'miles', 'statute mile', 'statute miles'], scale: MILE, decimals: 1 },
  kn: { symbol: 'kn', aliases: ['kt', 'kts', 'knot', 'knots'], scale: NMI / HOUR, decimals: 1 },
  kmh: { symbol: 'km/h', aliases: ['kmh', 'kph', 'kmph'], scale: 1000 / HOUR, decimals: 1 },
  mph: { symbol: 'mph', aliases: ['mi/h'], scale: MILE / HOUR, decimals: 1 },
  ms: { symbol: 'm/s', aliases: ['mps'], scale: 1, decimals: 2 },
  fps: { symbol: 'ft/s', aliases: ['fps', 'ft/sec'], scale: FT, decimals: 0 },
  t: { symbol: 't', aliases: ['tonne', 'tonnes', 'metric ton', 'metric tons'], scale: 1000, decimals: 2 },
  kg: { symbol: 'kg', aliases: ['kilo', 'kilos', 'kgs', 'kilogram', 'kilograms'], scale: 1, decimals: 1 },
  lb: { symbol: 'lb', aliases: ['lbs', 'pound', 'pounds'], scale: LB, decimals: 0 },
  kW: { symbol: 'kW', aliases: ['kilowatt', 'kilowatts'], scale: 1000, decimals: 2, smallDecimals: 3 },
  W: { symbol: 'W', aliases: ['watt', 'watts'], scale: 1, decimals: 0 },
  hp: { symbol: 'hp', aliases: ['bhp', 'shp', 'horsepower'], scale: 550 * FT * LB * G0, decimals: 2 },
  PS: { symbol: 'PS', aliases: ['cv', 'ch', 'pk', 'metric hp'], scale: 75 * G0, decimals: 2 },
  N: { symbol: 'N', aliases: ['newton', 'newtons'], scale: 1, decimals: 0 },
  kN: { symbol: 'kN', aliases: ['kilonewton', 'kilonewtons'], scale: 1000, decimals: 2 },
  kgf: { symbol: 'kgf', aliases: ['kilogram-force', 'kp'], scale: G0, decimals: 1 },
  lbf: { symbol: 'lbf', aliases: [], scale: LB * G0, decimals: 0 },
  Nm: { symbol: 'N·m', aliases: ['nm', 'newton metre', 'newton metres', 'n m'], scale: 1, decimals: 1 },
  NmPerA: { symbol: 'N·m/A', aliases: ['nm/a'], scale: 1, decimals: 3 },
  fineMm: { symbol: 'mm', aliases: [], scale: 0.001, decimals: 2 },
  thou: { symbol: 'thou', aliases: ['mil', 'mils'], scale: 0.0254e-3, decimals: 0 },
  lbft: {
    symbol: 'lbf·ft',
    aliases: ['lbft', 'ft lb', 'ftlb', 'ft·lb', 'lb ft', 'ft-lb'],
    scale: LB * G0 * FT,
    decimals: 1,
  },
  rpm: { symbol: 'rpm', aliases: ['1/min', 'rev/min', 'r/min'], scale: 1 / 60, decimals: 0 },
  V: { symbol: 'V', aliases: ['volt', 'volts'], scale: 1, decimals: 1 },
  kA: { symbol: 'kA', aliases: ['kiloamp', 'kiloamps'], scale: 1000, decimals: 1 },
  A: { symbol: 'A', aliases: ['amp', 'amps', 'ampere', 'amperes'], scale: 1, decimals: 1 },
  Ah: { symbol: 'Ah', aliases: ['amp hour', 'amp hours'], scale: 1, decimals: 0 },
  mohm: { symbol: 'mohm', aliases: ['mω', 'milliohm', 'milliohms'], scale: 0.001, decimals: 2 },
  ohm: { symbol: 'ohm', aliases: ['ω', 'ohms'], scale: 1, decimals: 4 },
  wholeOhm: { symbol: 'ohm', aliases: ['ω', 'ohms'], scale: 1, decimals: 1 },
  megohm: { symbol: 'megohm', aliases: ['megohms', 'megaohm', 'meg'], scale: 1e6, decimals: 2 },
  kohm: { symbol: 'kohm', aliases: ['kω', 'kiloohm', 'kilohm'], scale: 1000, decimals: 1 },
  mF: { symbol: 'mF', aliases: ['millifarad'], scale: 1e-3, decimals: 1 },
  uF: { symbol: 'µF', aliases: ['uf', 'μf', 'microfarad'], scale: 1e-6, decimals: 0 },
  kWh: { symbol: 'kWh', aliases: [], scale: 1000 * HOUR, decimals: 1, smallDecimals: 2 },
  J: { symbol: 'J', aliases: ['joule', 'joules'], scale: 1, decimals: 1 },
  Wh: { symbol: 'Wh', aliases: [], scale: HOUR, decimals: 0 },
  day: { symbol: 'days', aliases: ['day', 'd'], scale: 24 * HOUR, decimals: 1 },
  h: { symbol: 'h', aliases: ['hr', 'hrs', 'hour', 'hours'], scale: HOUR, decimals: 1 },
  min: { symbol: 'min', aliases: ['mins', 'minute', 'minutes'], scale: 60, decimals: 1, nominal: true, wholeFrom: 10 },
  lmin: { symbol: 'l/min', aliases: ['l/min', 'lpm', 'litre/min'], scale: 1e-3 / 60, decimals: 1 },
  galmin: { symbol: 'gal/min', aliases: ['gal/min', 'gpm'], scale: 3.785411784e-3 / 60, decimals: 2 },
  s: { symbol: 's', aliases: ['sec', 'second', 'seconds'], scale: 1, decimals: 1, nominal: true, wholeFrom: 10 },
  arcmin: { symbol: '′', aliases: ["'", '’', 'arcmin'], scale: Math.PI / 10_800, decimals: 1 },
  deg: { symbol: '°', aliases: ['deg', 'degree', 'degrees'], scale: Math.PI / 180, decimals: 1 },
  litrePerHour: {
    symbol: 'l/h',
    aliases: ['lph', 'litre/h', 'litres/h', 'litres per hour'],
    scale: 0.001 / HOUR,
    decimals: 1,
  },
  galPerHour: { symbol: 'gal/h', aliases: ['gph', 'us gal/h'], scale: (231 * (FT / 12) ** 3) / HOUR, decimals: 2 },
  KPerW: { symbol: 'K/W', aliases: ['k/w'], scale: 1, decimals: 3 },
  percentPerK: { symbol: '%/K', aliases: ['%/c', '%/°c'], scale: 0.01, decimals: 2 },
  galPerKWh: {
    symbol: 'gal/kWh',
    aliases: ['gallons/kwh'],
    scale: (231 * (FT / 12) ** 3) / (1000 * HOUR),
    decimals: 3,
  },
  litre: { symbol: 'l', aliases: ['litre', 'litres', 'liter', 'liters'], scale: 0.001, decimals: 1 },
  gal: { symbol: 'gal', aliases: ['gallon', 'gallons', 'us gal'], scale: 231 * (FT / 12) ** 3, decimals: 1 },
  litrePerKWh: { symbol: 'l/kWh', aliases: ['litre/kwh', 'litres/kwh'], scale: 0.001 / (1000 * HOUR), decimals: 2 },
  sunHours: { symbol: 'kWh/m²', aliases: ['kwh/m2', 'sun hours', 'peak sun hours'], scale: 1000 * HOUR, decimals: 2 },
  wattPerM2: { symbol: 'W/m²', aliases: ['w/m2'], scale: 1, decimals: 0 },
  gauge: { symbol: 'AWG', aliases: [], scale: 1e-6, decimals: 1 },
  year: { symbol: 'years', aliases: ['year', 'yr', 'y', 'a'], scale: 365.25 * 24 * HOUR, decimals: 1 },
  percent: { symbol: '%', aliases: ['percent', 'pct', 'per cent'], scale: 0.01, decimals: 0 },
  one: { symbol: '', aliases: [], scale: 1, decimals: 2 },
  count: { symbol: '', aliases: [], scale: 1, decimals: 0 },
  cellV: { symbol: 'V', aliases: ['volt', 'volts'], scale: 1, decimals: 2 },
  m2: { symbol: 'm²', aliases: ['m2', 'sqm'], scale: 1, decimals: 1 },
  mm2: { symbol: 'mm²', aliases: ['mm2', 'sqmm', 'sq mm'], scale: 1e-6, decimals: 1, nominal: true },
  ft2: { symbol: 'ft²', aliases: ['ft2', 'sqft'], scale: FT ** 2, decimals: 0 },
  m3: { symbol: 'm³', aliases: ['m3'], scale: 1, decimals: 2 },
  ft3: { symbol: 'ft³', aliases: ['ft3'], scale: FT ** 3, decimals: 1 },
  degC: { symbol: '°C', aliases: ['c', 'degc', 'celsius'], scale: 1, offset: 273.15, decimals: 0 },
  degF: {
    symbol: '°F',
    aliases: ['f', 'degf', 'fahrenheit'],
    scale: 5 / 9,
    offset: 273.15 - (32 * 5) / 9,
    decimals: 0,
  },
  WhPerNm: { symbol: 'Wh/NM', aliases: ['wh/nmi', 'wh/sea mi'], scale: HOUR / NMI, decimals: 0 },
  WhPerKm: { symbol: 'Wh/km', aliases: [], scale: HOUR / 1000, decimals: 0 },
  WhPerMi: { symbol: 'Wh/mi', aliases: [], scale: HOUR / MILE, decimals: 0 },
  rpmPerVolt: { symbol: 'rpm/V', aliases: ['rpm per volt'], scale: 1, decimals: 1 },
  euroPerLitre: { symbol: '€/l', aliases: ['eur/l'], scale: 1000, decimals: 2 },
  euroPerGal: { symbol: '€/gal', aliases: ['eur/gal', '$/gal'], scale: 1 / 0.003785411784, decimals: 2 },
  euroPerKWh: { symbol: '€/kWh', aliases: ['eur/kwh'], scale: 1 / (1000 * HOUR), decimals: 2 },
  euroAndCents: { symbol: '€', aliases: [], scale: 1, decimals: 2 },
  euro: { symbol: '€', aliases: ['eur', 'euro', 'euros'], scale: 1, decimals: 0 },
} as const satisfies Record<string, Unit>

/** The short name of a unit. */
export type UnitId = keyof typeof UNITS
