import type { FuseSpec } from './wiringSpecs'

/** Rating of a fuse above the current that flows all day (common practice: 1.25). */
export const FUSE_MARGIN = 1.25

/** What a fuse must do. A, V. */
export interface FuseDemand {
  current: number
  ampacity: number
  voltage: number
  shortCircuit: number
}

/** What is wrong with a fuse at its place; empty when it suits. */
export type FuseFault = 'tooSmall' | 'aboveCable' | 'voltage' | 'interrupt'

/**
 * What is wrong with a fuse.
 *
 * @param fuse its rating, volts and interrupting amps
 * @param demand continuous current, what the cable carries, greatest volts, short circuit
 * @returns faults, none when it suits
 *
 * Source: rating between 1.25 × current and the cable's ampacity; volts and interrupt rating at least the source's
 * (common practice, ISO 13297 and ABYC E-11 by name).
 */
export function fuseFaults(fuse: FuseSpec, { current, ampacity, voltage, shortCircuit }: FuseDemand): FuseFault[] {
  const faults: FuseFault[] = []
  if (fuse.rating < FUSE_MARGIN * current) faults.push('tooSmall')
  if (fuse.rating > ampacity) faults.push('aboveCable')
  if (fuse.voltage < voltage) faults.push('voltage')
  if (fuse.interrupt < shortCircuit) faults.push('interrupt')
  return faults
}

/**
 * The cheapest fuse that suits, the smallest first.
 *
 * @param fuses of the library
 * @param demand what it must do; an ampacity of Infinity where the cable is yet to be chosen
 * @returns a fuse; null when none suits
 */
export function fuseFor(fuses: readonly FuseSpec[], demand: FuseDemand): FuseSpec | null {
  let best: FuseSpec | null = null
  for (const fuse of fuses) {
    if (
      fuse.rating < FUSE_MARGIN * demand.current ||
      (best && (fuse.rating > best.rating || (fuse.rating === best.rating && fuse.price >= best.price)))
    )
      continue
    if (fuseFaults(fuse, demand).length === 0) best = fuse
  }
  return best
}

/** No link is made for more (common practice: current-limiting links to 200 kA). */
const MOST_FUSE = { rating: 2000, interrupt: 200_000 } as const
/** Usual price of a current-limiting link with its holder, €: 60 and a tenth for each amp (common practice). */
const FUSE_PRICE = { least: 60, amp: 0.1 } as const

/**
 * The fuse that is asked for, where none of the library suits: still to be found.
 *
 * @param demand what it must do
 * @returns its plate; null where none is made, or the cable asks for less than the current wants
 */
export function fuseToFind({ current, ampacity, voltage, shortCircuit }: FuseDemand): FuseSpec | null {
  const up = (value: number, step: number) => step * Math.ceil(value / step - 1e-9)
  const rating = up(FUSE_MARGIN * current, current > 100 ? 50 : 5),
    interrupt = up(1.1 * shortCircuit, 1000),
    volts = up(1.02 * voltage, 10)
  if (rating > Math.min(ampacity, MOST_FUSE.rating) || interrupt > MOST_FUSE.interrupt) return null
  return {
    id: `stand-in/fuse/${rating}-${volts}-${interrupt}`,
    name: `Fuse to find: ${rating} A, ${volts} V DC, interrupts ${interrupt / 1000} kA`,
    estimated: ['price'],
    standIn: true,
    kind: 'fast, current-limiting',
    rating,
    voltage: volts,
    interrupt,
    price: FUSE_PRICE.least + FUSE_PRICE.amp * rating,
  }
}

/**
 * Amps of a dead short at the pack: V / R of cells and cable.
 *
 * @param voltage full, V
 * @param resistance of pack and cable, Ω, > 0
 * @returns A
 * @example shortCircuitCurrent(58.4, 0.0048) // 12167
 */
export function shortCircuitCurrent(voltage: number, resistance: number): number {
  return voltage / Math.max(resistance, 1e-6)
}

/** Time in which the controller's input should be charged, s (common practice: 5 τ in 1 to 2 s). */
export const PRECHARGE_TIME = 1.5

/** A precharge resistor: Ω, time to 99 %, first amps, and what it must swallow. */
export interface Precharge {
  resistance: number
  time: number
  peak: number
  energy: number
}

/**
 * What a resistor does while it charges the controller's input.
 *
 * @param voltage of the full pack, V
 * @param capacitance F
 * @param resistance Ω; by itself the one that takes 1.5 s
 * @returns 5 τ in s, V/R in A, ½ C V² in J
 * @example precharge(58.4, 0.005).resistance // 60.00
 *
 * Source: τ = R C; the resistor takes as much energy as the capacitor.
 */
export function precharge(
  voltage: number,
  capacitance: number,
  resistance = PRECHARGE_TIME / (5 * capacitance),
): Precharge {
  return {
    resistance,
    time: 5 * resistance * capacitance,
    peak: voltage / resistance,
    energy: 0.5 * capacitance * voltage * voltage,
  }
}
