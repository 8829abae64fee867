import type { FieldPath } from '../project/definition/fields'
import { usableAt, type Evaluation } from '../system'
import { ALWAYS, current, duration, energy, figure, force, of, PACK_FIELDS, power, speed } from './figure'
import { methodsHold } from './hullFigures'

/** To what a range, a time, miles are counted: until only the reserve is left, or until nothing is. */
interface End {
  words: string
  /** J that may be used, of those that the pack gives */
  kept: string
  share: (e: Evaluation) => number
  /** of the bands, which know the reserve */
  longer: (e: Evaluation) => number
  depends: readonly FieldPath[]
}

const CELL_FIELDS = [...PACK_FIELDS, 'design.pack.cell.capacityAh'] as const
const RESERVE: End = {
  words: 'to the reserve',
  kept: 'reserve kept',
  share: e => 1 - e.model.project.use.reserve,
  longer: () => 1,
  depends: [...CELL_FIELDS, 'use.reserve'],
}
const EMPTY: End = {
  words: 'until empty',
  kept: 'to the last',
  share: () => 1,
  longer: e => 1 / (1 - e.model.project.use.reserve),
  depends: CELL_FIELDS,
}

/** Lead drawn fast gives less. J */
const toUse = (e: Evaluation, end: End) => usableAt(e.model, e.point.drive.packCurrent) * end.share(e)

const timeTo = (end: End) =>
  figure({
    label: `Time ${end.words}`,
    quantity: 'duration',
    part: 'use',
    inputs: e => ({
      available: energy(toUse(e, end), `to use at this current, ${end.kept}`),
      power: power(e.point.drive.packPower, 'from the pack'),
    }),
    formula: ({ available, power }) => available / power,
    words: 'time = energy to use ÷ power from the pack',
    band: e => ({ low: toUse(e, end) / e.point.packPowerHigh, high: toUse(e, end) / e.point.packPowerLow }),
    source: 'From full',
    holds: methodsHold,
    depends: end.depends,
  })

const distanceTo = (end: End) =>
  figure({
    label: `Miles ${end.words}`,
    quantity: 'distance',
    part: 'use',
    inputs: e => ({
      time: duration(e.point.timeLeft * end.longer(e), `time ${end.words}`),
      lever: speed(e.point.speed, 'the lever'),
    }),
    // no end of time at no speed is no distance
    formula: ({ time, lever }) => (lever > 0 ? time * lever : 0),
    words: 'distance = time × speed',
    band: e => ({ low: e.point.distanceLow * end.longer(e), high: e.point.distanceHigh * end.longer(e) }),
    source: 'From full, no stream',
    holds: methodsHold,
    depends: end.depends,
  })

const rangeTo = (end: End) =>
  figure({
    label: `Range at cruise ${end.words}`,
    quantity: 'distance',
    part: 'use',
    inputs: e => ({
      available: energy(e.energy.available * end.longer(e), `to use, ${end.kept}`),
      power: power(e.cruise.drive.packPower, 'from the pack at cruise'),
      cruise: speed(e.cruise.speed, 'cruise'),
    }),
    formula: ({ available, power, cruise }) => (available / power) * cruise,
    words: 'range = energy to use ÷ power at cruise × cruise',
    band: e => ({ low: e.cruise.distanceLow * end.longer(e), high: e.cruise.distanceHigh * end.longer(e) }),
    source: 'From full, no stream',
    holds: methodsHold,
    depends: end.depends,
  })

/** Figures of the day: how far, how long, how fast. */
export const USE_FIGURES = {
  timeLeft: timeTo(RESERVE),
  timeToEmpty: timeTo(EMPTY),
  distanceLeft: distanceTo(RESERVE),
  distanceToEmpty: distanceTo(EMPTY),
  energyPerDistance: figure({
    label: 'Takes',
    quantity: 'energyPerDistance',
    part: 'use',
    inputs: e => ({
      power: power(e.point.drive.packPower, 'from the pack'),
      lever: speed(e.point.speed, 'the lever'),
    }),
    formula: ({ power, lever }) => (lever > 0 ? power / lever : 0),
    words: 'energy per mile = power from the pack ÷ speed',
    source: 'P / V',
    holds: methodsHold,
    depends: PACK_FIELDS,
  }),
  overallEfficiency: figure({
    label: 'Reaches the water',
    quantity: 'ratio',
    part: 'use',
    inputs: e => ({
      hull: power(e.point.drive.effectivePower, 'at the hull'),
      pack: power(e.point.drive.packPower, 'from the pack'),
    }),
    formula: ({ hull, pack }) => (pack > 0 ? hull / pack : 0),
    words: 'share = power at the hull ÷ power from the pack',
    source: 'Real conversions reach 30 to 50 % at cruise (common practice)',
    holds: ALWAYS,
    depends: PACK_FIELDS,
  }),
  cruisePower: figure({
    label: 'Cruise takes',
    quantity: 'electricPower',
    part: 'use',
    inputs: e => ({
      cruise: speed(e.cruise.speed, 'cruise'),
      pull: force(e.cruise.resistance.centre, 'pull there'),
      controller: power(e.cruise.drive.controllerInput, 'into the controller there'),
      house: of('smallPower')(e.cruise.drive.housePower, 'house, through its converter'),
    }),
    formula: ({ controller, house }) => controller + house,
    words: 'power from the pack at cruise = into the controller + house',
    band: ({ cruise }) => ({ low: cruise.packPowerLow, high: cruise.packPowerHigh }),
    source: 'Sum of the chain',
    holds: methodsHold,
    depends: PACK_FIELDS,
  }),
  energyNeeded: figure({
    label: 'The use takes',
    quantity: 'energy',
    part: 'use',
    inputs: e => ({
      power: power(e.cruise.drive.packPower, 'from the pack at cruise'),
      time: duration(e.energy.duration, 'at cruise'),
    }),
    formula: ({ power, time }) => power * time,
    words: 'energy = power at cruise × time',
    band: ({ cruise, energy }) => ({
      low: cruise.packPowerLow * energy.duration,
      high: cruise.packPowerHigh * energy.duration,
    }),
    source: 'E = P t',
    holds: methodsHold,
    depends: PACK_FIELDS,
  }),
  cruiseRange: rangeTo(RESERVE),
  rangeToEmpty: rangeTo(EMPTY),
  allDaySpeed: figure({
    label: 'Continuous top speed',
    quantity: 'speed',
    part: 'use',
    inputs: ({ model: { project, pack } }) => ({
      motor: of('power')(project.design.motor.ratedPower, 'motor, rated'),
      controller: current(project.design.controller.batteryCurrent, 'controller, battery amps'),
      pack: current(pack.current, 'pack, continuous'),
    }),
    formula: (_, { allDaySpeed: s }) => (s.outcome === 'none' ? 0 : s.speed),
    words: 'the speed at which the first continuous rating of motor, controller or pack is reached',
    source: 'Crossing of demand and ratings',
    holds: methodsHold,
    depends: [...PACK_FIELDS, 'design.motor.ratedPower', 'design.pack.series'],
  }),
  minutesSpeed: figure({
    label: 'Peak speed',
    quantity: 'speed',
    part: 'use',
    inputs: ({ model: { project, pack } }) => ({
      motor: of('power')(project.design.motor.peakPower, 'motor, peak'),
      holds: duration(project.design.motor.peakSeconds, 'holds for'),
      pack: current(pack.currentPeak, 'pack, half a minute'),
    }),
    formula: (_, { minutesSpeed: s }) => (s.outcome === 'none' ? 0 : s.speed),
    words: 'the speed at which the first peak rating of motor, controller or pack is reached',
    source: 'Crossing of demand and ratings',
    holds: methodsHold,
    depends: [...PACK_FIELDS, 'design.motor.peakPower', 'design.pack.series'],
  }),
}
