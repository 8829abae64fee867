import { coolantFlow, COOLANT_RISE, COOLER_AT_REST, COOLER_DIFFERENCE, hullCoolerArea, type Cooling } from '../drive'
import { burrillLoading, TURBINE_EFFICIENCY, WINDMILL_SHARE } from '../propulsor'
import { AIR_DRAG_COEFFICIENT } from '../resistance'
import {
  coolingChoices,
  driveWarming,
  fittedCooling,
  heatLimited,
  HOLDING_WIND,
  LIMIT_LABELS,
  regenerationAt,
  type DriveWarming,
  type Evaluation,
  type HeatLimited,
  type Regeneration,
} from '../system'
import { ALWAYS, DRIVE_FIELDS, MOTOR_FIELDS, type Figure } from './figure'

const HEAT = 'Two nodes, winding and case, through the nameplate; controller as one node (common practice)'
const HEAT_HOLDS = () => ({
  text: 'Temperatures to about 15 K, times to about 40 %: fit your own readings when you have them.',
})
const HEAT_FIELDS = [...MOTOR_FIELDS, 'design.motor.ratedPower', 'design.motor.ratedEfficiency', 'use.ambient'] as const

const isPropeller = ({ model }: Evaluation) => model.propulsor.kind === 'propeller'
const warming = (e: Evaluation) => driveWarming(e.model, e.point.drive, e.cruise.drive)

/** A temperature that the drive comes to at the lever's speed. */
function temperature(
  label: string,
  part: 'motor' | 'controller',
  formula: string,
  read: (w: DriveWarming) => number,
  limit: (e: Evaluation) => [number, string],
): Figure {
  return {
    label,
    quantity: 'temperature',
    part,
    formula,
    source: HEAT,
    holds: HEAT_HOLDS,
    depends: HEAT_FIELDS,
    applies: e => e.model.motor.outcome === 'fitted',
    read: e => {
      const w = warming(e)
      return { value: w ? read(w) : 0 }
    },
    inputs: e => [
      { value: e.point.drive.motorLoss, quantity: 'smallPower', what: 'lost in the motor' },
      { value: e.point.drive.controllerLoss, quantity: 'smallPower', what: 'lost in the controller' },
      { value: e.model.project.use.ambient, quantity: 'temperature', what: 'air beside it, hot day' },
      { value: e.model.project.boat.waterTemperature, quantity: 'temperature', what: 'water' },
      { value: limit(e)[0], quantity: 'temperature', what: limit(e)[1] },
    ],
  }
}

/** What the drive drops to when the lever's speed becomes too hot. */
function dropped(label: string, quantity: 'electricPower' | 'speed', read: (l: HeatLimited) => number): Figure {
  return {
    label,
    quantity,
    part: 'motor',
    applies: e => heatLimited(e.model, e.point.speed) !== null,
    read: e => {
      const l = heatLimited(e.model, e.point.speed)
      return { value: l ? read(l) : 0 }
    },
    formula: 'the greatest speed at which winding and controller stay at their limits for ever',
    inputs: e => [
      { value: e.point.speed, quantity: 'speed', what: 'the lever' },
      { value: warming(e)?.limit ?? null, quantity: 'temperature', what: 'limit of the winding' },
      {
        value: e.model.project.design.controller.rollbackFrom,
        quantity: 'temperature',
        what: 'controller cuts back from',
      },
    ],
    source: HEAT,
    holds: HEAT_HOLDS,
    depends: HEAT_FIELDS,
  }
}

/** All-day power with a kind of cooling. */
function cooling(kind: Cooling, label: string): Figure {
  return {
    label,
    quantity: 'electricPower',
    part: 'motor',
    applies: e => e.model.motor.outcome === 'fitted',
    read: ({ model }) => ({ value: coolingChoices(model).find(c => c.cooling === kind)?.power ?? 0 }),
    formula: 'the power at rated speed whose losses bring the winding just to its limit',
    inputs: ({ model }) => [
      {
        value: model.project.design.motor.ratedPower,
        quantity: 'power',
        what: `rated, ${model.project.design.motor.cooling}`,
      },
      { value: model.project.use.ambient, quantity: 'temperature', what: 'air beside it, hot day' },
      { value: model.project.boat.waterTemperature, quantity: 'temperature', what: 'water' },
    ],
    source: HEAT,
    holds: HEAT_HOLDS,
    depends: ['design.motor.ratedPower', 'design.motor.ratedEfficiency', 'use.ambient'],
  }
}

/** What regeneration gives or costs at the lever's speed under sail. */
function regeneration(
  label: string,
  quantity: 'smallPower' | 'force' | 'speed',
  formula: string,
  read: (r: Regeneration) => { value: number; low?: number; high?: number },
): Figure {
  return {
    label,
    quantity,
    part: 'propeller',
    applies: isPropeller,
    formula,
    read: ({ model, point }) => read(regenerationAt(model, point.speed)),
    inputs: ({ model, point }) => [
      { value: point.speed, quantity: 'speed', what: 'the lever, under sail' },
      { value: model.project.design.propeller.diameter, quantity: 'smallLength', what: 'diameter' },
      { value: WINDMILL_SHARE.usual, quantity: 'ratio', what: 'of the stream’s power, 10 to 20 %' },
      { value: regenerationAt(model, point.speed).shaftPower, quantity: 'smallPower', what: 'at the propeller' },
    ],
    source: 'Windmill with 0.10 to 0.20 of the stream’s power (common practice); motor’s own losses at that load',
    holds: () => ({ text: 'A fixed propeller at its best turns. Folding ones give nothing.' }),
    depends: ['design.propeller.diameter', 'design.propeller.pitch', 'design.motor.noLoadCurrent'],
  }
}

const coolantLoss = ({ point }: Evaluation) => point.drive.motorLoss + point.drive.controllerLoss

/** Figures of the match between motor and propeller, and of heat. */
export const MATCH_FIGURES = {
  quayThrust: {
    label: 'At the quay, for minutes',
    quantity: 'force',
    part: 'propeller',
    read: ({ holding }) => ({ value: holding.thrust }),
    formula: 'the thrust at standstill that uses the first peak rating up',
    inputs: ({ holding: { by, train } }) => [
      { value: train.shaftSpeed, quantity: 'rotation', what: 'propeller' },
      { value: train.motorTorque, quantity: 'torque', what: `motor; ended by ${LIMIT_LABELS[by]}` },
    ],
    source: 'Operating point at standstill; momentum theory is never beaten',
    holds: ALWAYS,
    depends: [
      'design.propeller.diameter',
      'design.propeller.pitch',
      'design.motor.peakPower',
      'design.reduction.ratio',
    ],
  },
  windThrust: {
    label: 'To lie to 25 kn of wind',
    quantity: 'force',
    part: 'propeller',
    read: ({ holding }) => ({ value: holding.drag }),
    formula: `thrust = ½ air density × wind² × ${AIR_DRAG_COEFFICIENT} × front ÷ (1 − thrust deduction)`,
    inputs: ({ model }) => [
      { value: HOLDING_WIND, quantity: 'speed', what: 'wind' },
      { value: model.windage, quantity: 'area', what: 'her front above the water, estimated' },
    ],
    source: 'Air drag (common practice)',
    holds: () => ({ text: 'Bow to the wind, no sea.' }),
    depends: ['boat.beam', 'boat.lengthOverAll'],
  },
  bladeLoading: {
    label: 'Blade loading',
    quantity: 'plain',
    part: 'propeller',
    applies: isPropeller,
    read: e => ({ value: loadingOf(e)?.loading ?? 0 }),
    formula: 'loading = thrust ÷ (projected blade area × ½ density × speed² at 0.7 radius)',
    inputs: e => {
      const b = loadingOf(e)
      return [
        { value: e.point.drive.thrust, quantity: 'force', what: 'thrust' },
        { value: b?.sigma ?? null, quantity: 'plain', what: 'cavitation number there' },
        { value: b?.limit ?? null, quantity: 'plain', what: 'the most, a tenth of the back cavitating' },
      ]
    },
    source: 'Burrill’s 10 % line, 0.494 sigma^0.88 (Blount & Fox 1978, from memory of)',
    holds: () => ({ text: 'Made for fast craft; kind to slow ones.' }),
    depends: DRIVE_FIELDS,
  },
  windingTemperature: temperature(
    'Winding, in the end',
    'motor',
    'winding = sink + case path × all losses + winding path × copper losses',
    w => w.motor.winding,
    e => [
      driveWarming(e.model, e.point.drive, e.cruise.drive)?.limit ?? 0,
      `limit of class ${e.model.project.design.motor.insulation}`,
    ],
  ),
  caseTemperature: temperature(
    'Case, in the end',
    'motor',
    'case = sink + case path × all losses',
    w => w.motor.case,
    e => [driveWarming(e.model, e.point.drive, e.cruise.drive)?.limit ?? 0, 'limit of the winding'],
  ),
  controllerTemperature: temperature(
    'Controller, in the end',
    'controller',
    'controller = air + its path × its losses',
    w => w.controller,
    e => [e.model.project.design.controller.rollbackFrom, 'cuts back from'],
  ),
  heatHolds: {
    label: 'Holds from cruise for',
    quantity: 'shortTime',
    part: 'motor',
    applies: e => warming(e)?.fromCruise.outcome === 'drops',
    read: e => {
      const w = warming(e)
      return { value: w?.fromCruise.outcome === 'drops' ? w.fromCruise.time : 0 }
    },
    formula: 'the time until the winding, warm from cruise, is at its limit',
    inputs: e => [
      { value: e.point.drive.motorLoss, quantity: 'smallPower', what: 'lost in the motor' },
      { value: warming(e)?.motor.winding ?? null, quantity: 'temperature', what: 'the winding would come to' },
      { value: warming(e)?.limit ?? null, quantity: 'temperature', what: 'its limit' },
    ],
    source: HEAT,
    holds: HEAT_HOLDS,
    depends: HEAT_FIELDS,
  },
  heatDropPower: dropped('Then drops to', 'electricPower', l => l.train.packPower),
  heatDropSpeed: dropped('Then goes on at', 'speed', l => l.speed),
  coolAir: cooling('air', 'Air'),
  coolLoop: cooling('closed loop', 'Closed loop, hull cooler'),
  coolRaw: cooling('raw water', 'Raw water'),
  coolantFlow: {
    label: 'Coolant',
    quantity: 'flow',
    part: 'motor',
    applies: e => fittedCooling(e.model.project.design) !== 'air',
    read: e => ({ value: coolantFlow(coolantLoss(e)) }),
    formula: 'flow = losses ÷ (density × heat × rise)',
    inputs: e => [
      { value: coolantLoss(e), quantity: 'smallPower', what: 'motor and controller' },
      { value: COOLANT_RISE, quantity: 'plain', what: 'K of rise on the way' },
    ],
    source: 'Heat carried by water with antifreeze',
    holds: ALWAYS,
    depends: HEAT_FIELDS,
  },
  hullCooler: {
    label: 'Hull cooler',
    quantity: 'area',
    part: 'motor',
    applies: e => fittedCooling(e.model.project.design) === 'closed loop',
    read: e => ({ value: hullCoolerArea(coolantLoss(e)) }),
    formula: 'area = losses ÷ (heat transfer × difference)',
    inputs: e => [
      { value: coolantLoss(e), quantity: 'smallPower', what: 'motor and controller' },
      { value: COOLER_AT_REST, quantity: 'plain', what: 'W a m² and K, lying still' },
      { value: COOLER_DIFFERENCE, quantity: 'plain', what: 'K between coolant and water' },
    ],
    source: 'Common practice',
    holds: () => ({ text: 'Clean surface. Growth halves it: keep room.' }),
    depends: HEAT_FIELDS,
  },
  regenPower: regeneration(
    'Into the pack',
    'smallPower',
    'power = (stream’s power × share × gears − motor losses) × controller',
    r => ({ value: r.packPower, low: r.low, high: r.high }),
  ),
  regenDrag: regeneration(
    'Adds drag',
    'force',
    `drag = power at the propeller ÷ (${TURBINE_EFFICIENCY} × speed)`,
    r => ({ value: r.drag }),
  ),
  regenSpeedLost: regeneration('Costs', 'speed', 'speed lost = drag ÷ slope of her resistance', r => ({
    value: r.speedLost,
  })),
} satisfies Record<string, Figure>

function loadingOf({ model, point }: Evaluation) {
  const { thrust, shaftSpeed, advanceSpeed } = point.drive
  return burrillLoading(
    model.project.design.propeller,
    { thrust, shaftSpeed, waterSpeed: advanceSpeed },
    model.project.boat.drive.shaftDepth,
    model.water.density,
  )
}
