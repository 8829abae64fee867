import { LEG_EFFICIENCY, SHAFT_EFFICIENCY } from '../../drive'
import { waterProperties } from '../../hull'
import { idealQuayThrust, quayThrust, quayTurns, WHEEL_EFFICIENCY } from '../../propulsor'
import { choose, estimate, type EstimateRule } from './estimateRule'
import { usualEfficiency, usualVolts } from './motorEstimates'

const WATER_DENSITY = waterProperties('fresh').density

/** W at the terminals for each N of pull that is printed on small drives: 55 lb with 600 W (common practice). */
const WATTS_PER_NEWTON = 2.45
/** Controllers in the head of a drive. */
const CONTROLLER = 0.95
/** Blade area of a whole drive's propeller, as a share of the disc. */
export const bladeAreaOf = (blades: number): number => (blades === 2 ? 0.35 : blades === 3 ? 0.5 : 0.62)

const atShaft = (input: number) =>
  CONTROLLER * 0.95 * usualEfficiency(input) * Math.sqrt(LEG_EFFICIENCY * SHAFT_EFFICIENCY)
const proportions = (w: Record<string, number>) => ({
  pitchRatio: w.pitch! / w.diameter!,
  areaRatio: bladeAreaOf(w.blades!),
  blades: w.blades!,
})

/**
 * Figures of a whole drive that its owner does not know. Pulls are printed near the bound of momentum theory, so that
 * the propeller is never made smaller than the pull allows.
 */
export const WHOLE_DRIVE_ESTIMATES: readonly EstimateRule[] = [
  estimate(
    'inputPower',
    ['ratedPower'],
    w => w.ratedPower! / atShaft(w.ratedPower!),
    1.06,
    'usual losses of motor, controller and leg',
  ),
  estimate(
    'ratedPower',
    ['inputPower'],
    w => w.inputPower! * atShaft(w.inputPower!),
    1.06,
    'usual losses of motor, controller and leg',
  ),
  estimate(
    'inputPower',
    ['thrust'],
    w => WATTS_PER_NEWTON * w.thrust!,
    1.2,
    '2.45 W for each newton of pull, 10.9 for each pound',
  ),
  estimate('inputPower', ['peakInput'], w => w.peakInput! / 1.3, 1.3, 'peak ÷ 1.3'),
  estimate(
    'ratedVoltage',
    ['leastVoltage', 'greatestVoltage'],
    w => 0.48 * (w.leastVoltage! + w.greatestVoltage!),
    1.1,
    'middle of the volts on which it works',
  ),
  estimate('ratedVoltage', ['greatestVoltage'], w => w.greatestVoltage! / 1.25, 1.15, 'greatest volts ÷ 1.25'),
  estimate('ratedVoltage', ['leastVoltage'], w => w.leastVoltage! / 0.75, 1.2, 'least volts ÷ 0.75'),
  estimate('ratedVoltage', ['inputPower'], w => usualVolts(w.inputPower!), 1.4, 'usual of its power'),
  estimate('blades', ['inputPower'], w => (w.inputPower! < 900 ? 2 : 3), 1, 'two on the smallest, else three'),
  estimate(
    'diameter',
    ['thrust', 'ratedPower'],
    w =>
      Math.max(
        // momentum theory: less disc could not pull so much
        1.05 * (w.thrust! / idealQuayThrust(w.ratedPower!, 1, WATER_DENSITY)) ** 1.5,
        usualDiameter(w.ratedPower!),
      ),
    1.2,
    'usual of its power, and enough for its pull',
  ),
  estimate('diameter', ['ratedPower'], w => usualDiameter(w.ratedPower!), 1.25, '0.27 m at 1 kW, 0.36 m at 10 kW'),
  estimate('pitch', ['diameter'], w => 0.75 * w.diameter!, 1.3, 'three quarters of the diameter'),
  estimate(
    'propellerRpm',
    ['ratedPower', 'diameter', 'pitch', 'blades'],
    w =>
      // under way it turns a little faster than at the quay
      60 * 1.1 * quayTurns(w.ratedPower!, w.diameter!, proportions(w), WHEEL_EFFICIENCY.outboard, WATER_DENSITY),
    1.15,
    'what its propeller takes at that power',
  ),
  estimate(
    'thrust',
    ['ratedPower', 'diameter', 'pitch', 'blades'],
    w => quayThrust(w.ratedPower!, w.diameter!, proportions(w), WHEEL_EFFICIENCY.outboard, WATER_DENSITY),
    1.12,
    'tested propellers of this size at the quay',
  ),
  estimate(
    'gearRatio',
    ['inputPower'],
    w => (w.inputPower! < 1500 ? 1 : 2),
    1.3,
    'small ones drive straight, larger ones through gears of about 2',
  ),
  estimate('leastVoltage', ['ratedVoltage'], w => 0.75 * w.ratedVoltage!, 1.1, '0.75 × rated volts'),
  estimate('greatestVoltage', ['ratedVoltage'], w => 1.25 * w.ratedVoltage!, 1.08, '1.25 × rated volts'),
  estimate('peakInput', ['inputPower'], w => 1.2 * w.inputPower!, 1.2, '1.2 × what it takes continuously'),
  estimate('peakSeconds', ['peakInput'], () => 120, 2, 'two minutes are usual'),
  choose('mount', ['inputPower'], w => (w.inputPower! < 900 ? 'trolling motor' : 'outboard'), 'usual of its power'),
  choose(
    'cooling',
    ['inputPower'],
    w => (w.inputPower! < 15_000 ? 'raw water' : 'closed loop'),
    'it stands in the water',
  ),
  estimate(
    'mass',
    ['inputPower'],
    w => 9 * (w.inputPower! / 1000) ** 0.6,
    1.5,
    '9 kg at 1 kW, four times as much at ten',
  ),
  estimate(
    'price',
    ['inputPower'],
    w => 650 * (w.inputPower! / 1000) ** 0.85,
    1.7,
    '650 at 1 kW, seven times as much at ten',
  ),
  estimate('inputPower', ['diameter'], w => 1000 * (w.diameter! / 0.27) ** 8, 2, 'usual of its propeller'),
  estimate('inputPower', ['mass'], w => 1000 * (w.mass! / 9) ** (1 / 0.6), 1.8, 'usual of its weight'),
  estimate('inputPower', [], () => 1000, 3, 'nothing is known: 0.3 to 3 kW'),
]

/** Propellers of whole drives by power at their shaft, W: m (common practice). */
function usualDiameter(power: number): number {
  return 0.27 * (power / 1000) ** 0.125
}
