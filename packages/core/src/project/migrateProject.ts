import { USUAL_THROTTLE } from '../drive'
import { jetNamed } from '../parts'
import { USUAL_WIRING } from '../wiring'
import { usualCharging } from './charging'
import { PROJECT_VERSION } from './projectVersion'
import { usualGear, usualHabits } from './usual'

/** Turns a document of one version into the next. */
export type Migration = (document: Record<string, unknown>) => Record<string, unknown>

/** 1 to 2: more kinds of hull and drive, water depth, what the old engine really did, and the sea trial. */
const toVersion2: Migration = document => {
  const boat = document.boat as Record<string, unknown> | undefined
  if (typeof boat !== 'object' || boat === null) return document
  const engine = boat.oldEngine as Record<string, unknown> | undefined
  return {
    ...document,
    boat: {
      ...boat,
      variant: '',
      hullBeam: null,
      hullSpacing: null,
      tubes: 2,
      deadrise: null,
      lcg: null,
      waterDepth: null,
      oldEngine:
        typeof engine === 'object' && engine !== null
          ? { kind: 'dieselNatural', ...engine, usualRpm: null, fuelRate: null }
          : engine,
    },
    trial: { points: [], use: 'theory' },
  }
}

/** 2 to 3: a waterjet beside the propeller. */
const toVersion3: Migration = document => {
  const design = document.design as Record<string, unknown> | undefined
  if (typeof design !== 'object' || design === null) return document
  return { ...document, design: { ...design, jet: jetNamed('sluice-180') } }
}

/** 3 to 4: kinds of propeller and their hand, what old gears stand, heat. */
const toVersion4: Migration = document => {
  const part = (of: unknown): Record<string, unknown> =>
    typeof of === 'object' && of !== null ? (of as Record<string, unknown>) : {}
  const boat = part(document.boat),
    design = part(document.design)
  return {
    ...document,
    boat: { ...boat, drive: { ...part(boat.drive), torqueLimit: null, rpmLimit: null, reverses: false } },
    use: { ...part(document.use), ambient: 308.15 },
    design: {
      ...design,
      cooling: null,
      propeller: { ...part(design.propeller), kind: 'fixed', efficiencyFactor: null, hand: 'right' },
      motor: { ...part(design.motor), insulation: 'F', weakerDirection: 'none' },
      controller: {
        ...part(design.controller),
        rollbackFrom: 358.15,
        rollbackTo: 373.15,
        regenCurrent: part(design.controller).batteryCurrent,
      },
    },
    heat: { points: [] },
  }
}

/** V of a full pack in a document that is not checked yet; 55 when it tells nothing. */
function nominalFull(pack: Record<string, unknown>): number {
  const cell = pack.cell as { cellsInSeries?: unknown } | undefined
  const volts = Number(pack.series) * Number(cell?.cellsInSeries ?? 1) * Number(pack.chargeVoltage)
  return volts > 0 ? volts : 55
}

/** 4 to 5: ready packs, and what the lever asks of the motor. */
const toVersion5: Migration = document => {
  const part = (of: unknown): Record<string, unknown> =>
    typeof of === 'object' && of !== null ? (of as Record<string, unknown>) : {}
  const boat = part(document.boat),
    design = part(document.design),
    pack = part(design.pack)
  return {
    ...document,
    boat: { ...boat, drive: { ...part(boat.drive), astern: 'motor' } },
    design: {
      ...design,
      pack: { ...pack, cell: { ...part(pack.cell), complete: false } },
      throttle: USUAL_THROTTLE,
      wiring: USUAL_WIRING,
      charging: usualCharging(nominalFull(pack)),
    },
  }
}

/**
 * 5 to 6: spaces for the pack, banks and strings beside it, sun, generator, house converter, and how often and where
 * she is used.
 */
const toVersion6: Migration = document => {
  const part = (of: unknown): Record<string, unknown> =>
    typeof of === 'object' && of !== null ? (of as Record<string, unknown>) : {}
  const boat = part(document.boat),
    design = part(document.design),
    gear = usualGear(nominalFull(part(design.pack))),
    wiring = part(design.wiring)
  const kind = { hullType: String(boat.hullType), variant: String(boat.variant) }
  return {
    ...document,
    boat: { ...boat, compartments: [] },
    use: { ...part(document.use), ...usualHabits(kind) },
    design: {
      ...design,
      banks: gear.banks,
      solar: gear.solar,
      wiring: { ...gear.wiring, ...wiring, fitted: { ...gear.wiring.fitted, ...part(wiring.fitted) } },
      charging: { ...gear.charging, ...part(design.charging) },
    },
  }
}

/** 6 to 7: more parts can be held, and each run of the trial keeps the drive that it was made with. */
const toVersion7: Migration = document => {
  const part = (of: unknown): Record<string, unknown> =>
    typeof of === 'object' && of !== null ? (of as Record<string, unknown>) : {}
  const boat = part(document.boat),
    drive = part(boat.drive),
    { motor, controller, reduction, propeller, jet } = part(document.design),
    trial = part(document.trial)
  const points = Array.isArray(trial.points) ? (trial.points as unknown[]) : []
  const setup = {
    motor,
    controller,
    reduction,
    propeller,
    jet,
    drive: drive.kind,
    legRatio: drive.legRatio,
    mass: boat.mass,
    houseLoad: part(document.use).houseLoad,
  }
  return {
    ...document,
    trial: {
      ...trial,
      points: points.map(point => ({ ...part(point), setup: 0 })),
      setups: points.length ? [setup] : [],
    },
    held: { controller: false, reduction: false, charger: false, panels: false, ...part(document.held) },
  }
}

/** Migrations by the version that they start from. */
export const MIGRATIONS: Readonly<Record<number, Migration>> = {
  1: toVersion2,
  2: toVersion3,
  3: toVersion4,
  4: toVersion5,
  5: toVersion6,
  6: toVersion7,
}

/** A document of today's version, or the reason why it cannot be had. */
export type MigrationOutcome =
  | { outcome: 'current'; document: Record<string, unknown> }
  | { outcome: 'tooNew'; version: number }
  | { outcome: 'noPath'; version: number }

/**
 * Brings a document up to a version, step by step.
 *
 * @param document with a whole `version` from 1
 * @param migrations steps by starting version
 * @param target version wanted
 * @returns the document, or why not
 * @example migrateProject({ version: 1 }).outcome // 'current'
 */
export function migrateProject(
  document: Record<string, unknown>,
  migrations = MIGRATIONS,
  target: number = PROJECT_VERSION,
): MigrationOutcome {
  let current = document
  let version = Number(document.version)
  if (version > target) return { outcome: 'tooNew', version }
  while (version < target) {
    const step = migrations[version]
    if (!step) return { outcome: 'noPath', version }
    version += 1
    current = { ...step(current), version }
  }
  return { outcome: 'current', document: current }
}
