import type { Evaluation } from '../system'
import { hullSpeed } from '../hull'
import {
  boatSolarYear,
  chargeHelpers,
  chargeReport,
  HOUSE_CONVERTER_EFFICIENCY,
  paceOf,
  SAILING_SHARE,
  solarReport,
} from '../system'
import { haurwitz, SOLAR_WIRING_LOSS, stringVoltage } from '../solar'
import { ALWAYS, PACK_FIELDS, type Figure, type WorkingInput } from './figure'

const SUN =
  'Sun position by package; Haurwitz 1945 clear sky, Erbs 1982, isotropic sky; clouds by latitude from ' +
  'memory, or your table'
const CLOUDS = () => ({
  text: 'A mean day; with usual clouds about 20 % either way, single days from nothing to twice as much.',
})
const FIELDS = ['use.place.latitude', 'design.solar.shading', 'design.solar.tilt'] as const
const fitted = (e: Evaluation) => e.model.project.design.solar.fitted
const monthOf = (e: Evaluation) => boatSolarYear(e.model.project)[e.model.project.design.charging.month]!
const arrayInputs = ({
  model: {
    project: {
      design: { solar },
    },
  },
}: Evaluation): WorkingInput[] => [
  { value: solar.series * solar.parallel * solar.panel.power, quantity: 'electricPower', what: 'panels, as printed' },
  { value: solar.shading, quantity: 'ratio', what: 'lost to shade' },
  { value: SOLAR_WIRING_LOSS, quantity: 'ratio', what: 'lost in the cables' },
  {
    value: solar.controller?.efficiency ?? 1,
    quantity: 'ratio',
    what: solar.controller ? 'charge controller' : 'straight on the pack',
  },
]
const sunInputs = (e: Evaluation): WorkingInput[] => [
  { value: monthOf(e).flat, quantity: 'sunlight', what: 'on a flat square metre in a mean day' },
  { value: monthOf(e).clear, quantity: 'sunlight', what: 'if no cloud ever came' },
  ...arrayInputs(e),
]

/** Figures of the sun. The month is the one that charging looks at. */
export const SOLAR_FIGURES = {
  sunDay: {
    label: 'From the sun in a day',
    quantity: 'energy',
    part: 'pack',
    applies: fitted,
    read: e => ({ value: monthOf(e).perDay, low: 0.8 * monthOf(e).perDay, high: 1.2 * monthOf(e).perDay }),
    formula: 'energy = sum over the hours of light on the panels × their power ÷ 1000 W/m², less heat and losses',
    inputs: sunInputs,
    source: SUN,
    holds: CLOUDS,
    depends: FIELDS,
  },
  sunYear: {
    label: 'In a year',
    quantity: 'energy',
    part: 'pack',
    applies: fitted,
    read: e => ({ value: solarReport(e.model.project).year }),
    formula: 'energy = sum of the months',
    inputs: arrayInputs,
    source: SUN,
    holds: CLOUDS,
    depends: FIELDS,
  },
  sunNoon: {
    label: 'At a clear noon',
    quantity: 'electricPower',
    part: 'pack',
    applies: fitted,
    read: e => ({ value: monthOf(e).noon }),
    formula: 'power = light on the panels × their power ÷ 1000 W/m², less heat and losses',
    inputs: e => [{ value: haurwitz(1), quantity: 'lightPower', what: 'clear sky, sun overhead' }, ...arrayInputs(e)],
    source: SUN,
    holds: () => ({ text: 'Middle of the month, no cloud.' }),
    depends: FIELDS,
  },
  sunDaylight: {
    label: 'Daylight',
    quantity: 'duration',
    part: 'use',
    read: e => ({ value: monthOf(e).daylight }),
    formula: 'from sunrise to sunset in the middle of the month',
    inputs: e => [
      { value: e.model.project.use.place.latitude, quantity: 'coordinate', what: 'latitude' },
      { value: e.model.project.use.place.longitude, quantity: 'coordinate', what: 'longitude' },
    ],
    source: 'Sun position by package',
    holds: ALWAYS,
    depends: [],
  },
  sunDayPace: {
    label: 'Sun alone, all day',
    quantity: 'speed',
    part: 'use',
    applies: fitted,
    read: e => ({ value: solarReport(e.model.project).months[e.model.project.design.charging.month]!.dayPace }),
    formula: 'speed whose power is (the day’s energy − house for 24 h) ÷ daylight',
    inputs: e => [
      { value: monthOf(e).perDay, quantity: 'energy', what: 'from the sun' },
      { value: monthOf(e).daylight, quantity: 'duration', what: 'daylight' },
      { value: e.model.project.use.houseLoad, quantity: 'smallPower', what: 'house' },
    ],
    source: 'The power curve, read backwards',
    holds: CLOUDS,
    depends: ['design.solar.shading', 'use.houseLoad', ...PACK_FIELDS.slice(0, 3)],
  },
  sunNoonPace: {
    label: 'Sun alone, clear noon',
    quantity: 'speed',
    part: 'use',
    applies: fitted,
    read: e => ({
      value: paceOf(e.model.project, monthOf(e).noon - e.model.project.use.houseLoad / HOUSE_CONVERTER_EFFICIENCY),
    }),
    formula: 'speed whose power the panels give at noon, the house paid',
    inputs: e => [
      { value: monthOf(e).noon, quantity: 'electricPower', what: 'panels at noon' },
      { value: e.model.project.use.houseLoad, quantity: 'smallPower', what: 'house' },
    ],
    source: 'The power curve, read backwards',
    holds: () => ({ text: 'Middle of the month, no cloud.' }),
    depends: ['design.solar.shading', 'use.houseLoad', ...PACK_FIELDS.slice(0, 3)],
  },
  sunDirectLoss: {
    label: 'Lost without tracking',
    quantity: 'ratio',
    part: 'pack',
    applies: e => fitted(e) && !e.model.project.design.solar.controller?.tracking,
    read: e => ({ value: solarReport(e.model.project).lostWithoutTracking }),
    formula: 'loss = 1 − energy at the pack’s volts ÷ energy at the panels’ best point',
    inputs: e => [
      { value: e.point.drive.packVoltage, quantity: 'voltage', what: 'pack now' },
      {
        value: e.model.project.design.solar.series * e.model.project.design.solar.panel.voltage,
        quantity: 'voltage',
        what: 'string at its best',
      },
    ],
    source: 'Panel curve through its four plate figures',
    holds: () => ({ text: 'Against a tracking controller of 97 %.' }),
    depends: ['design.solar.shading'],
  },
  stringCold: {
    label: 'String, coldest morning',
    quantity: 'voltage',
    part: 'pack',
    read: ({
      model: {
        project: {
          design: { solar },
        },
      },
    }) => ({ value: stringVoltage(solar).cold }),
    formula: 'volts = panels × open volts × (1 + share × (25 °C − morning))',
    inputs: ({
      model: {
        project: {
          design: { solar },
        },
      },
    }) => [
      { value: solar.series, quantity: 'count', what: 'panels in a string' },
      { value: solar.panel.openVoltage, quantity: 'voltage', what: 'open, as printed' },
      { value: solar.panel.voltagePerKelvin, quantity: 'perKelvin', what: 'share for each kelvin' },
      { value: solar.coldest, quantity: 'temperature', what: 'coldest morning' },
    ],
    source: 'Plate of the panel',
    holds: ALWAYS,
    depends: ['design.solar.coldest'],
  },
  stringHot: {
    label: 'String, hot and loaded',
    quantity: 'voltage',
    part: 'pack',
    read: ({
      model: {
        project: {
          design: { solar },
        },
      },
    }) => ({ value: stringVoltage(solar).hot }),
    formula: 'volts = panels × (volts at full power − shift of the open volts at 65 °C)',
    inputs: ({
      model: {
        project: {
          design: { solar },
        },
      },
    }) => [
      { value: solar.series, quantity: 'count', what: 'panels in a string' },
      { value: solar.panel.voltage, quantity: 'voltage', what: 'at full power, as printed' },
    ],
    source: 'Plate of the panel; cells of 65 °C are common practice',
    holds: ALWAYS,
    depends: [],
  },
  chargeFuel: {
    label: 'Fuel burnt',
    quantity: 'fuelVolume',
    part: 'pack',
    applies: e => e.model.project.design.charging.supply === 'generator',
    read: e => ({ value: chargeReport(e.model.project).fuel }),
    formula: 'fuel = energy from the generator × fuel for each kWh',
    inputs: e => [
      { value: chargeReport(e.model.project).bought, quantity: 'energy', what: 'from the generator' },
      { value: e.model.project.design.charging.generatorFuel, quantity: 'fuelPerEnergy', what: 'it burns' },
    ],
    source: 'Fuel for each kWh: common practice',
    holds: ALWAYS,
    depends: ['design.charging.generatorFuel'],
  },
  chargeSun: {
    label: 'Panels help with',
    quantity: 'electricPower',
    part: 'pack',
    applies: e => e.model.project.design.charging.sun && fitted(e),
    read: e => ({ value: chargeHelpers(e.model.project).sun }),
    formula: 'power = the day’s energy ÷ daylight',
    inputs: e => [
      { value: monthOf(e).perDay, quantity: 'energy', what: 'in a mean day' },
      { value: monthOf(e).daylight, quantity: 'duration', what: 'daylight' },
    ],
    source: SUN,
    holds: CLOUDS,
    depends: FIELDS,
  },
  chargeSailing: {
    label: 'Propeller helps with',
    quantity: 'electricPower',
    part: 'pack',
    applies: e => e.model.project.design.charging.sailing && e.model.propulsor.kind !== 'jet',
    read: e => ({ value: chargeHelpers(e.model.project).sailing }),
    formula: 'power = what the towed propeller gives at nine tenths of hull speed, less losses',
    inputs: e => [
      { value: SAILING_SHARE * hullSpeed(e.model.form.lengthWaterline), quantity: 'speed', what: 'under sail' },
      { value: e.model.project.design.propeller.diameter, quantity: 'smallLength', what: 'propeller' },
    ],
    source: 'Windmill shares: from memory',
    holds: () => ({ text: 'A steady breeze; from half of it to half as much again.' }),
    depends: ['design.propeller.diameter'],
  },
} satisfies Record<string, Figure>
