import Qty from 'js-quantities'

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
}

/** SI size of a unit that the unit package knows by this name. */
const si = (name: string, times = 1): number => Qty(1, name).baseScalar * times

/** Every unit that a field understands. Sizes come from the unit package; the few it lacks are built from those. */
export const UNITS = {
  m: { symbol: 'm', aliases: ['metre', 'metres', 'meter', 'meters', 'mtr'], scale: 1, decimals: 2 },
  cm: { symbol: 'cm', aliases: ['centimetre', 'centimetres', 'centimeter', 'centimeters'], scale: si('cm'), decimals: 1 },
  mm: { symbol: 'mm', aliases: ['millimetre', 'millimetres', 'millimeter', 'millimeters'], scale: si('mm'), decimals: 0 },
  ft: { symbol: 'ft', aliases: ['\'', '′', '’', 'foot', 'feet'], scale: si('ft'), decimals: 1 },
  in: { symbol: 'in', aliases: ['"', '″', '”', 'inch', 'inches'], scale: si('in'), decimals: 1 },
  nm: { symbol: 'sea mi', aliases: ['nm', 'nmi', 'nautical mile', 'nautical miles', 'sea mile', 'sea miles', 'sm'], scale: si('nmi'), decimals: 1 },
  km: { symbol: 'km', aliases: ['kilometre', 'kilometres', 'kilometer', 'kilometers'], scale: si('km'), decimals: 1 },
  mi: { symbol: 'mi', aliases: ['mile', 'miles', 'statute mile', 'statute miles'], scale: si('mi'), decimals: 1 },
  kn: { symbol: 'kn', aliases: ['kt', 'kts', 'knot', 'knots'], scale: si('nmi') / si('h'), decimals: 1 },
  kmh: { symbol: 'km/h', aliases: ['kmh', 'kph', 'kmph'], scale: si('km/h'), decimals: 1 },
  mph: { symbol: 'mph', aliases: ['mi/h'], scale: si('mph'), decimals: 1 },
  ms: { symbol: 'm/s', aliases: ['mps'], scale: 1, decimals: 2 },
  t: { symbol: 't', aliases: ['tonne', 'tonnes', 'metric ton', 'metric tons'], scale: si('metric-ton'), decimals: 2 },
  kg: { symbol: 'kg', aliases: ['kilo', 'kilos', 'kgs', 'kilogram', 'kilograms'], scale: 1, decimals: 1 },
  lb: { symbol: 'lb', aliases: ['lbs', 'pound', 'pounds'], scale: si('lbs'), decimals: 0 },
  kW: { symbol: 'kW', aliases: ['kilowatt', 'kilowatts'], scale: si('kW'), decimals: 2 },
  W: { symbol: 'W', aliases: ['watt', 'watts'], scale: 1, decimals: 0 },
  hp: { symbol: 'hp', aliases: ['bhp', 'shp', 'horsepower'], scale: si('hp'), decimals: 2 },
  PS: { symbol: 'PS', aliases: ['cv', 'ch', 'pk', 'metric hp'], scale: si('W', 75 * 9.80665), decimals: 2 },
  N: { symbol: 'N', aliases: ['newton', 'newtons'], scale: 1, decimals: 0 },
  kN: { symbol: 'kN', aliases: ['kilonewton', 'kilonewtons'], scale: 1000, decimals: 2 },
  lbf: { symbol: 'lbf', aliases: [], scale: si('lbs', 9.80665), decimals: 0 },
  Nm: { symbol: 'N·m', aliases: ['nm', 'newton metre', 'newton metres', 'n m'], scale: 1, decimals: 1 },
  lbft: { symbol: 'lbf·ft', aliases: ['lbft', 'ft lb', 'ftlb', 'ft·lb', 'lb ft', 'ft-lb'], scale: si('lbs', 9.80665) * si('ft'), decimals: 1 },
  rpm: { symbol: 'rpm', aliases: ['1/min', 'rev/min', 'r/min'], scale: 1 / 60, decimals: 0 },
  V: { symbol: 'V', aliases: ['volt', 'volts'], scale: 1, decimals: 1 },
  A: { symbol: 'A', aliases: ['amp', 'amps', 'ampere', 'amperes'], scale: 1, decimals: 0 },
  Ah: { symbol: 'Ah', aliases: ['amp hour', 'amp hours'], scale: 1, decimals: 0 },
  mohm: { symbol: 'mohm', aliases: ['mω', 'milliohm', 'milliohms'], scale: si('mohm'), decimals: 2 },
  ohm: { symbol: 'ohm', aliases: ['ω', 'ohms'], scale: 1, decimals: 4 },
  kWh: { symbol: 'kWh', aliases: [], scale: si('kWh'), decimals: 1 },
  Wh: { symbol: 'Wh', aliases: [], scale: si('Wh'), decimals: 0 },
  h: { symbol: 'h', aliases: ['hr', 'hrs', 'hour', 'hours'], scale: si('h'), decimals: 1 },
  min: { symbol: 'min', aliases: ['mins', 'minute', 'minutes'], scale: si('min'), decimals: 0 },
  s: { symbol: 's', aliases: ['sec', 'second', 'seconds'], scale: 1, decimals: 0 },
  percent: { symbol: '%', aliases: ['percent', 'pct', 'per cent'], scale: 0.01, decimals: 0 },
  one: { symbol: '', aliases: [], scale: 1, decimals: 2 },
  count: { symbol: '', aliases: [], scale: 1, decimals: 0 },
  cellV: { symbol: 'V', aliases: ['volt', 'volts'], scale: 1, decimals: 2 },
  m2: { symbol: 'm²', aliases: ['m2', 'sqm'], scale: 1, decimals: 1 },
  ft2: { symbol: 'ft²', aliases: ['ft2', 'sqft'], scale: si('ft2'), decimals: 0 },
  m3: { symbol: 'm³', aliases: ['m3'], scale: 1, decimals: 2 },
  ft3: { symbol: 'ft³', aliases: ['ft3'], scale: si('ft3'), decimals: 1 },
  degC: { symbol: '°C', aliases: ['c', 'degc', 'celsius'], scale: 1, offset: 273.15, decimals: 0 },
  degF: { symbol: '°F', aliases: ['f', 'degf', 'fahrenheit'], scale: 5 / 9, offset: 273.15 - 32 * 5 / 9, decimals: 0 },
  WhPerNm: { symbol: 'Wh/sea mi', aliases: ['wh/nm', 'wh/nmi'], scale: si('Wh') / si('nmi'), decimals: 0 },
  WhPerKm: { symbol: 'Wh/km', aliases: [], scale: si('Wh') / si('km'), decimals: 0 },
  WhPerMi: { symbol: 'Wh/mi', aliases: [], scale: si('Wh') / si('mi'), decimals: 0 },
  rpmPerVolt: { symbol: 'rpm/V', aliases: ['rpm per volt'], scale: 1, decimals: 1 },
  euro: { symbol: '€', aliases: ['eur', 'euro', 'euros'], scale: 1, decimals: 0 },
} as const satisfies Record<string, Unit>

/** The short name of a unit. */
export type UnitId = keyof typeof UNITS
