import { ironConstants } from '../../drive'
import { choose, estimate, type EstimateRule } from './estimateRule'

const RPM = Math.PI / 30

/** Turns under load over those turning free. */
const LOADED = 0.92
/** Volts by power, W: what is sold (common practice). */
export const usualVolts = (power: number): number =>
  power <= 800 ? 12 : power <= 2000 ? 24 : power <= 12_000 ? 48 : power <= 28_000 ? 96 : power <= 50_000 ? 144 : 350
/** Efficiency by power, W: 0.86 at 1 kW, 0.92 at 10 kW, 0.95 at 100 kW (common practice). */
export const usualEfficiency = (power: number): number => 1 - 0.14 * (Math.max(200, power) / 1000) ** -0.22
/** Iron takes about a third of what a motor loses at its rated point (common practice). */
const IRON_SHARE = 0.33

/**
 * Figures of a motor that its owner does not know, most certain first. Common practice throughout: air-cooled motors
 * give about 0.35 kW for each kilogram all day, those with a water jacket 0.9.
 */
export const MOTOR_ESTIMATES: readonly EstimateRule[] = [
  estimate('ratedPower', ['peakPower'], m => m.peakPower! / 1.7, 1.25, 'peak power ÷ 1.7'),
  estimate(
    'ratedVoltage',
    ['leastVoltage', 'greatestVoltage'],
    m => 0.48 * (m.leastVoltage! + m.greatestVoltage!),
    1.1,
    'middle of the volts on which it works',
  ),
  estimate('ratedVoltage', ['greatestVoltage'], m => m.greatestVoltage! / 1.25, 1.15, 'greatest volts ÷ 1.25'),
  estimate('ratedVoltage', ['leastVoltage'], m => m.leastVoltage! / 0.75, 1.2, 'least volts ÷ 0.75'),
  estimate(
    'ratedVoltage',
    ['ratedRpm', 'kvRpmPerVolt'],
    m => m.ratedRpm! / (LOADED * m.kvRpmPerVolt!),
    1.1,
    'turns ÷ (0.92 × turns per volt)',
  ),
  estimate(
    'ratedRpm',
    ['kvRpmPerVolt', 'ratedVoltage'],
    m => LOADED * m.kvRpmPerVolt! * m.ratedVoltage!,
    1.1,
    '0.92 × turns per volt × volts',
  ),
  estimate('ratedRpm', ['greatestRpm'], m => m.greatestRpm! / 1.35, 1.2, 'greatest turns ÷ 1.35'),
  estimate(
    'kvRpmPerVolt',
    ['ratedRpm', 'ratedVoltage'],
    m => m.ratedRpm! / (LOADED * m.ratedVoltage!),
    1.1,
    'turns ÷ (0.92 × volts)',
  ),
  estimate(
    'ratedEfficiency',
    ['ratedPower', 'ratedVoltage', 'noLoadCurrent'],
    m => Math.min(usualEfficiency(m.ratedPower!), 1 / (1 + (1.5 * m.ratedVoltage! * m.noLoadCurrent!) / m.ratedPower!)),
    1.035,
    'usual of its power, and no better than its amps turning free allow',
  ),
  estimate('ratedEfficiency', ['ratedPower'], m => usualEfficiency(m.ratedPower!), 1.035, 'usual of its power'),
  estimate(
    'noLoadCurrent',
    ['ratedPower', 'ratedEfficiency', 'ratedRpm', 'ratedVoltage', 'kvRpmPerVolt'],
    m => {
      const lost = m.ratedPower! * (1 / m.ratedEfficiency! - 1)
      const { c1, c2 } = ironConstants({
        kvRpmPerVolt: m.kvRpmPerVolt!,
        ratedVoltage: m.ratedVoltage!,
        noLoadCurrent: 1,
      })
      const omega = m.ratedRpm! * RPM
      return (IRON_SHARE * lost) / ((c1 + c2 * omega) * omega)
    },
    1.4,
    'a third of what it loses at its rated point',
  ),
  estimate('peakPower', ['ratedPower'], m => 1.7 * m.ratedPower!, 1.2, '1.7 × rated power'),
  estimate('peakSeconds', ['peakPower'], () => 60, 2, 'a minute is usual'),
  estimate('greatestRpm', ['ratedRpm'], m => 1.35 * m.ratedRpm!, 1.2, '1.35 × rated turns'),
  estimate('leastVoltage', ['ratedVoltage'], m => 0.75 * m.ratedVoltage!, 1.1, '0.75 × rated volts'),
  estimate('greatestVoltage', ['ratedVoltage'], m => 1.25 * m.ratedVoltage!, 1.08, '1.25 × rated volts'),
  choose('build', ['ratedPower'], m => (m.ratedPower! < 1000 ? 'brushed' : 'surface magnets'), 'usual of its power'),
  choose('cooling', ['ratedPower'], m => (m.ratedPower! < 9000 ? 'air' : 'closed loop'), 'usual of its power'),
  choose(
    'insulation',
    ['ratedPower'],
    m => (m.ratedPower! < 2000 ? 'B' : m.ratedPower! < 30_000 ? 'F' : 'H'),
    'usual of its power',
  ),
  choose('weakerDirection', [], () => 'none', 'most run as well both ways'),
  estimate(
    'mass',
    ['ratedPower'],
    m => 4.5 * (m.ratedPower! / 1000) ** 0.65,
    1.6,
    '4.5 kg at 1 kW, and 4.5 times as much at ten',
  ),
  estimate(
    'price',
    ['ratedPower'],
    m => 330 * (m.ratedPower! / 1000) ** 0.75,
    1.7,
    '330 at 1 kW, and 5.6 times as much at ten',
  ),
  // with so little told, a kilogram says what power it may have
  estimate('ratedPower', ['mass'], m => 1000 * (m.mass! / 4.5) ** (1 / 0.65), 1.9, 'usual of its weight'),
  estimate('ratedVoltage', ['ratedPower'], m => usualVolts(m.ratedPower!), 1.4, 'usual of its power'),
  estimate(
    'ratedPower',
    ['ratedVoltage', 'noLoadCurrent'],
    m => (m.ratedVoltage! * m.noLoadCurrent!) / 0.03,
    1.8,
    'turning free it takes about 3 % of what it takes loaded',
  ),
  estimate(
    'ratedPower',
    ['ratedVoltage'],
    m =>
      m.ratedVoltage! < 18
        ? 400
        : m.ratedVoltage! < 33
          ? 1200
          : m.ratedVoltage! < 70
            ? 5000
            : m.ratedVoltage! < 130
              ? 15_000
              : m.ratedVoltage! < 200
                ? 35_000
                : 80_000,
    2,
    'usual of its volts',
  ),
  estimate('ratedPower', ['price'], m => 1000 * (m.price! / 330) ** (1 / 0.75), 2, 'usual of its price'),
  estimate('ratedRpm', ['ratedPower'], () => 3000, 1.6, '1,500 to 4,500 rpm are usual'),
  estimate('ratedPower', ['noLoadCurrent'], m => (48 * m.noLoadCurrent!) / 0.03, 2.5, 'usual of its amps turning free'),
  estimate('ratedPower', [], () => 3000, 3, 'nothing is known: 1 to 10 kW'),
]
