import { ALWAYS, PACK_FIELDS, type Figure } from './figure'
import { methodsHold } from './hullFigures'

const RANGE_FIELDS = [...PACK_FIELDS, 'design.pack.cell.capacityAh', 'use.reserve'] as const

/** Figures of the day: how far, how long, how fast. */
export const USE_FIGURES = {
  timeLeft: {
    label: 'Time left',
    quantity: 'duration',
    part: 'use',
    read: ({ point, energy }) => ({
      value: point.timeLeft,
      low: energy.available / point.packPowerHigh,
      high: energy.available / point.packPowerLow,
    }),
    formula: 'time = energy to use ÷ power from the pack',
    inputs: e => [
      { value: e.energy.available, quantity: 'energy', what: 'to use, reserve kept' },
      { value: e.point.drive.packPower, quantity: 'electricPower', what: 'from the pack' },
    ],
    source: 'From full',
    holds: methodsHold,
    depends: RANGE_FIELDS,
  },
  distanceLeft: {
    label: 'Miles left',
    quantity: 'distance',
    part: 'use',
    read: ({ point }) => ({ value: point.distanceLeft, low: point.distanceLow, high: point.distanceHigh }),
    formula: 'distance = time left × speed',
    inputs: e => [
      { value: e.point.timeLeft, quantity: 'duration', what: 'time left' },
      { value: e.point.speed, quantity: 'speed', what: 'the lever' },
    ],
    source: 'From full, no stream',
    holds: methodsHold,
    depends: RANGE_FIELDS,
  },
  energyPerDistance: {
    label: 'Takes',
    quantity: 'energyPerDistance',
    part: 'use',
    read: ({ point }) => ({ value: point.energyPerDistance }),
    formula: 'energy per mile = power from the pack ÷ speed',
    inputs: e => [
      { value: e.point.drive.packPower, quantity: 'electricPower', what: 'from the pack' },
      { value: e.point.speed, quantity: 'speed', what: 'the lever' },
    ],
    source: 'P / V',
    holds: methodsHold,
    depends: PACK_FIELDS,
  },
  overallEfficiency: {
    label: 'Reaches the water',
    quantity: 'ratio',
    part: 'use',
    read: ({ point }) => ({ value: point.drive.overallEfficiency }),
    formula: 'share = power at the hull ÷ power from the pack',
    inputs: e => [
      { value: e.point.drive.effectivePower, quantity: 'electricPower', what: 'at the hull' },
      { value: e.point.drive.packPower, quantity: 'electricPower', what: 'from the pack' },
    ],
    source: 'Real conversions reach 30 to 50 % at cruise (common practice)',
    holds: ALWAYS,
    depends: PACK_FIELDS,
  },
  cruisePower: {
    label: 'Cruise takes',
    quantity: 'electricPower',
    part: 'use',
    read: ({ cruise }) => ({ value: cruise.drive.packPower, low: cruise.packPowerLow, high: cruise.packPowerHigh }),
    formula: 'power from the pack at cruise',
    inputs: e => [
      { value: e.cruise.speed, quantity: 'speed', what: 'cruise' },
      { value: e.cruise.resistance.centre, quantity: 'force', what: 'pull there' },
    ],
    source: 'Sum of the chain',
    holds: methodsHold,
    depends: PACK_FIELDS,
  },
  energyNeeded: {
    label: 'The use takes',
    quantity: 'energy',
    part: 'use',
    read: e => ({
      value: e.energy.needed,
      low: e.cruise.packPowerLow * e.energy.duration,
      high: e.cruise.packPowerHigh * e.energy.duration,
    }),
    formula: 'energy = power at cruise × time',
    inputs: e => [
      { value: e.cruise.drive.packPower, quantity: 'electricPower', what: 'from the pack at cruise' },
      { value: e.energy.duration, quantity: 'duration', what: 'at cruise' },
    ],
    source: 'E = P t',
    holds: methodsHold,
    depends: PACK_FIELDS,
  },
  cruiseRange: {
    label: 'Range at cruise',
    quantity: 'distance',
    part: 'use',
    read: ({ cruise }) => ({ value: cruise.distanceLeft, low: cruise.distanceLow, high: cruise.distanceHigh }),
    formula: 'range = energy to use ÷ power at cruise × cruise',
    inputs: e => [
      { value: e.energy.available, quantity: 'energy', what: 'to use, reserve kept' },
      { value: e.cruise.drive.packPower, quantity: 'electricPower', what: 'from the pack at cruise' },
      { value: e.cruise.speed, quantity: 'speed', what: 'cruise' },
    ],
    source: 'From full, no stream',
    holds: methodsHold,
    depends: RANGE_FIELDS,
  },
  allDaySpeed: {
    label: 'Holds all day',
    quantity: 'speed',
    part: 'use',
    read: ({ allDaySpeed: s }) => ({ value: s.outcome === 'none' ? 0 : s.speed }),
    formula: 'the speed at which the first all-day rating of motor, controller or pack is reached',
    inputs: e => [
      { value: e.model.project.design.motor.ratedPower, quantity: 'power', what: 'motor, rated' },
      {
        value: e.model.project.design.controller.batteryCurrent,
        quantity: 'current',
        what: 'controller, battery amps',
      },
      { value: e.model.pack.current, quantity: 'current', what: 'pack, all day' },
    ],
    source: 'Crossing of demand and ratings',
    holds: methodsHold,
    depends: [...PACK_FIELDS, 'design.motor.ratedPower', 'design.pack.series'],
  },
  minutesSpeed: {
    label: 'Holds for minutes',
    quantity: 'speed',
    part: 'use',
    read: ({ minutesSpeed: s }) => ({ value: s.outcome === 'none' ? 0 : s.speed }),
    formula: 'the speed at which the first peak rating of motor, controller or pack is reached',
    inputs: e => [
      { value: e.model.project.design.motor.peakPower, quantity: 'power', what: 'motor, peak' },
      { value: e.model.project.design.motor.peakSeconds, quantity: 'duration', what: 'holds for' },
      { value: e.model.pack.currentPeak, quantity: 'current', what: 'pack, half a minute' },
    ],
    source: 'Crossing of demand and ratings',
    holds: methodsHold,
    depends: [...PACK_FIELDS, 'design.motor.peakPower', 'design.pack.series'],
  },
} satisfies Record<string, Figure>
