import { fitMotorLosses, LEAST_RISE, PLATE_AIR, type MotorSpec } from '../drive'
import { GRAVITY, POUND } from '../constants'
import { waterProperties } from '../hull'
import { idealQuayThrust } from '../propulsor'
import type { Part, PartKindId } from './partKinds'

const SEA = waterProperties('sea').density,
  POUND_FORCE = GRAVITY * POUND

/**
 * Columns of a part that cannot both be true: the one to look at, a sentence, and the least that it can be, where that
 * is known.
 */
export interface PartContradiction {
  key: string
  message: string
  least: number | null
}

/**
 * Finds figures of a part that contradict each other.
 *
 * @param kind of part
 * @param part each figure within its own range; kept units
 * @returns contradictions; none when all is well
 * @example partContradictions('cell', { id: 'x', name: 'x', current: 100, currentPeak: 50 })[0].least // 100
 */
export function partContradictions(kind: PartKindId, part: Part): PartContradiction[] {
  const found: PartContradiction[] = []
  const below = (low: string, high: string, message: string) => {
    if (Number(part[low]) > Number(part[high])) found.push({ key: high, message, least: Number(part[low]) })
  }
  if ('leastVoltage' in part) below('leastVoltage', 'greatestVoltage', 'The upper voltage is below the lower one.')
  if (kind === 'motor') {
    below('ratedPower', 'peakPower', 'The peak is below the rated power.')
    below('ratedRpm', 'greatestRpm', 'The greatest speed is below the rated speed.')
    const fit = fitMotorLosses(part as unknown as MotorSpec)
    if (fit.outcome === 'impossible') found.push({ key: 'ratedEfficiency', message: fit.reason, least: null })
  }
  if (kind === 'wholeDrive') {
    below('ratedPower', 'inputPower', 'More reaches the propeller than goes in.')
    below('inputPower', 'peakInput', 'The peak is below what it takes continuously.')
    const most = idealQuayThrust(Number(part.ratedPower), Number(part.diameter), SEA)
    if (Number(part.thrust) > 1.005 * most)
      found.push({
        key: 'thrust',
        message:
          `No propeller ${Math.round(1000 * Number(part.diameter))} mm across pulls more than ` +
          `${Math.round(most)} N (${Math.round(most / POUND_FORCE)} lb) with that power at its shaft.`,
        least: null,
      })
  }
  if (kind === 'panel') {
    const under = (low: string, high: string, message: string) => {
      if (Number(part[low]) >= Number(part[high])) found.push({ key: low, message, least: null })
    }
    under('voltage', 'openVoltage', 'The volts at full power must be below the open volts.')
    under('current', 'shortCurrent', 'The amps at full power must be below the short-circuit amps.')
  }
  if (kind === 'controller') {
    below('batteryCurrent', 'batteryCurrentPeak', 'The amps for a minute are below the continuous ones.')
    below('phaseCurrent', 'phaseCurrentPeak', 'The amps for a minute are below the continuous ones.')
    if (Number(part.rollbackFrom) < PLATE_AIR + LEAST_RISE)
      found.push({
        key: 'rollbackFrom',
        message: 'It cuts back in air of 40 °C without any load.',
        least: PLATE_AIR + LEAST_RISE,
      })
    below('rollbackFrom', 'rollbackTo', 'It is off below where it begins to cut back.')
  }
  if (kind === 'cell' || kind === 'pack')
    below('current', 'currentPeak', 'The amps for 30 s are below the continuous ones.')
  return found
}
