import { AIR_DENSITY } from '../constants'
import { coolantFlow, COOLANT_RISE, COOLER_AT_REST, COOLER_DIFFERENCE, heatTorque, type Cooling } from '../drive'
import { burrillLoading, TURBINE_EFFICIENCY, WINDMILL_SHARE } from '../propulsor'
import { AIR_DRAG_COEFFICIENT } from '../resistance'
import {
  driveHeat,
  driveWarming,
  fittedCooling,
  heatLimited,
  HOLDING_WIND,
  LIMIT_LABELS,
  motorHeatAt,
  regenerationAt,
  type Evaluation,
  type HeatLimited,
} from '../system'
import type { Text } from '../units'
import {
  ALWAYS,
  DRIVE_FIELDS,
  figure,
  force,
  MOTOR_FIELDS,
  of,
  plain,
  ratio,
  size,
  smallPower,
  speed,
  temperature,
  type Figure,
} from './figure'

const HEAT = 'Two nodes, winding and case, through the nameplate; controller as one node (common practice)'
const HEAT_HOLDS = (): Text => ({
  text: 'Temperatures to about 15 K, times to about 40 %: fit your own readings when you have them.',
})
const HEAT_FIELDS = [...MOTOR_FIELDS, 'design.motor.ratedPower', 'design.motor.ratedEfficiency', 'use.ambient'] as const

const isPropeller = ({ model }: Evaluation) => model.propulsor.kind === 'propeller'
const isFitted = ({ model }: Evaluation) => model.motor.outcome === 'fitted'
const warming = (e: Evaluation) => driveWarming(e.model, e.point.drive, e.cruise.drive)
const rotation = of('rotation')
const around = ({ model: { project } }: Evaluation) => ({
  air: temperature(project.use.ambient, 'air beside it, hot day'),
  water: temperature(project.boat.waterTemperature, 'water'),
})
/** the ways of the motor's heat, and where its losses arise */
function motorWays(e: Evaluation) {
  const ways = driveHeat(e.model),
    heat = motorHeatAt(e.model, e.point.drive)
  const path = of('thermalResistance')
  return {
    sink: temperature(ways?.path.sink ?? null, 'what cools it'),
    toSink: path(ways?.path.caseToSink ?? null, 'case path'),
    toCase: path(ways?.path.windingToCase ?? null, 'winding path'),
    copper: smallPower(heat.winding, 'lost in the winding'),
    iron: smallPower(heat.case, 'lost in iron and bearings'),
    limit: temperature(ways?.path.limit ?? null, `limit of class ${e.model.project.design.motor.insulation}`),
  }
}

/** What the drive drops to when the lever's speed becomes too hot. */
function dropped(label: string, quantity: 'electricPower' | 'speed', read: (l: HeatLimited) => number): Figure {
  return figure({
    label,
    quantity,
    part: 'motor',
    applies: e => heatLimited(e.model, e.point.speed) !== null,
    inputs: e => ({
      lever: speed(e.point.speed, 'the lever'),
      limit: temperature(warming(e)?.limit ?? null, 'limit of the winding'),
      from: temperature(e.model.project.design.controller.rollbackFrom, 'controller cuts back from'),
    }),
    formula: (_, e) => {
      const limited = heatLimited(e.model, e.point.speed)
      return limited ? read(limited) : 0
    },
    words: 'the greatest speed at which winding and controller stay at their limits for ever',
    source: HEAT,
    holds: HEAT_HOLDS,
    depends: HEAT_FIELDS,
  })
}

/** All-day power with a kind of cooling. */
function cooling(kind: Cooling, label: string): Figure {
  return figure({
    label,
    quantity: 'electricPower',
    part: 'motor',
    applies: isFitted,
    inputs: e => ({
      rated: of('power')(e.model.project.design.motor.ratedPower, `rated, ${e.model.project.design.motor.cooling}`),
      turns: rotation(e.model.project.design.motor.ratedRpm / 60, 'rated speed'),
      ...around(e),
    }),
    formula: ({ turns }, { model }) => {
      const ways = driveHeat(model, kind),
        omega = 2 * Math.PI * turns
      return ways && model.motor.outcome === 'fitted' ? heatTorque(ways.path, model.motor.losses, omega) * omega : 0
    },
    words: 'the power at rated speed whose losses bring the winding just to its limit',
    source: HEAT,
    holds: HEAT_HOLDS,
    depends: ['design.motor.ratedPower', 'design.motor.ratedEfficiency', 'use.ambient'],
  })
}

/** What regeneration gives or costs at the lever's speed under sail. */
function regeneration(of: Pick<Figure, 'label' | 'quantity' | 'words' | 'formula' | 'band'>): Figure {
  return figure({
    ...of,
    part: 'propeller',
    applies: isPropeller,
    inputs: ({ model, point }) => ({
      lever: speed(point.speed, 'the lever, under sail'),
      diameter: size(model.project.design.propeller.diameter, 'diameter'),
      share: ratio(WINDMILL_SHARE.usual, 'of the stream’s power, 10 to 20 %'),
      shaft: smallPower(regenerationAt(model, point.speed).shaftPower, 'at the propeller'),
      water: speed(point.speed * (1 - model.interaction.wakeFraction), 'water at the propeller'),
    }),
    source: 'Windmill with 0.10 to 0.20 of the stream’s power (common practice); motor’s own losses at that load',
    holds: () => ({ text: 'A fixed propeller at its best turns. Folding ones give nothing.' }),
    depends: ['design.propeller.diameter', 'design.propeller.pitch', 'design.motor.noLoadCurrent'],
  })
}

const coolantLoss = ({ point }: Evaluation) =>
  smallPower(point.drive.motorLoss + point.drive.controllerLoss, 'motor and controller')

/** Figures of the match between motor and propeller, and of heat. */
export const MATCH_FIGURES = {
  quayThrust: figure({
    label: 'At the quay, peak',
    quantity: 'force',
    part: 'propeller',
    inputs: ({ holding: { by, train } }) => ({
      propeller: rotation(train.shaftSpeed, 'propeller'),
      motor: of('torque')(train.motorTorque, `motor; ended by ${LIMIT_LABELS[by]}`),
    }),
    formula: (_, { holding }) => holding.thrust,
    words: 'the thrust at standstill that uses the first peak rating up',
    source: 'Operating point at standstill; momentum theory is never beaten',
    holds: ALWAYS,
    depends: [
      'design.propeller.diameter',
      'design.propeller.pitch',
      'design.motor.peakPower',
      'design.reduction.ratio',
    ],
  }),
  windThrust: figure({
    label: 'To lie to 25 kn of wind',
    quantity: 'force',
    part: 'propeller',
    inputs: ({ model }) => ({
      wind: speed(HOLDING_WIND, 'wind'),
      front: of('area')(model.windage, 'her front above the water, estimated'),
      deduction: plain(model.interaction.thrustDeduction, 'thrust deduction'),
    }),
    formula: ({ wind, front, deduction }) =>
      (0.5 * AIR_DENSITY * AIR_DRAG_COEFFICIENT * front * wind ** 2) / (1 - deduction),
    words: `thrust = ½ air density × wind² × ${AIR_DRAG_COEFFICIENT} × front ÷ (1 − thrust deduction)`,
    source: 'Air drag (common practice)',
    holds: () => ({ text: 'Bow to the wind, no sea.' }),
    depends: ['boat.beam', 'boat.lengthOverAll'],
  }),
  bladeLoading: figure({
    label: 'Blade loading',
    quantity: 'plain',
    part: 'propeller',
    applies: isPropeller,
    inputs: e => {
      const blade = loadingOf(e)
      return {
        thrust: force(e.point.drive.thrust / e.model.drives, 'thrust of each propeller'),
        sigma: plain(blade?.sigma ?? null, 'cavitation number there'),
        limit: plain(blade?.limit ?? null, 'the most, a tenth of the back cavitating'),
      }
    },
    formula: (_, e) => loadingOf(e)?.loading ?? 0,
    words: 'loading = thrust ÷ (projected blade area × ½ density × speed² at 0.7 radius)',
    source: 'Burrill’s 10 % line, 0.494 sigma^0.88 (Blount & Fox 1978, from memory of)',
    holds: () => ({ text: 'Made for fast craft; kind to slow ones.' }),
    depends: DRIVE_FIELDS,
  }),
  windingTemperature: figure({
    label: 'Winding, in the end',
    quantity: 'temperature',
    part: 'motor',
    applies: isFitted,
    inputs: e => ({ ...motorWays(e), ...around(e) }),
    formula: ({ sink, toSink, toCase, copper, iron }) => sink + toSink * (copper + iron) + toCase * copper,
    words: 'winding = sink + case path × all losses + winding path × copper losses',
    source: HEAT,
    holds: HEAT_HOLDS,
    depends: HEAT_FIELDS,
  }),
  caseTemperature: figure({
    label: 'Case, in the end',
    quantity: 'temperature',
    part: 'motor',
    applies: isFitted,
    inputs: e => ({ ...motorWays(e), ...around(e) }),
    formula: ({ sink, toSink, copper, iron }) => sink + toSink * (copper + iron),
    words: 'case = sink + case path × all losses',
    source: HEAT,
    holds: HEAT_HOLDS,
    depends: HEAT_FIELDS,
  }),
  controllerTemperature: figure({
    label: 'Controller, in the end',
    quantity: 'temperature',
    part: 'controller',
    applies: isFitted,
    inputs: e => ({
      air: around(e).air,
      path: of('thermalResistance')(driveHeat(e.model)?.controller.toAir ?? null, 'its path'),
      lost: smallPower(e.point.drive.controllerLoss / e.model.drives, 'lost in each controller'),
      from: temperature(e.model.project.design.controller.rollbackFrom, 'cuts back from'),
    }),
    formula: ({ air, path, lost }) => air + path * lost,
    words: 'controller = air + its path × its losses',
    source: HEAT,
    holds: HEAT_HOLDS,
    depends: HEAT_FIELDS,
  }),
  heatHolds: figure({
    label: 'Holds from cruise for',
    quantity: 'shortTime',
    part: 'motor',
    applies: e => warming(e)?.fromCruise.outcome === 'drops',
    inputs: e => ({
      lost: smallPower(e.point.drive.motorLoss / e.model.drives, 'lost in each motor'),
      end: temperature(warming(e)?.motor.winding ?? null, 'the winding would come to'),
      limit: temperature(warming(e)?.limit ?? null, 'its limit'),
    }),
    formula: (_, e) => {
      const held = warming(e)?.fromCruise
      return held?.outcome === 'drops' ? held.time : 0
    },
    words: 'the time until the winding, warm from cruise, is at its limit',
    source: HEAT,
    holds: HEAT_HOLDS,
    depends: HEAT_FIELDS,
  }),
  heatDropPower: dropped('Then drops to', 'electricPower', l => l.train.packPower),
  heatDropSpeed: dropped('Then goes on at', 'speed', l => l.speed),
  coolAir: cooling('air', 'Air'),
  coolLoop: cooling('closed loop', 'Closed loop, hull cooler'),
  coolRaw: cooling('raw water', 'Raw water'),
  coolantFlow: figure({
    label: 'Coolant',
    quantity: 'flow',
    part: 'motor',
    applies: e => fittedCooling(e.model.project.design) !== 'air',
    inputs: e => ({ lost: coolantLoss(e), rise: plain(COOLANT_RISE, 'K of rise on the way') }),
    formula: ({ lost, rise }) => coolantFlow(lost, rise),
    words: 'flow = losses ÷ (density × heat × rise)',
    source: 'Heat carried by water with antifreeze',
    holds: ALWAYS,
    depends: HEAT_FIELDS,
  }),
  hullCooler: figure({
    label: 'Hull cooler',
    quantity: 'area',
    part: 'motor',
    applies: e => fittedCooling(e.model.project.design) === 'closed loop',
    inputs: e => ({
      lost: coolantLoss(e),
      transfer: plain(COOLER_AT_REST, 'W a m² and K, lying still'),
      difference: plain(COOLER_DIFFERENCE, 'K between coolant and water'),
    }),
    formula: ({ lost, transfer, difference }) => lost / (transfer * difference),
    words: 'area = losses ÷ (heat transfer × difference)',
    source: 'Common practice',
    holds: () => ({ text: 'Clean surface. Growth halves it: keep room.' }),
    depends: HEAT_FIELDS,
  }),
  regenPower: regeneration({
    label: 'Into the pack',
    quantity: 'smallPower',
    words: 'power = (stream’s power × share × gears − motor losses) × controller',
    formula: (_, { model, point }) => regenerationAt(model, point.speed).packPower,
    band: ({ model, point }) => {
      const { low, high } = regenerationAt(model, point.speed)
      return { low, high }
    },
  }),
  regenDrag: regeneration({
    label: 'Adds drag',
    quantity: 'force',
    words: `drag = power at the propeller ÷ (${TURBINE_EFFICIENCY} × water speed)`,
    formula: ({ shaft, water }) => (water! > 0 ? shaft! / (TURBINE_EFFICIENCY * water!) : 0),
  }),
  regenSpeedLost: regeneration({
    label: 'Costs',
    quantity: 'speed',
    words: 'speed lost = drag ÷ slope of her resistance',
    formula: (_, { model, point }) => regenerationAt(model, point.speed).speedLost,
  }),
}

function loadingOf({ model, point }: Evaluation) {
  const { thrust, shaftSpeed, advanceSpeed } = point.drive
  return burrillLoading(
    model.project.design.propeller,
    { thrust, shaftSpeed, waterSpeed: advanceSpeed },
    model.boat.drive.shaftDepth,
    model.water.density,
  )
}
