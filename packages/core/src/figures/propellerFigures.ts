import { GRAVITY, PRESSURE_ABOVE_VAPOUR } from '../constants'
import {
  B_SERIES_RANGE,
  INLET_LOSS,
  kellerAddition,
  NOZZLE_LOSS,
  pumpEfficiency,
  QUIET_TIPS,
  SUCTION_LIMIT,
} from '../propulsor'
import type { Evaluation } from '../system'
import { type Text, plainNumber } from '../units'
import {
  ALWAYS,
  count,
  DRIVE_FIELDS,
  figure,
  force,
  HULL_FIELDS,
  length,
  of,
  onJet,
  plain,
  power,
  ratio,
  size,
  speed,
} from './figure'

const SERIES = 'B-series, Oosterveld & van Oossanen 1975'

const JET = 'Momentum theory of jets: T = rho A Vj (Vj − Vi)'
const JET_FIELDS = [...HULL_FIELDS, 'design.jet.nozzleDiameter', 'design.jet.pumpEfficiency'] as const
const JET_HOLDS = (): Text => ({
  text: 'Nozzle at the waterline, a quarter of the inlet’s head lost. The pump is best at the flow it is made for.',
})
const isJet = (e: Evaluation) => e.model.propulsor.kind === 'jet'
const design = (e: Evaluation) => e.model.project.design
const rotation = of('rotation')
const thrustOf = (e: Evaluation) => force(e.point.drive.thrust, 'thrust')
/** of each drive */
const eachThrust = (e: Evaluation) =>
  force(e.point.drive.thrust / e.model.drives, e.model.drives > 1 ? 'thrust of each propeller' : 'thrust')
/** how many drives share the thrust */
const drivesOf = (e: Evaluation) => count(e.model.drives, 'drives')
const turnsOf = (e: Evaluation, what: string) => rotation(e.point.drive.shaftSpeed, what)
const inletOf = (e: Evaluation) => speed(e.point.drive.advanceSpeed, 'water into the inlet')
const diameterOf = (e: Evaluation) => size(design(e).propeller.diameter, 'diameter')
const nozzleOf = (e: Evaluation) => size(design(e).jet.nozzleDiameter, 'nozzle')
const densityOf = (e: Evaluation) => plain(e.model.water.density, 'density, kg/m³')
const jetInputs = (e: Evaluation) => ({
  thrust: eachThrust(e),
  jet: speed(e.point.drive.jetVelocity, 'jet out of the nozzle'),
  inlet: inletOf(e),
  pump: ratio(
    pumpEfficiency(design(e).jet, e.point.drive.jetVelocity, e.point.drive.shaftSpeed, e.model.water.density),
    'pump at this flow, as installed',
  ),
  nozzle: nozzleOf(e),
  density: densityOf(e),
})
/** m² of a nozzle */
const areaOf = (diameter: number) => (Math.PI * diameter ** 2) / 4
/** W at the pump: what it lifts of the flow, over what it wastes */
const pumpPower = ({ jet, inlet, pump, nozzle, density }: Record<string, number>) =>
  (density! * areaOf(nozzle!) * jet! * (0.5 * jet! ** 2 * (1 + NOZZLE_LOSS) - 0.5 * inlet! ** 2 * (1 - INLET_LOSS))) /
  pump!

function seriesHolds({ model }: Evaluation): Text {
  const { blades } = model.project.design.propeller
  const [least, most] = B_SERIES_RANGE.tested[blades] ?? B_SERIES_RANGE.areaRatio
  return {
    text: `Pitch 0.5 to 1.4 of the diameter, area ${least} to ${most} with ${blades} blades. Now {p} and {a}.`,
    params: {
      p: plainNumber(model.propeller.pitchRatio),
      a: plainNumber(model.project.design.propeller.areaRatio),
    },
  }
}
/** slip of something that turns */
const slip = (speed: number, turns: number, pitch: number) => (turns > 0 ? 1 - speed / (turns * pitch) : 0)

/** Figures of the propeller. */
export const PROPELLER_FIGURES = {
  thrust: figure({
    label: 'Thrust',
    quantity: 'force',
    part: 'propeller',
    inputs: ({ point, model: { interaction } }) => ({
      pull: force(point.resistance.centre, 'pull'),
      deduction: plain(interaction.thrustDeduction, `thrust deduction. ${interaction.basis}`),
    }),
    formula: ({ pull, deduction }) => pull / (1 - deduction),
    words: 'thrust = pull ÷ (1 − thrust deduction)',
    source: 'T = R / (1 − t)',
    holds: ALWAYS,
    depends: HULL_FIELDS,
  }),
  tipClearance: figure({
    applies: e => !isJet(e),
    label: 'Tips clear by',
    quantity: 'smallLength',
    part: 'propeller',
    inputs: e => ({
      largest: size(e.model.project.boat.drive.greatestDiameter, 'largest propeller, quiet tips'),
      diameter: diameterOf(e),
      wanted: size(QUIET_TIPS * design(e).propeller.diameter, 'wanted: 15 % of the diameter'),
    }),
    formula: ({ largest, diameter }) => (largest - diameter) / 2 + QUIET_TIPS * largest,
    words: 'clear = (largest propeller − diameter) ÷ 2 + 15 % of the largest',
    source: 'Tip clearance 15 % of the diameter, 10 % the least (common practice)',
    holds: ALWAYS,
    depends: ['boat.drive.greatestDiameter', 'design.propeller.diameter'],
  }),
  deliveredPower: figure({
    label: 'Power at the propeller',
    quantity: 'electricPower',
    part: 'propeller',
    inputs: e => ({
      thrust: thrustOf(e),
      water: speed(
        e.point.drive.advanceSpeed,
        `water at the propeller, wake ${e.model.interaction.wakeFraction.toFixed(2)}`,
      ),
      efficiency: ratio(e.point.drive.propellerEfficiency, 'propeller, open water'),
      rotative: ratio(e.model.interaction.relativeRotative, 'behind the hull against open water'),
    }),
    formula: ({ thrust, water, efficiency, rotative }) =>
      efficiency > 0 ? (thrust * water) / (efficiency * rotative) : 0,
    words: 'power = thrust × water speed at the propeller ÷ (efficiency × behind the hull)',
    source: SERIES,
    holds: seriesHolds,
    depends: DRIVE_FIELDS,
    onJet: onJet({
      label: 'Power at the pump',
      inputs: e => ({ ...jetInputs(e), drives: drivesOf(e) }),
      formula: v => (v.thrust > 0 ? v.drives * pumpPower(v) : 0),
      words: 'power = drives × flow × (jet head − inlet head) ÷ pump efficiency',
      source: JET,
      holds: JET_HOLDS,
      depends: JET_FIELDS,
    }),
  }),
  propellerRpm: figure({
    label: 'Propeller',
    quantity: 'rotation',
    part: 'propeller',
    inputs: e => ({
      water: speed(e.point.drive.advanceSpeed, 'water at the propeller'),
      advance: plain(e.point.drive.advanceRatio, 'advance ratio that gives the thrust'),
      diameter: diameterOf(e),
    }),
    formula: ({ water, advance, diameter }) => (advance > 0 ? water / (advance * diameter) : 0),
    words: 'turns = water speed ÷ (advance ratio × diameter)',
    source: SERIES,
    holds: seriesHolds,
    depends: DRIVE_FIELDS,
    onJet: onJet({
      label: 'Pump',
      inputs: e => ({
        power: power(e.point.drive.deliveredPower / e.model.drives, 'power at each pump'),
        ratedPower: power(design(e).jet.ratedPower, 'rated power'),
        rated: rotation(design(e).jet.ratedRpm / 60, 'rated turns'),
      }),
      formula: ({ power, ratedPower, rated }) => rated * Math.cbrt(power / ratedPower),
      words: 'turns = rated turns × cube root of (power ÷ rated power)',
      source: 'Power follows the cube of the pump’s turns at any boat speed (common practice)',
      holds: JET_HOLDS,
      depends: [...JET_FIELDS, 'design.jet.ratedPower', 'design.jet.ratedRpm'],
    }),
  }),
  propellerEfficiency: figure({
    label: 'Propeller efficiency',
    quantity: 'ratio',
    part: 'propeller',
    inputs: e => ({
      thrust: eachThrust(e),
      water: speed(e.point.drive.advanceSpeed, 'water at the propeller'),
      torque: of('torque')(
        e.point.drive.propellerTorque * e.model.interaction.relativeRotative,
        'torque in open water',
      ),
      turns: turnsOf(e, 'propeller'),
      advance: plain(e.point.drive.advanceRatio, 'advance ratio J'),
      pitch: plain(e.model.propeller.pitchRatio, 'pitch over diameter'),
      area: plain(design(e).propeller.areaRatio, 'blade area'),
    }),
    formula: ({ thrust, water, torque, turns }) =>
      turns > 0 && torque > 0 ? (thrust * water) / (2 * Math.PI * turns * torque) : 0,
    words: 'efficiency = J ÷ 2 pi × KT ÷ KQ = thrust × water speed ÷ (2 pi × turns × torque)',
    source: SERIES,
    holds: seriesHolds,
    depends: DRIVE_FIELDS,
    onJet: onJet({
      label: 'Jet efficiency',
      inputs: jetInputs,
      formula: v => (pumpPower(v) > 0 ? (v.thrust * v.inlet) / pumpPower(v) : 0),
      words: 'efficiency = thrust × inlet speed ÷ power at the pump',
      source: JET,
      holds: JET_HOLDS,
      depends: JET_FIELDS,
    }),
  }),
  slip: figure({
    applies: e => !isJet(e),
    label: 'Apparent slip',
    quantity: 'ratio',
    part: 'propeller',
    inputs: e => ({
      lever: speed(e.point.speed, 'the lever'),
      turns: turnsOf(e, 'propeller'),
      pitch: size(design(e).propeller.pitch, 'pitch'),
    }),
    formula: ({ lever, turns, pitch }) => slip(lever, turns, pitch),
    words: 'slip = 1 − speed ÷ (turns × pitch)',
    source: 'Usual: yacht 40 to 45 %, launch 25 to 35 % (common practice)',
    holds: ALWAYS,
    depends: DRIVE_FIELDS,
  }),
  realSlip: figure({
    applies: e => !isJet(e),
    label: 'Real slip',
    quantity: 'ratio',
    part: 'propeller',
    inputs: e => ({
      water: speed(e.point.drive.advanceSpeed, 'water at the propeller, slowed by the hull'),
      turns: turnsOf(e, 'propeller'),
      pitch: size(design(e).propeller.pitch, 'pitch'),
    }),
    formula: ({ water, turns, pitch }) => slip(water, turns, pitch),
    words: 'slip = 1 − speed of the water at the propeller ÷ (turns × pitch)',
    source: 'By definition; the wake as the hull’s interaction gives it',
    holds: ALWAYS,
    depends: DRIVE_FIELDS,
  }),
  areaNeeded: figure({
    applies: e => !isJet(e),
    label: 'Area needed',
    quantity: 'plain',
    part: 'propeller',
    inputs: e => ({
      thrust: eachThrust(e),
      blades: count(design(e).propeller.blades, 'blades'),
      depth: length(e.model.boat.drive.shaftDepth, 'shaft below the water'),
      diameter: diameterOf(e),
      density: densityOf(e),
      added: plain(kellerAddition(design(e).propeller.kind), 'added for its kind of boat'),
    }),
    formula: ({ thrust, blades, depth, diameter, density, added }) =>
      ((1.3 + 0.3 * blades) * thrust) / ((PRESSURE_ABOVE_VAPOUR + density * GRAVITY * depth) * diameter ** 2) + added,
    words: 'area = (1.3 + 0.3 blades) × thrust ÷ (pressure × diameter²) + what is added for the kind of boat',
    source: 'Keller 1966',
    holds: () => ({ text: 'One propeller, atmospheric pressure at sea level.' }),
    depends: HULL_FIELDS,
  }),
  jetVelocity: figure({
    label: 'Jet leaves at',
    quantity: 'speed',
    part: 'propeller',
    applies: isJet,
    inputs: e => ({ thrust: eachThrust(e), inlet: inletOf(e), nozzle: nozzleOf(e), density: densityOf(e) }),
    formula: ({ thrust, inlet, nozzle, density }) =>
      (inlet + Math.sqrt(inlet ** 2 + (4 * thrust) / (density * areaOf(nozzle)))) / 2,
    words: 'jet = (inlet + root of (inlet² + 4 thrust ÷ (density × nozzle area))) ÷ 2',
    source: JET,
    holds: JET_HOLDS,
    depends: JET_FIELDS,
  }),
  suctionSpeed: figure({
    label: 'Suction speed',
    quantity: 'plain',
    part: 'propeller',
    applies: isJet,
    inputs: e => ({
      turns: turnsOf(e, 'pump'),
      inlet: inletOf(e),
      jet: speed(e.point.drive.jetVelocity, 'jet out of the nozzle'),
      nozzle: nozzleOf(e),
      density: densityOf(e),
      limit: plain(SUCTION_LIMIT, 'above this it foams for long'),
    }),
    formula: ({ turns, inlet, jet, nozzle, density }) =>
      (2 * Math.PI * turns * Math.sqrt(areaOf(nozzle) * jet)) /
      (PRESSURE_ABOVE_VAPOUR / density + 0.5 * inlet ** 2 * (1 - INLET_LOSS)) ** 0.75,
    words: 'suction speed = turns × root of flow ÷ (head at the pump’s inlet)^¾',
    source: 'Suction specific speed; limit about 10,500 in US units (from memory)',
    holds: JET_HOLDS,
    depends: [...JET_FIELDS, 'design.jet.ratedRpm'],
  }),
}
