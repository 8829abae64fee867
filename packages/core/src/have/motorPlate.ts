import { torqueConstant } from '../drive'
import { usualEfficiency } from '../parts'
import { amps as amperes, newtonMetres, revsPerSecond, share, volts, type Text } from '../units'
import { valueOf, voltsOf, type Said } from './said'

/** Figures of one plate agree to so much: rounded numbers, and horsepower of several kinds. */
const AGREES = 0.15
/** A hub motor turns so many times a minute for a volt (from memory: those of scooters and carts, 8 to 12). */
const HUB_TURNS = 10
/** Car motors are sold by what they give for seconds; for hours it is about so much (common practice: 0.35 to 0.5). */
const CAR_SHARE = 0.42
/** What a motor gives for hours of its peak, as where the library estimates it. */
const SHORT_SHARE = 1 / 1.7
/** Efficiencies that a plate's volts and amps may mean. */
const EFFICIENCY = { least: 0.4, most: 0.985 } as const

/** What is told of a motor, in the fields of the library, and what cannot be so together. */
export function motorPlate(said: Said): { given: Record<string, unknown>; doubts: Text[] } {
  const doubts: Text[] = [],
    { words } = said,
    { rated, least, greatest } = voltsOf(said)
  const car = /\b(?:car|ev|donor|vehicle)\b/i.test(words)
  const told = valueOf(said, 'power'),
    peak = valueOf(said, 'power', ['peak']) ?? (car ? told : null)
  let power = car && peak === told ? null : told,
    turns = inRpm(valueOf(said, 'rotation'))
  let greatestTurns = inRpm(valueOf(said, 'rotation', ['peak']))
  const torque = valueOf(said, 'torque'),
    kt = valueOf(said, 'torquePerAmp')
  let kv = valueOf(said, 'speedPerVolt') ?? (kt === null ? null : torqueConstant(kt))
  const hub = /\bhub\b/i.test(words)
  if (hub && kv === null && turns === null) kv = HUB_TURNS
  if (turns === null && kv !== null && rated !== null) turns = 0.92 * kv * rated
  // a car's plate holds its peaks: power and torque meet where it begins to weaken its field, far below its last turns
  if (car && peak !== null && torque !== null) {
    greatestTurns ??= turns
    turns = (30 * peak) / (Math.PI * torque)
  } else if (torque !== null) {
    if (power === null && turns !== null) power = (torque * turns * Math.PI) / 30
    else if (power !== null && turns === null) turns = (30 * power) / (Math.PI * torque)
    else if (power !== null && turns !== null && told !== null) {
      const means = (30 * power) / (Math.PI * turns)
      if (Math.abs(Math.log(torque / means)) > AGREES)
        doubts.push({
          text: '{p} at {n} is {m}; the plate says {t}. Power and turns are used.',
          params: { p: powerText(power), n: turnsText(turns), m: newtonMetres(means), t: newtonMetres(torque) },
        })
    }
  }
  if (!car && kv !== null && rated !== null && inRpm(valueOf(said, 'rotation')) !== null) {
    const free = kv * rated
    if (turns! > 1.1 * free || turns! < 0.5 * free) {
      doubts.push({
        text: '{k} rpm/V at {v} is {f}; the plate says {n}. Turns and volts are used.',
        params: { k: kv.toPrecision(3), v: volts(rated), f: turnsText(free), n: turnsText(turns!) },
      })
      kv = null
    }
  }
  const current = valueOf(said, 'current')
  let efficiency: number | null = null
  if (current !== null && rated !== null) {
    const input = current * rated
    if (power === null && peak === null) power = usualEfficiency(input) * input
    else if (power !== null) {
      efficiency = power / input
      if (efficiency < EFFICIENCY.least || efficiency > EFFICIENCY.most) {
        doubts.push({
          text: '{v} and {a} are {i}, of which {p} at the shaft is {e}. Power and volts are used.',
          params: {
            v: volts(rated),
            a: amperes(current),
            i: powerText(input),
            p: powerText(power),
            e: share(efficiency),
          },
        })
        efficiency = null
      }
    }
  }
  return {
    given: {
      ratedPower: power ?? (peak === null ? null : (car ? CAR_SHARE : SHORT_SHARE) * peak),
      ratedRpm: turns,
      ratedVoltage: rated,
      ratedEfficiency: efficiency,
      leastVoltage: least,
      greatestVoltage: greatest,
      kvRpmPerVolt: kv,
      peakPower: peak,
      peakSeconds: valueOf(said, 'shortTime', ['rated', 'peak']),
      greatestRpm: greatestTurns,
      build: buildIn(words, car),
      cooling: /water[- ]cooled|liquid/i.test(words) ? 'closed loop' : /air[- ]cooled/i.test(words) ? 'air' : null,
      mass: valueOf(said, 'partMass'),
    },
    doubts,
  }
}

const inRpm = (si: number | null) => (si === null ? null : 60 * si)
const turnsText = (rpm: number) => revsPerSecond(rpm / 60)
const powerText = (power: number) => ({ quantity: 'power' as const, value: power })

/** How the motor makes its field, where the line says it. */
function buildIn(words: string, car: boolean): string | null {
  if (/induction|asynchron/i.test(words)) return 'induction'
  if (/\bbrushed|\bbrushes\b|\bDC motor\b|\bV DC\b/i.test(words) && !/brushless/i.test(words)) return 'brushed'
  return car || /\bipm\b|inner magnet|interior magnet/i.test(words) ? 'inner magnets' : null
}
