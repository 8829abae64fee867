import { choose, estimate, type EstimateRule } from './estimateRule'

/** Figures of a controller that its owner does not know (common practice). */
export const CONTROLLER_ESTIMATES: readonly EstimateRule[] = [
  estimate('batteryCurrent', ['batteryCurrentPeak'], c => c.batteryCurrentPeak! / 1.6, 1.2, 'amps for a minute ÷ 1.6'),
  estimate('batteryCurrent', ['phaseCurrent'], c => c.phaseCurrent! / 1.6, 1.25, 'motor amps ÷ 1.6'),
  estimate(
    'batteryCurrent',
    ['phaseCurrentPeak'],
    c => c.phaseCurrentPeak! / 2.8,
    1.35,
    'motor amps for a minute ÷ 2.8',
  ),
  estimate('batteryCurrent', ['regenCurrent'], c => c.regenCurrent! / 0.6, 1.4, 'amps of regeneration ÷ 0.6'),
  estimate('batteryCurrentPeak', ['batteryCurrent'], c => 1.6 * c.batteryCurrent!, 1.2, '1.6 × continuous amps'),
  estimate('phaseCurrent', ['batteryCurrent'], c => 1.6 * c.batteryCurrent!, 1.25, '1.6 × battery amps'),
  estimate('phaseCurrentPeak', ['phaseCurrent'], c => 1.75 * c.phaseCurrent!, 1.2, '1.75 × continuous motor amps'),
  estimate('greatestVoltage', ['leastVoltage'], c => 1.7 * c.leastVoltage!, 1.1, '1.7 × least volts'),
  estimate('greatestVoltage', [], () => 60, 1, 'taken as made for 48 V'),
  estimate('leastVoltage', ['greatestVoltage'], c => 0.58 * c.greatestVoltage!, 1.12, '0.58 × greatest volts'),
  estimate('efficiency', [], () => 0.965, 1.015, '0.95 to 0.98'),
  estimate(
    'idlePower',
    ['batteryCurrent', 'greatestVoltage'],
    c => 4 + 0.0006 * c.batteryCurrent! * c.greatestVoltage!,
    1.7,
    'usual of its amps and volts',
  ),
  estimate('rollbackFrom', [], () => 353.15, 1.02, '80 °C is usual'),
  estimate('rollbackTo', ['rollbackFrom'], c => c.rollbackFrom! + 15, 1.01, '15 °C above where it begins'),
  estimate('regenCurrent', ['batteryCurrent'], c => 0.6 * c.batteryCurrent!, 1.4, '0.6 × battery amps'),
  estimate(
    'mass',
    ['batteryCurrent', 'greatestVoltage'],
    c => 1 + 0.00023 * c.batteryCurrent! * c.greatestVoltage!,
    1.5,
    'usual of its amps and volts',
  ),
  estimate(
    'price',
    ['batteryCurrent', 'greatestVoltage'],
    c => 150 + 0.035 * c.batteryCurrent! * c.greatestVoltage!,
    1.7,
    'usual of its amps and volts',
  ),
  estimate(
    'batteryCurrent',
    ['mass', 'greatestVoltage'],
    c => Math.max(10, (c.mass! - 1) / (0.00023 * c.greatestVoltage!)),
    1.8,
    'usual of its weight',
  ),
  estimate('batteryCurrent', [], () => 150, 2, 'nothing is known: 75 to 300 A'),
]

/** Figures of a propeller that its owner does not know (common practice). */
export const PROPELLER_ESTIMATES: readonly EstimateRule[] = [
  choose('kind', [], () => 'fixed', 'taken as fixed'),
  choose('hand', [], () => 'right', 'most turn right'),
  estimate('blades', [], () => 3, 1, 'three are usual'),
  estimate('pitch', ['diameter'], p => 0.75 * p.diameter!, 1.25, 'three quarters of the diameter'),
  estimate('diameter', ['pitch'], p => p.pitch! / 0.75, 1.25, 'pitch ÷ 0.75'),
  estimate(
    'areaRatio',
    ['blades'],
    p => (p.blades! < 3 ? 0.34 : p.blades! < 4 ? 0.52 : 0.62),
    1.15,
    'usual of its blades',
  ),
  estimate('mass', ['diameter'], p => Math.max(0.2, 110 * p.diameter! ** 3), 1.4, 'bronze of its size'),
  estimate('price', ['diameter'], p => 40 + 2400 * p.diameter! ** 2, 1.6, 'usual of its size'),
  estimate('diameter', ['mass'], p => Math.cbrt(p.mass! / 110), 1.3, 'bronze of its weight'),
  estimate('diameter', ['price'], p => Math.sqrt(Math.max(20, p.price! - 40) / 2400), 1.5, 'usual of its price'),
  estimate('diameter', [], () => 0.35, 1.4, 'nothing is known'),
]

/** W of a pump over D⁵ n³, m and rev/s: those of small jets take 600 to 1,800 (from memory). */
const PUMP = 1200

/** Figures of a waterjet that its owner does not know (common practice: like pumps, power ∝ D⁵ n³). */
export const JET_ESTIMATES: readonly EstimateRule[] = [
  estimate('impellerDiameter', ['nozzleDiameter'], j => j.nozzleDiameter! / 0.63, 1.08, 'nozzle ÷ 0.63'),
  estimate('nozzleDiameter', ['impellerDiameter'], j => 0.63 * j.impellerDiameter!, 1.06, '0.63 × impeller'),
  estimate(
    'impellerDiameter',
    ['ratedPower', 'ratedRpm'],
    j => (j.ratedPower! / (PUMP * (j.ratedRpm! / 60) ** 3)) ** 0.2,
    1.15,
    'usual of its power and turns',
  ),
  estimate('impellerDiameter', ['ratedPower'], j => 0.2 * (j.ratedPower! / 60_000) ** 0.4, 1.2, 'usual of its power'),
  estimate(
    'ratedPower',
    ['impellerDiameter'],
    j => 60_000 * (j.impellerDiameter! / 0.2) ** 2.5,
    1.6,
    'usual of its impeller',
  ),
  estimate(
    'ratedRpm',
    ['ratedPower', 'impellerDiameter'],
    j => 60 * Math.cbrt(j.ratedPower! / (PUMP * j.impellerDiameter! ** 5)),
    1.2,
    'usual of its power and impeller',
  ),
  estimate('pumpEfficiency', [], () => 0.82, 1.04, '0.78 to 0.87'),
  estimate('mass', ['impellerDiameter'], j => 4400 * j.impellerDiameter! ** 3, 1.5, 'usual of its impeller'),
  estimate('price', ['impellerDiameter'], j => 20_000 * j.impellerDiameter!, 1.6, 'usual of its impeller'),
  estimate('impellerDiameter', ['mass'], j => Math.cbrt(j.mass! / 4400), 1.2, 'usual of its weight'),
  estimate('impellerDiameter', [], () => 0.18, 1.4, 'nothing is known'),
]

/** Figures of a cable that its owner does not know. */
export const CABLE_ESTIMATES: readonly EstimateRule[] = [
  estimate(
    'area',
    ['massPerMetre'],
    c => (0.75 * c.massPerMetre!) / 8890e-6,
    1.2,
    'three quarters of its weight is copper',
  ),
  estimate(
    'area',
    ['diameter'],
    c => 0.65 * (Math.PI / 4) * Math.max(1, 1000 * c.diameter! - 2.5) ** 2,
    1.25,
    'what is inside its insulation',
  ),
  choose('insulation', [], () => '70', 'taken as the common 70 °C'),
  estimate('voltage', [], () => 600, 1, 'taken as made for 600 V'),
  choose('tinned', [], () => false, 'taken as bare copper'),
  estimate(
    'diameter',
    ['area'],
    c => (Math.sqrt(((c.area! / 0.65) * 4) / Math.PI) + 2) / 1000,
    1.12,
    'strands and 1 mm of insulation',
  ),
  estimate('massPerMetre', ['area'], c => (c.area! * 8890e-6) / 0.75, 1.1, 'copper, and a third as much again'),
  estimate('pricePerMetre', ['area'], c => 0.7 + 0.21 * c.area!, 1.5, 'usual of its copper'),
  estimate('area', ['pricePerMetre'], c => Math.max(0.5, (c.pricePerMetre! - 0.7) / 0.21), 1.6, 'usual of its price'),
  estimate('area', [], () => 35, 1.5, 'nothing is known'),
]

/** Figures of a fuse that its owner does not know: taken at the safe side. */
export const FUSE_ESTIMATES: readonly EstimateRule[] = [
  choose('kind', [], () => 'bolt-on strip', 'taken as the weakest kind in use for main fuses'),
  estimate('voltage', [], () => 32, 1, 'taken as made for 32 V, at the safe side'),
  estimate('interrupt', [], () => 2000, 1, 'taken as 2 kA, at the safe side'),
  estimate('price', [], () => 20, 2, 'usual'),
  estimate('rating', [], () => 100, 2, 'nothing is known'),
]
