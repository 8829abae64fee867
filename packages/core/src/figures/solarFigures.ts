import { DAY } from '../constants'
import { hullSpeed } from '../hull'
import { haurwitz, HOT_CELL, SOLAR_WIRING_LOSS, PLATE_TEMPERATURE } from '../solar'
import {
  boatSolarMonth,
  hasSpars,
  sunWithoutSpars,
  chargeReport,
  DAYS_OF_MONTH,
  HOUSE_CONVERTER_EFFICIENCY,
  paceOf,
  regenerationAt,
  SAILING_SHARE,
  solarReport,
  type Evaluation,
} from '../system'
import {
  ALWAYS,
  count,
  duration,
  energy,
  figure,
  listed,
  of,
  PACK_FIELDS,
  power,
  ratio,
  size,
  smallPower,
  speed,
  temperature,
  voltage,
} from './figure'

const SUN =
  'Sun position by package; Haurwitz 1945 clear sky, Erbs 1982, isotropic sky; clouds by latitude from ' +
  'memory, or your table'
const CLOUDS = () => ({
  text: 'A mean day; with usual clouds about 20 % either way, single days from nothing to twice as much.',
})
const NOON = () => ({ text: 'Middle of the month, no cloud.' })
const FIELDS = ['use.place.latitude', 'design.solar.shading', 'design.solar.tilt'] as const
const freeOf = (e: Evaluation) => sunWithoutSpars(e.model.project, charging(e).month).perDay
const PACE_FIELDS = ['design.solar.shading', 'use.houseLoad', ...PACK_FIELDS.slice(0, 3)] as const
const solar = (e: Evaluation) => e.model.project.design.solar
const charging = (e: Evaluation) => e.model.project.design.charging
const fitted = (e: Evaluation) => solar(e).fitted
const monthOf = (e: Evaluation) => boatSolarMonth(e.model.project, charging(e).month)
const sun = (e: Evaluation, what: string) => energy(monthOf(e).perDay, what)
const daylight = (e: Evaluation) => duration(monthOf(e).daylight, 'daylight')
/** W that the house draws from the pack */
const house = ({ model }: Evaluation) =>
  smallPower(model.project.use.houseLoad / HOUSE_CONVERTER_EFFICIENCY, 'house, through its converter')
const arrayInputs = (e: Evaluation) => ({
  panels: power(solar(e).series * solar(e).parallel * solar(e).panel.power, 'panels, as printed'),
  shade: ratio(solar(e).shading, 'lost to shade, by hand'),
  cables: ratio(SOLAR_WIRING_LOSS, 'lost in the cables'),
  controller: ratio(
    solar(e).controller?.efficiency ?? 1,
    solar(e).controller ? 'charge controller' : 'straight on the pack',
  ),
})
const light = of('sunlight')
const openVolts = (e: Evaluation) => voltage(solar(e).panel.openVoltage, 'open, as printed')
const shift = (e: Evaluation) => of('perKelvin')(solar(e).panel.voltagePerKelvin, 'share for each kelvin')
const inSeries = (e: Evaluation) => count(solar(e).series, 'panels in a string')

/** Figures of the sun. The month is the one that charging looks at. */
export const SOLAR_FIGURES = {
  sunDay: figure({
    label: 'From the sun in a day',
    quantity: 'energy',
    part: 'pack',
    applies: fitted,
    inputs: e => ({
      flat: light(monthOf(e).flat, 'on a flat square metre in a mean day'),
      clear: light(monthOf(e).clear, 'if no cloud ever came'),
      ...arrayInputs(e),
    }),
    formula: (_, e) => monthOf(e).perDay,
    words: 'energy = sum over the hours of light on the panels × their power ÷ 1000 W/m², less heat and losses',
    band: (_, value) => ({ low: 0.8 * value, high: 1.2 * value }),
    source: SUN,
    holds: CLOUDS,
    depends: FIELDS,
  }),
  sunShade: figure({
    label: 'Lost to mast and boom',
    quantity: 'ratio',
    part: 'pack',
    applies: e => fitted(e) && hasSpars(e.model.project),
    inputs: e => ({ sun: sun(e, 'in a mean day'), free: energy(freeOf(e), 'if neither were there') }),
    formula: ({ sun, free }) => (free > 0 ? 1 - sun / free : 0),
    words: 'loss = 1 − energy ÷ energy without their shadows, hour by hour',
    source:
      'Shadow of a straight spar on the panels; it takes each string of cells that it touches, three in a panel ' +
      '(common practice); light of the sky is not lessened',
    holds: () => ({ text: 'Panels as a disc of their area; sails down.' }),
    depends: [],
  }),
  sunYear: figure({
    label: 'In a year',
    quantity: 'energy',
    part: 'pack',
    applies: fitted,
    inputs: e => ({
      ...listed(
        solarReport(e.model.project).months.map((month, i) =>
          energy(month.perDay * DAYS_OF_MONTH[i]!, `month ${i + 1}`),
        ),
      ),
      panels: arrayInputs(e).panels,
    }),
    formula: (values: Record<string, number>) => DAYS_OF_MONTH.reduce((sum, _, i) => sum + values[`n${i}`]!, 0),
    words: 'energy = sum of the months',
    source: SUN,
    holds: CLOUDS,
    depends: FIELDS,
  }),
  sunNoon: figure({
    label: 'At a clear noon',
    quantity: 'electricPower',
    part: 'pack',
    applies: fitted,
    inputs: e => ({ sky: of('lightPower')(haurwitz(1), 'clear sky, sun overhead'), ...arrayInputs(e) }),
    formula: (_, e) => monthOf(e).noon,
    words: 'power = light on the panels × their power ÷ 1000 W/m², less heat and losses',
    source: SUN,
    holds: NOON,
    depends: FIELDS,
  }),
  sunDaylight: figure({
    label: 'Daylight',
    quantity: 'duration',
    part: 'use',
    inputs: e => ({
      latitude: of('coordinate')(e.model.project.use.place.latitude, 'latitude'),
      longitude: of('coordinate')(e.model.project.use.place.longitude, 'longitude'),
    }),
    formula: (_, e) => monthOf(e).daylight,
    words: 'from sunrise to sunset in the middle of the month',
    source: 'Sun position by package',
    holds: ALWAYS,
    depends: [],
  }),
  sunDayPace: figure({
    label: 'Sun alone, all day',
    quantity: 'speed',
    part: 'use',
    applies: fitted,
    inputs: e => ({ sun: sun(e, 'from the sun'), daylight: daylight(e), house: house(e) }),
    formula: ({ sun, daylight, house }, e) =>
      daylight > 0 ? paceOf(e.model.project, (sun - house * DAY) / daylight) : 0,
    words: 'speed whose power is (the day’s energy − house for 24 h) ÷ daylight',
    source: 'The power curve, read backwards',
    holds: CLOUDS,
    depends: PACE_FIELDS,
  }),
  sunNoonPace: figure({
    label: 'Sun alone, clear noon',
    quantity: 'speed',
    part: 'use',
    applies: fitted,
    inputs: e => ({ panels: power(monthOf(e).noon, 'panels at noon'), house: house(e) }),
    formula: ({ panels, house }, e) => paceOf(e.model.project, panels - house),
    words: 'speed whose power the panels give at noon, with the house fed',
    source: 'The power curve, read backwards',
    holds: NOON,
    depends: PACE_FIELDS,
  }),
  sunDirectLoss: figure({
    label: 'Lost without tracking',
    quantity: 'ratio',
    part: 'pack',
    applies: e => fitted(e) && !solar(e).controller?.tracking,
    inputs: e => ({
      pack: voltage(e.point.drive.packVoltage, 'pack now'),
      best: voltage(solar(e).series * solar(e).panel.voltage, 'string at its best'),
    }),
    formula: (_, e) => solarReport(e.model.project).lostWithoutTracking,
    words: 'loss = 1 − energy at the pack’s volts ÷ energy at the panels’ best point',
    source: 'Panel curve through its four plate figures',
    holds: () => ({ text: 'Against a tracking controller of 97 %.' }),
    depends: ['design.solar.shading'],
  }),
  stringCold: figure({
    label: 'String, coldest morning',
    quantity: 'voltage',
    part: 'pack',
    inputs: e => ({
      panels: inSeries(e),
      open: openVolts(e),
      shift: shift(e),
      morning: temperature(solar(e).coldest, 'coldest morning'),
    }),
    formula: ({ panels, open, shift, morning }) => panels * open * (1 + shift * (PLATE_TEMPERATURE - morning)),
    words: 'volts = panels × open volts × (1 + share × (25 °C − morning))',
    source: 'Plate of the panel',
    holds: ALWAYS,
    depends: ['design.solar.coldest'],
  }),
  stringHot: figure({
    label: 'String, hot and loaded',
    quantity: 'voltage',
    part: 'pack',
    inputs: e => ({
      panels: inSeries(e),
      best: voltage(solar(e).panel.voltage, 'at full power, as printed'),
      open: openVolts(e),
      shift: shift(e),
      cells: temperature(HOT_CELL, 'cells in full sun'),
    }),
    formula: ({ panels, best, open, shift, cells }) => panels * (best - open * shift * (cells - PLATE_TEMPERATURE)),
    words: 'volts = panels × (volts at full power − shift of the open volts at 65 °C)',
    source: 'Plate of the panel; cells of 65 °C are common practice',
    holds: ALWAYS,
    depends: [],
  }),
  chargeFuel: figure({
    label: 'Fuel burnt',
    quantity: 'fuelVolume',
    part: 'pack',
    applies: e => charging(e).supply === 'generator',
    inputs: e => ({
      bought: energy(chargeReport(e.model.project).bought, 'from the generator'),
      burns: of('fuelPerEnergy')(charging(e).generatorFuel, 'it burns'),
    }),
    formula: ({ bought, burns }) => bought * burns,
    words: 'fuel = energy from the generator × fuel for each kWh',
    source: 'Fuel for each kWh: common practice',
    holds: ALWAYS,
    depends: ['design.charging.generatorFuel'],
  }),
  chargeSun: figure({
    label: 'Panels help with',
    quantity: 'electricPower',
    part: 'pack',
    applies: e => charging(e).sun && fitted(e),
    inputs: e => ({ sun: sun(e, 'in a mean day'), daylight: daylight(e) }),
    formula: ({ sun, daylight }) => (daylight > 0 ? sun / daylight : 0),
    words: 'power = the day’s energy ÷ daylight',
    source: SUN,
    holds: CLOUDS,
    depends: FIELDS,
  }),
  chargeSailing: figure({
    label: 'Propeller helps with',
    quantity: 'electricPower',
    part: 'pack',
    applies: e => charging(e).sailing && e.model.propulsor.kind !== 'jet',
    inputs: ({ model }) => ({
      sailing: speed(SAILING_SHARE * hullSpeed(model.form.lengthWaterline), 'under sail'),
      propeller: size(model.project.design.propeller.diameter, 'propeller'),
    }),
    formula: ({ sailing }, { model }) => regenerationAt(model, sailing).packPower,
    words: 'power = what the towed propeller gives at nine tenths of hull speed, less losses',
    source: 'Windmill shares: from memory',
    holds: () => ({ text: 'A steady breeze; from half of it to half as much again.' }),
    depends: ['design.propeller.diameter'],
  }),
}
