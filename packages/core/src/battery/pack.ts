import { interpolate } from '../numeric'
import type { PackSpec } from './cellSpec'
import { CHEMISTRIES, type Chemistry } from './chemistry'
import { groupFigures, ONE_NEW_BANK, ownStrings, workingGroups, type Banks } from './strings'

const SHARES = [0, 0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 1]

/** Share of a pack's mass and price that is box, links, cables and battery management (common practice). */
export const PACK_OVERHEAD = { mass: 0.25, price: 0.3 }

/** What follows from a pack's cells alone. SI; capacity in Ah. */
export interface PackFigures {
  /** single cells in series */
  cellsInSeries: number
  nominalVoltage: number
  /** J */
  energy: number
  /** J that daily use should take */
  usableEnergy: number
  capacityAh: number
  /** Ah over which the amps are spread: of the one bank that works, where one works at a time */
  workingAh: number
  /** Ω */
  resistance: number
  /** A */
  current: number
  currentPeak: number
  /** V at the end of charge */
  fullVoltage: number
  /** V below and above which the cells, or the management inside their blocks, cut off */
  lowVoltage: number
  highVoltage: number
  mass: number
  price: number
  blocks: number
}

/**
 * Figures of a pack from its cells, with their wear and the strings beside them that run together with them.
 *
 * @param pack cell, series, parallel, charge voltage
 * @param banks wear, cut-offs, other strings
 * @returns energy in J, voltages in V, resistance in Ω, limits in A, mass and price with box and battery management
 *
 * Source: E = series × nominal V × parallel × Ah; R = series × R_cell / parallel; strings in parallel share amps by
 * resistance.
 */
export function packFigures(pack: PackSpec, banks: Banks = ONE_NEW_BANK): PackFigures {
  const own = groupFigures(ownStrings(pack, banks)),
    { usableShare }: Chemistry = CHEMISTRIES[pack.cell.chemistry],
    { mass, price, blocks } = weigh(pack.cell, pack.series * pack.parallel)
  // asked at every step of a day: every field by its name, which a spread is many times slower than
  const alone: PackFigures = {
    cellsInSeries: own.cellsInSeries,
    nominalVoltage: own.nominalVoltage,
    energy: own.nominalVoltage * own.capacityAh * 3600,
    usableEnergy: own.nominalVoltage * own.capacityAh * 3600 * usableShare,
    capacityAh: own.capacityAh,
    workingAh: own.capacityAh,
    resistance: own.resistance,
    current: own.current,
    currentPeak: own.currentPeak,
    fullVoltage: own.cellsInSeries * pack.chargeVoltage,
    lowVoltage: own.lowVoltage,
    highVoltage: own.highVoltage,
    mass,
    price,
    blocks,
  }
  const all = banks.others.length === 0 ? alone : withOthers(alone, pack, banks, usableShare)
  return banks.together === 'one at a time' ? ofOneBank(all, pack, banks) : all
}

/** A pack with strings of other kinds beside its own. */
function withOthers(alone: PackFigures, pack: PackSpec, banks: Banks, usableShare: number): PackFigures {
  const together = besides(pack, banks),
    energy = alone.nominalVoltage * together.capacityAh * 3600
  return { ...alone, ...together, workingAh: together.capacityAh, energy, usableEnergy: energy * usableShare }
}

/** A pack of which one bank works at a time: its energy is there, its amps are those of the smallest bank. */
function ofOneBank(all: PackFigures, pack: PackSpec, { count }: Banks): PackFigures {
  const banks = Math.max(1, Math.min(count, pack.parallel)),
    share = Math.floor(pack.parallel / banks) / pack.parallel
  return {
    ...all,
    current: all.current * share,
    currentPeak: all.currentPeak * share,
    workingAh: all.workingAh * share,
    resistance: all.resistance / share,
  }
}

/** Blocks with their share of box and management. */
function weigh(cell: PackSpec['cell'], blocks: number): { mass: number; price: number; blocks: number } {
  const overhead = cell.complete ? { mass: 0, price: 0 } : PACK_OVERHEAD
  return { blocks, mass: blocks * cell.mass * (1 + overhead.mass), price: blocks * cell.price * (1 + overhead.price) }
}

/** Sums of strings of several kinds in parallel: amps split by resistance, so the first to reach its limit ends it. */
function besides(pack: PackSpec, banks: Banks) {
  const groups = workingGroups(pack, banks).map(groupFigures)
  const resistance = 1 / groups.reduce((sum, g) => sum + 1 / g.resistance, 0)
  const parts = [
    weigh(pack.cell, pack.series * pack.parallel),
    ...banks.others.map(g => weigh(g.cell, g.series * g.parallel)),
  ]
  const total = (of: 'mass' | 'price' | 'blocks') => parts.reduce((sum, p) => sum + p[of], 0)
  return {
    resistance,
    capacityAh: groups.reduce((sum, g) => sum + g.capacityAh, 0),
    current: Math.min(...groups.map(g => (g.current * g.resistance) / resistance)),
    currentPeak: Math.min(...groups.map(g => (g.currentPeak * g.resistance) / resistance)),
    lowVoltage: Math.max(...groups.map(g => g.lowVoltage)),
    highVoltage: Math.min(...groups.map(g => g.highVoltage)),
    mass: total('mass'),
    price: total('price'),
    blocks: total('blocks'),
  }
}

/**
 * Rest voltage of a pack at a state of charge, V.
 *
 * @param pack the pack
 * @param stateOfCharge 0 … 1
 * @returns V
 */
export function restVoltage(pack: PackSpec, stateOfCharge: number): number {
  return (
    pack.series *
    pack.cell.cellsInSeries *
    interpolate(SHARES, CHEMISTRIES[pack.cell.chemistry].restVoltage, stateOfCharge)
  )
}

/** Current and voltage of a pack that gives a power, or the most that it can give. */
export type PackLoad =
  | { outcome: 'carries'; current: number; voltage: number }
  | { outcome: 'tooWeak'; greatestPower: number; current: number; voltage: number }

/**
 * Current and loaded voltage of a pack at a power: I = (V0 − √(V0² − 4 R P)) / (2 R).
 *
 * @param rest V0, rest voltage, V, > 0
 * @param resistance R, Ω, ≥ 0
 * @param power P, W, ≥ 0
 * @returns current and voltage; `tooWeak` with the most that it gives, V0²/(4R), when there is no solution
 * @throws RangeError on values outside those
 * @example packLoad(52, 0.02, 5000).outcome // 'carries'
 */
export function packLoad(rest: number, resistance: number, power: number): PackLoad {
  if (!(rest > 0) || !(resistance >= 0) || !(power >= 0))
    throw new RangeError(`rest must be above 0, resistance and power 0 or more; got ${rest}, ${resistance}, ${power}`)
  if (resistance === 0) return { outcome: 'carries', current: power / rest, voltage: rest }
  const root = rest * rest - 4 * resistance * power
  if (root < 0) {
    return {
      outcome: 'tooWeak',
      greatestPower: (rest * rest) / (4 * resistance),
      current: rest / (2 * resistance),
      voltage: rest / 2,
    }
  }
  // 2P/(V0 + √…) is the same root without the loss of figures at small R
  const current = (2 * power) / (rest + Math.sqrt(root))
  return { outcome: 'carries', current, voltage: rest - current * resistance }
}
