import { B_SERIES_RANGE, QUIET_TIPS, tipClearance } from '../propulsor'
import type { Evaluation } from '../system'
import type { Text } from '../units'
import { ALWAYS, DRIVE_FIELDS, HULL_FIELDS, type Figure } from './figure'

const SERIES = 'B-series, Oosterveld & van Oossanen 1975'

function seriesHolds({ model }: Evaluation): Text {
  const { blades } = model.project.design.propeller
  const [least, most] = B_SERIES_RANGE.tested[blades] ?? B_SERIES_RANGE.areaRatio
  return { text: `Pitch 0.5 to 1.4 of the diameter, area ${least} to ${most} with ${blades} blades. Now {p} and {a}.`, params: { p: { value: model.pitchRatio, quantity: 'plain' }, a: { value: model.project.design.propeller.areaRatio, quantity: 'plain' } } }
}

/** Figures of the propeller. */
export const PROPELLER_FIGURES = {
  thrust: {
    label: 'Thrust', quantity: 'force', part: 'propeller',
    read: ({ point }) => ({ value: point.drive.thrust }),
    formula: 'thrust = pull ÷ (1 − thrust deduction)',
    inputs: e => [
      { value: e.point.resistance.centre, quantity: 'force', what: 'pull' },
      { value: e.model.interaction.thrustDeduction, quantity: 'plain', what: `thrust deduction. ${e.model.interaction.basis}` },
    ],
    source: 'T = R / (1 − t)', holds: ALWAYS, depends: HULL_FIELDS,
  },
  tipClearance: {
    label: 'Tips clear by', quantity: 'smallLength', part: 'propeller',
    read: ({ model: { project } }) => ({ value: tipClearance(project.boat.drive.greatestDiameter, project.design.propeller.diameter) }),
    formula: 'clear = (largest propeller − diameter) ÷ 2 + 15 % of the largest',
    inputs: ({ model: { project } }) => [
      { value: project.boat.drive.greatestDiameter, quantity: 'smallLength', what: 'largest propeller, quiet tips' },
      { value: project.design.propeller.diameter, quantity: 'smallLength', what: 'diameter' },
      { value: QUIET_TIPS * project.design.propeller.diameter, quantity: 'smallLength', what: 'wanted: 15 % of the diameter' },
    ],
    source: 'Tip clearance 15 % of the diameter, 10 % the least (common practice)', holds: ALWAYS, depends: ['boat.drive.greatestDiameter', 'design.propeller.diameter'],
  },
  deliveredPower: {
    label: 'Power at the propeller', quantity: 'electricPower', part: 'propeller',
    read: ({ point }) => ({ value: point.drive.deliveredPower }),
    formula: 'power = thrust × water speed at the propeller ÷ efficiency',
    inputs: e => [
      { value: e.point.drive.thrust, quantity: 'force', what: 'thrust' },
      { value: e.point.drive.advanceSpeed, quantity: 'speed', what: `water at the propeller, wake ${e.model.interaction.wakeFraction.toFixed(2)}` },
      { value: e.point.drive.propellerEfficiency, quantity: 'ratio', what: 'propeller, open water' },
    ],
    source: SERIES, holds: seriesHolds, depends: DRIVE_FIELDS,
  },
  propellerRpm: {
    label: 'Propeller', quantity: 'rotation', part: 'propeller',
    read: ({ point }) => ({ value: point.drive.shaftSpeed }),
    formula: 'turns = water speed ÷ (advance ratio × diameter)',
    inputs: e => [
      { value: e.point.drive.advanceSpeed, quantity: 'speed', what: 'water at the propeller' },
      { value: e.point.drive.advanceRatio, quantity: 'plain', what: 'advance ratio that gives the thrust' },
      { value: e.model.project.design.propeller.diameter, quantity: 'smallLength', what: 'diameter' },
    ],
    source: SERIES, holds: seriesHolds, depends: DRIVE_FIELDS,
  },
  propellerEfficiency: {
    label: 'Propeller efficiency', quantity: 'ratio', part: 'propeller',
    read: ({ point }) => ({ value: point.drive.propellerEfficiency }),
    formula: 'efficiency = J ÷ 2 pi × KT ÷ KQ',
    inputs: e => [
      { value: e.point.drive.advanceRatio, quantity: 'plain', what: 'advance ratio J' },
      { value: e.model.pitchRatio, quantity: 'plain', what: 'pitch over diameter' },
      { value: e.model.project.design.propeller.areaRatio, quantity: 'plain', what: 'blade area' },
    ],
    source: SERIES, holds: seriesHolds, depends: DRIVE_FIELDS,
  },
  slip: {
    label: 'Apparent slip', quantity: 'ratio', part: 'propeller',
    read: ({ point }) => ({ value: point.drive.slip }),
    formula: 'slip = 1 − speed ÷ (turns × pitch)',
    inputs: e => [
      { value: e.point.speed, quantity: 'speed', what: 'the lever' }, { value: e.point.drive.shaftSpeed, quantity: 'rotation', what: 'propeller' },
      { value: e.model.project.design.propeller.pitch, quantity: 'smallLength', what: 'pitch' },
    ],
    source: 'Usual: yacht 40 to 45 %, launch 25 to 35 % (common practice)', holds: ALWAYS, depends: DRIVE_FIELDS,
  },
  areaNeeded: {
    label: 'Area needed', quantity: 'plain', part: 'propeller',
    read: ({ point }) => ({ value: point.drive.kellerAreaRatio }),
    formula: 'area = (1.3 + 0.3 blades) × thrust ÷ (pressure × diameter²) + 0.2',
    inputs: e => [
      { value: e.point.drive.thrust, quantity: 'force', what: 'thrust' }, { value: e.model.project.design.propeller.blades, quantity: 'count', what: 'blades' },
      { value: e.model.project.boat.drive.shaftDepth, quantity: 'length', what: 'shaft below the water' },
    ],
    source: 'Keller 1966', holds: () => ({ text: 'One propeller, atmospheric pressure at sea level.' }), depends: HULL_FIELDS,
  },
} satisfies Record<string, Figure>
