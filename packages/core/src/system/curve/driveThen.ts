import type { RunSetup } from '../../project/definition/projectFields'
import type { DriveThen } from '../../project/told/driveThen'

// What of the watts at a battery reaches the water through a drive that is not the one on the board: the hull is told
// by it only as well as that drive is known, and all its readings share what is not known of it.

/** What is usual of a kind of drive, and what that leaves open. */
interface Usual {
  /** pull times speed for each watt, flat out */
  full: number
  /** power of the load by which it is less at part load */
  fade: number
  /** W that go on with no thrust: controller, brushes, contactor, BMS, and what of the house hangs on it */
  idle: number
  /** σ of ln of the first, of the second, and W of the third */
  open: { full: number; fade: number; idle: number }
  /** W that it takes flat out, where its plate is not known */
  plate: number
}

/**
 * Usual drives (handbook, edges and readings: what small drives lose at low load; 30 to 50 % for conversions and 15 to
 * 35 % for small motors are common practice, from memory).
 */
const USUAL: Readonly<Record<DriveThen, Usual>> = {
  unknown: { full: 0.4, fade: 0.15, idle: 10, open: { full: 0.25, fade: 0.15, idle: 10 }, plate: 2000 },
  trollingMotor: { full: 0.34, fade: 0.4, idle: 8, open: { full: 0.18, fade: 0.25, idle: 6 }, plate: 500 },
  outboard: { full: 0.43, fade: 0.12, idle: 12, open: { full: 0.18, fade: 0.1, idle: 8 }, plate: 3000 },
  shaft: { full: 0.47, fade: 0.12, idle: 15, open: { full: 0.18, fade: 0.1, idle: 10 }, plate: 5000 },
  pod: { full: 0.47, fade: 0.12, idle: 12, open: { full: 0.18, fade: 0.1, idle: 8 }, plate: 3000 },
}
/**
 * A trolling motor whose switch has notches burns the rest in a resistor: some 8 % at a quarter of its amps, 14 % at
 * 43 %, 33 % flat out; one with a knob without steps keeps about 20 % at a tenth (handbook, as above).
 */
const NOTCHED: Partial<Usual> = { full: 0.33, fade: 1, open: { full: 0.18, fade: 0.2, idle: 6 } },
  STEPLESS: Partial<Usual> = { full: 0.36, fade: 0.2, open: { full: 0.15, fade: 0.1, idle: 6 } }
/** What a single reading through it leaves open by itself, σ of ln: dirty water, a warm motor, a tired battery. */
const EACH = 0.08
/** No doubt of a constant is worth more, σ of ln. */
const MOST_OPEN = 1

/** What a reading needs to know of the drive that it was made with. */
export type DriveOfReading = Pick<RunSetup, 'kind' | 'plate' | 'notches' | 'houseLoad'>

function usualOf({ kind, notches }: DriveOfReading): Usual {
  const usual = USUAL[kind]
  if (kind !== 'trollingMotor' || notches === null) return usual
  return { ...usual, ...(notches > 1 ? NOTCHED : STEPLESS) }
}

/** What of a battery's watts reaches the water, and what of that is not known. */
export interface ReachesWater {
  /** W, pull times speed */
  power: number
  /** σ of its ln that all readings through this drive share: what it makes flat out, how that fades, what idles */
  shared: readonly [full: number, fade: number, idle: number]
  /** σ of its ln that each has by itself */
  each: number
}

/**
 * Power that reaches the water through a drive of which only what the owner says is known.
 *
 * @param drive its kind, and plate in W and notches where they are known; house load in W where the watts hold it
 * @param watts at the battery, W, > 0
 * @returns W, and what is open
 * @example reachesWater({ kind: 'unknown', plate: null, notches: null, houseLoad: 0 }, 2000).power // 796.0
 *
 * Source: P = η (W/Wfull)ᶠ (W − idle), the idle part held below half of what was read.
 */
export function reachesWater(drive: DriveOfReading, watts: number): ReachesWater {
  const { full, fade, idle, open, plate } = usualOf(drive)
  // the plate alone: what was read may be wrong
  const load = Math.min(1, watts / (drive.plate ?? plate))
  const constant = idle + drive.houseLoad,
    // smoothly never more than half of what was read
    lost = (constant * watts) / (watts + 2 * constant),
    left = watts - lost
  return {
    power: full * load ** fade * left,
    shared: [
      open.full,
      open.fade * Math.log(1 / load),
      Math.min(MOST_OPEN, Math.hypot(open.idle, drive.houseLoad / 2) / left),
    ],
    each: EACH,
  }
}
