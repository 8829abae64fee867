import { restVoltage } from '../battery'
import { chargersOf, type Project } from '../project'
import { modelOf, wiringReport } from '../system'

/** What may stand volts of the pack. */
export const LIVE_PARTS = [
  'pack',
  'fuse',
  'contactor',
  'precharge',
  'controller',
  'motor',
  'converter',
  'charger',
  'regulator',
  'meter',
] as const
/** One of them. */
export type LivePart = (typeof LIVE_PARTS)[number]

/** V between which a part works or stands. */
export interface VoltWindow {
  part: LivePart
  /** as a sentence names it: “the controller” */
  name: string
  /** where its window comes from */
  why: string
  from: number
  to: number
}

/** Meters differ by so much, V of the pack. */
export const METER = 0.005
/** V DC on the plate of a usual hand-held meter (common practice: CAT III, 600 V). */
const HAND_METER = 600
/** State of charge below which a pack is empty for a first power-up. */
const EMPTY = 0.05

/** V of a pack that is neither full nor empty, of an empty and of a full one. */
export function packEnds(project: Project): { half: number; empty: number; full: number } {
  const { pack } = project.design,
    half = restVoltage(pack, 0.5)
  // cells that are to be charged to less than they rest at are a finding, and no empty range
  return { half, empty: restVoltage(pack, EMPTY), full: Math.max(modelOf(project).pack.fullVoltage, half) }
}

/**
 * The windows of all that is aboard and whose plate is known; what Remigo chose to suit has the window that it is
 * bought with.
 *
 * @param project the boat
 * @returns in the order of LIVE_PARTS; no converter or charge controller where none is fitted or typed
 */
export function voltWindows(project: Project): VoltWindow[] {
  const { design } = project,
    { wiring, controller, motor, charging, solar } = design,
    { fitted } = wiring,
    model = modelOf(project),
    report = wiringReport(model),
    { empty, full } = packEnds(project),
    several = model.drives > 1
  const windows: (VoltWindow | null)[] = [
    {
      part: 'pack',
      name: 'the pack',
      why: `${model.pack.cellsInSeries} cells in series, from empty to full`,
      from: empty * (1 - METER),
      to: full * (1 + METER),
    },
    report.fuse && { part: 'fuse', name: 'the main fuse', why: 'it clears', from: 0, to: report.fuse.voltage },
    fitted.contactor
      ? { part: 'contactor', name: 'the contactor', why: 'it breaks', from: 0, to: report.contactor.voltage }
      : null,
    fitted.precharge
      ? {
          part: 'precharge',
          name: 'the precharge resistor',
          why: `${Math.ceil(report.precharge.energy)} J, as it is ordered`,
          from: 0,
          // ½ C V² = J
          to: Math.sqrt((2 * Math.ceil(report.precharge.energy)) / (model.drives * wiring.capacitance)),
        }
      : null,
    {
      part: 'controller',
      name: several ? 'each controller' : 'the controller',
      why: 'its plate',
      from: controller.leastVoltage,
      to: controller.greatestVoltage,
    },
    {
      part: 'motor',
      name: several ? 'each motor' : 'the motor',
      why: 'its plate',
      from: 0,
      to: motor.greatestVoltage,
    },
    wiring.dcdcLeast !== null || wiring.dcdcGreatest !== null
      ? {
          part: 'converter',
          name: 'the DC-DC of the house',
          why: 'its plate',
          from: wiring.dcdcLeast ?? 0,
          to: wiring.dcdcGreatest ?? full * (1 + METER),
        }
      : null,
    charging.supply !== 'none'
      ? {
          part: 'charger',
          name: 'the charger',
          why: 'its plate',
          from: 0,
          to: chargersOf(design).charger.greatestVoltage,
        }
      : null,
    solar.fitted && solar.controller
      ? {
          part: 'regulator',
          name: 'the charge controller of the panels',
          why: 'its plate',
          from: 0,
          to: solar.controller.greatestVoltage,
        }
      : null,
    { part: 'meter', name: 'a usual meter', why: 'its plate: read it', from: 0, to: HAND_METER },
  ]
  return windows.filter(w => w !== null)
}

/** Where windows meet, and which of them end it. */
export interface Meeting {
  foot: number
  top: number
  footBy: VoltWindow
  topBy: VoltWindow
}

/**
 * Where the windows of all that is live meet; the weakest part ends it at the top, the one that asks for most at the
 * foot.
 *
 * @param windows of what is live, one or more
 * @returns V; foot above top where they do not meet
 * @example meeting([{ from: 48, to: 58.4 }, { from: 42, to: 58 }]).top // 58
 */
export function meeting(windows: readonly VoltWindow[]): Meeting {
  const footBy = windows.reduce((a, b) => (b.from > a.from ? b : a)),
    topBy = windows.reduce((a, b) => (b.to < a.to ? b : a))
  return { foot: footBy.from, top: topBy.to, footBy, topBy }
}

/** The windows of some parts, in order. */
export const windowsOf = (windows: readonly VoltWindow[], parts: readonly LivePart[]): VoltWindow[] =>
  windows.filter(w => parts.includes(w.part))
