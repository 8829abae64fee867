import { B_SERIES_RANGE, QUIET_TIPS, SUCTION_LIMIT, tipClearance } from '../propulsor'
import type { Evaluation } from '../system'
import type { Text } from '../units'
import { ALWAYS, DRIVE_FIELDS, HULL_FIELDS, type Figure, type WorkingInput } from './figure'

const SERIES = 'B-series, Oosterveld & van Oossanen 1975'

const JET = 'Momentum theory of jets: T = rho A Vj (Vj − Vi)'
const JET_FIELDS = [...HULL_FIELDS, 'design.jet.nozzleDiameter', 'design.jet.pumpEfficiency'] as const
const JET_HOLDS = (): Text => ({
  text:
    'Nozzle at the waterline, a fifth of the inlet’s head lost. Pump efficiency is taken as the same at ' +
    'every load.',
})
const isJet = (e: Evaluation) => e.model.propulsor.kind === 'jet'
const jetInputs = (e: Evaluation): WorkingInput[] => [
  { value: e.point.drive.thrust, quantity: 'force', what: 'thrust' },
  { value: e.point.drive.jetVelocity, quantity: 'speed', what: 'jet out of the nozzle' },
  { value: e.point.drive.advanceSpeed, quantity: 'speed', what: 'water into the inlet' },
  { value: e.model.project.design.jet.pumpEfficiency, quantity: 'ratio', what: 'pump alone' },
]

function seriesHolds({ model }: Evaluation): Text {
  const { blades } = model.project.design.propeller
  const [least, most] = B_SERIES_RANGE.tested[blades] ?? B_SERIES_RANGE.areaRatio
  return {
    text: `Pitch 0.5 to 1.4 of the diameter, area ${least} to ${most} with ${blades} blades. Now {p} and {a}.`,
    params: {
      p: { value: model.propeller.pitchRatio, quantity: 'plain' },
      a: { value: model.project.design.propeller.areaRatio, quantity: 'plain' },
    },
  }
}

/** Figures of the propeller. */
export const PROPELLER_FIGURES = {
  thrust: {
    label: 'Thrust',
    quantity: 'force',
    part: 'propeller',
    read: ({ point }) => ({ value: point.drive.thrust }),
    formula: 'thrust = pull ÷ (1 − thrust deduction)',
    inputs: e => [
      { value: e.point.resistance.centre, quantity: 'force', what: 'pull' },
      {
        value: e.model.interaction.thrustDeduction,
        quantity: 'plain',
        what: `thrust deduction. ${e.model.interaction.basis}`,
      },
    ],
    source: 'T = R / (1 − t)',
    holds: ALWAYS,
    depends: HULL_FIELDS,
  },
  tipClearance: {
    applies: e => !isJet(e),
    label: 'Tips clear by',
    quantity: 'smallLength',
    part: 'propeller',
    read: ({ model: { project } }) => ({
      value: tipClearance(project.boat.drive.greatestDiameter, project.design.propeller.diameter),
    }),
    formula: 'clear = (largest propeller − diameter) ÷ 2 + 15 % of the largest',
    inputs: ({ model: { project } }) => [
      { value: project.boat.drive.greatestDiameter, quantity: 'smallLength', what: 'largest propeller, quiet tips' },
      { value: project.design.propeller.diameter, quantity: 'smallLength', what: 'diameter' },
      {
        value: QUIET_TIPS * project.design.propeller.diameter,
        quantity: 'smallLength',
        what: 'wanted: 15 % of the diameter',
      },
    ],
    source: 'Tip clearance 15 % of the diameter, 10 % the least (common practice)',
    holds: ALWAYS,
    depends: ['boat.drive.greatestDiameter', 'design.propeller.diameter'],
  },
  deliveredPower: {
    label: 'Power at the propeller',
    quantity: 'electricPower',
    part: 'propeller',
    read: ({ point }) => ({ value: point.drive.deliveredPower }),
    formula: 'power = thrust × water speed at the propeller ÷ efficiency',
    inputs: e => [
      { value: e.point.drive.thrust, quantity: 'force', what: 'thrust' },
      {
        value: e.point.drive.advanceSpeed,
        quantity: 'speed',
        what: `water at the propeller, wake ${e.model.interaction.wakeFraction.toFixed(2)}`,
      },
      { value: e.point.drive.propellerEfficiency, quantity: 'ratio', what: 'propeller, open water' },
    ],
    source: SERIES,
    holds: seriesHolds,
    depends: DRIVE_FIELDS,
    onJet: {
      label: 'Power at the pump',
      formula: 'power = flow × (jet head − inlet head) ÷ pump efficiency',
      inputs: jetInputs,
      source: JET,
      holds: JET_HOLDS,
      depends: JET_FIELDS,
    },
  },
  propellerRpm: {
    label: 'Propeller',
    quantity: 'rotation',
    part: 'propeller',
    read: ({ point }) => ({ value: point.drive.shaftSpeed }),
    formula: 'turns = water speed ÷ (advance ratio × diameter)',
    inputs: e => [
      { value: e.point.drive.advanceSpeed, quantity: 'speed', what: 'water at the propeller' },
      { value: e.point.drive.advanceRatio, quantity: 'plain', what: 'advance ratio that gives the thrust' },
      { value: e.model.project.design.propeller.diameter, quantity: 'smallLength', what: 'diameter' },
    ],
    source: SERIES,
    holds: seriesHolds,
    depends: DRIVE_FIELDS,
    onJet: {
      label: 'Pump',
      formula: 'turns = rated turns × cube root of (power ÷ rated power)',
      source: 'Power follows the cube of the pump’s turns at any boat speed (common practice)',
      holds: JET_HOLDS,
      depends: [...JET_FIELDS, 'design.jet.ratedPower', 'design.jet.ratedRpm'],
      inputs: e => [
        { value: e.point.drive.deliveredPower, quantity: 'electricPower', what: 'power at the pump' },
        { value: e.model.project.design.jet.ratedPower, quantity: 'electricPower', what: 'rated power' },
        { value: e.model.project.design.jet.ratedRpm / 60, quantity: 'rotation', what: 'rated turns' },
      ],
    },
  },
  propellerEfficiency: {
    label: 'Propeller efficiency',
    quantity: 'ratio',
    part: 'propeller',
    read: ({ point }) => ({ value: point.drive.propellerEfficiency }),
    formula: 'efficiency = J ÷ 2 pi × KT ÷ KQ',
    inputs: e => [
      { value: e.point.drive.advanceRatio, quantity: 'plain', what: 'advance ratio J' },
      { value: e.model.propeller.pitchRatio, quantity: 'plain', what: 'pitch over diameter' },
      { value: e.model.project.design.propeller.areaRatio, quantity: 'plain', what: 'blade area' },
    ],
    source: SERIES,
    holds: seriesHolds,
    depends: DRIVE_FIELDS,
    onJet: {
      label: 'Jet efficiency',
      formula: 'efficiency = thrust × inlet speed ÷ power at the pump',
      inputs: jetInputs,
      source: JET,
      holds: JET_HOLDS,
      depends: JET_FIELDS,
    },
  },
  slip: {
    applies: e => !isJet(e),
    label: 'Apparent slip',
    quantity: 'ratio',
    part: 'propeller',
    read: ({ point }) => ({ value: point.drive.slip }),
    formula: 'slip = 1 − speed ÷ (turns × pitch)',
    inputs: e => [
      { value: e.point.speed, quantity: 'speed', what: 'the lever' },
      { value: e.point.drive.shaftSpeed, quantity: 'rotation', what: 'propeller' },
      { value: e.model.project.design.propeller.pitch, quantity: 'smallLength', what: 'pitch' },
    ],
    source: 'Usual: yacht 40 to 45 %, launch 25 to 35 % (common practice)',
    holds: ALWAYS,
    depends: DRIVE_FIELDS,
  },
  realSlip: {
    applies: e => !isJet(e),
    label: 'Real slip',
    quantity: 'ratio',
    part: 'propeller',
    read: ({ model, point: { drive } }) => ({
      value:
        drive.shaftSpeed > 0 ? 1 - drive.advanceSpeed / (drive.shaftSpeed * model.project.design.propeller.pitch) : 0,
    }),
    formula: 'slip = 1 − speed of the water at the propeller ÷ (turns × pitch)',
    inputs: e => [
      { value: e.point.drive.advanceSpeed, quantity: 'speed', what: 'water at the propeller, slowed by the hull' },
      { value: e.point.drive.shaftSpeed, quantity: 'rotation', what: 'propeller' },
      { value: e.model.project.design.propeller.pitch, quantity: 'smallLength', what: 'pitch' },
    ],
    source: 'By definition; the wake as the hull’s interaction gives it',
    holds: ALWAYS,
    depends: DRIVE_FIELDS,
  },
  areaNeeded: {
    applies: e => !isJet(e),
    label: 'Area needed',
    quantity: 'plain',
    part: 'propeller',
    read: ({ point }) => ({ value: point.drive.kellerAreaRatio }),
    formula: 'area = (1.3 + 0.3 blades) × thrust ÷ (pressure × diameter²) + 0.2',
    inputs: e => [
      { value: e.point.drive.thrust, quantity: 'force', what: 'thrust' },
      { value: e.model.project.design.propeller.blades, quantity: 'count', what: 'blades' },
      { value: e.model.project.boat.drive.shaftDepth, quantity: 'length', what: 'shaft below the water' },
    ],
    source: 'Keller 1966',
    holds: () => ({ text: 'One propeller, atmospheric pressure at sea level.' }),
    depends: HULL_FIELDS,
  },
  jetVelocity: {
    label: 'Jet leaves at',
    quantity: 'speed',
    part: 'propeller',
    applies: isJet,
    read: ({ point }) => ({ value: point.drive.jetVelocity }),
    formula: 'jet = (inlet + root of (inlet² + 4 thrust ÷ (density × nozzle area))) ÷ 2',
    inputs: e => [
      { value: e.point.drive.thrust, quantity: 'force', what: 'thrust' },
      { value: e.point.drive.advanceSpeed, quantity: 'speed', what: 'water into the inlet' },
      { value: e.model.project.design.jet.nozzleDiameter, quantity: 'smallLength', what: 'nozzle' },
    ],
    source: JET,
    holds: JET_HOLDS,
    depends: JET_FIELDS,
  },
  suctionSpeed: {
    label: 'Suction speed',
    quantity: 'plain',
    part: 'propeller',
    applies: isJet,
    read: ({ point }) => ({ value: point.drive.suctionSpeed }),
    formula: 'suction speed = turns × root of flow ÷ (head at the pump’s inlet)^¾',
    inputs: e => [
      { value: e.point.drive.shaftSpeed, quantity: 'rotation', what: 'pump' },
      { value: e.point.drive.advanceSpeed, quantity: 'speed', what: 'water into the inlet' },
      { value: SUCTION_LIMIT, quantity: 'plain', what: 'above this it foams for long' },
    ],
    source: 'Suction specific speed; limit about 10,500 in US units (from memory)',
    holds: JET_HOLDS,
    depends: [...JET_FIELDS, 'design.jet.ratedRpm'],
  },
} satisfies Record<string, Figure>
