import { hasLeg } from '../hull'
import { min, sort } from 'd3-array'
import { chargerFits, packFigures } from '../battery'
import { bestCharger, chargersOf } from '../project/parts/charging'
import { edit, type Edit } from '../project/definition/projectPath'
import { partsMass } from '../project/parts/partsTotals'
import { weightAfloat } from '../project/weightAfloat'
import { withEdits } from '../project/definition/projectPath'
import { HELD_PARTS } from '../project/parts/heldParts'
import type { PartName } from '../project/parts/partName'
import type { Project } from '../project/definition/projectFields'
import { SHIPPED_LIBRARY, type Library } from '../parts'
import { type Text, metresPerSecond, share } from '../units'
import { checkFindings } from '../findings'
import { modelOf } from '../system/model'
import type { DesignCandidate, DriveCandidate } from './candidate'
import { cheapestDrives, driveCandidates, thrustPowerAtTop } from './driveCandidates'
import { packCandidates, type PackChoice } from './packCandidates'
import type { Reason } from './reason'
import { sizingReasons } from './sizingReasons'
import { standInCharger, standInJets, standInMotors } from './standIns'

/** A design for what is not held, or the reason why there is none. */
export type SizingOutcome =
  | {
      outcome: 'sized'
      edits: Edit[]
      reasons: Reason[]
      stops: number
      /** what it could not do, and by how much */ short: Text | null
    }
  /** nothing in the library fits; `text` says what is short */
  | { outcome: 'nothingFits'; text: Text }

/**
 * How many of the cheapest designs are put through every finding before one is taken, and how many at most while all of
 * them clash.
 */
const CHECKED = 12,
  MOST_CHECKED = 160
/** A design with fewer cautions may cost so much more than the cheapest without a clash. */
const WORTH = 1.25

/**
 * Sizes everything that is not held: motor, reduction, propeller, controller, voltage and pack.
 * The cheapest design is taken that keeps the headroom at cruise, holds top for the time that it is wanted,
 * carries the energy with its reserve, and meets no finding that stops; fewest cautions decide between the first few.
 *
 * @param project the boat
 * @param library parts to choose from
 * @returns edits and reasons, or what is short
 */
export function sizeRest(project: Project, library: Library = SHIPPED_LIBRARY): SizingOutcome {
  let boat = project,
    edits: Edit[] = [],
    last: Extract<SizingOutcome, { outcome: 'sized' }> | null = null
  for (let round = 1; ; round++) {
    const found = sizeOnce(boat, library)
    // where her own new weight is too much for any design, the last one stands, and the findings tell
    if (found.outcome !== 'sized' || (found.short && last?.short === null)) return last ?? found
    // of edits of one path the last counts
    const paths = new Set<string>(found.edits.map(e => e.path))
    edits = [...edits.filter(e => !paths.has(e.path)), ...found.edits]
    const heavier = withEdits(boat, found.edits),
      moved = Math.abs(weightAfloat(heavier).mass / weightAfloat(boat).mass - 1)
    last = { ...found, edits }
    if (moved < SAME_WEIGHT || round === WEIGHINGS) return last
    boat = heavier
  }
}

/** Her weight follows from the design, and the design from her weight: it is sized again until both agree. */
const WEIGHINGS = 4,
  SAME_WEIGHT = 0.005

function sizeOnce(project: Project, library: Library): SizingOutcome {
  const { designs, whole, why } = designsFor(project, library)
  if (designs.length === 0) return { outcome: 'nothingFits', text: why ?? noPackText(project) }
  let best: { design: DesignCandidate; edits: Edit[]; stops: number; cautions: number } | undefined
  for (const [i, design] of sort(designs, d => weighed(project, d))
    .slice(0, MOST_CHECKED)
    .entries()) {
    // enough were looked at, or the rest are too dear for what they would spare
    if (best?.stops === 0 && (i >= CHECKED || design.cost > WORTH * best.design.cost)) break
    const edits = designEdits(project, design, library)
    const { counts } = checkFindings(withEdits(project, edits), library)
    if (!best || counts.stop < best.stops || (counts.stop === best.stops && counts.caution < best.cautions)) {
      best = { design, edits, stops: counts.stop, cautions: counts.caution }
    }
    if (best.stops === 0 && best.cautions === 0) break
  }
  const { design, edits, stops } = best!
  const asWished = whole ? null : whatIsShort(withEdits(project, edits), library)
  return { outcome: 'sized', edits, stops, short: asWished, reasons: sizingReasons(project, design) }
}

/** What a design cannot do, in the words and the figures of the worst that is found on it. */
function whatIsShort(designed: Project, library: Library): Text | null {
  const worst = checkFindings(designed, library).findings.find(
    f => SHORT_PARTS.has(f.part) && f.severity !== 'note' && f.measure !== undefined,
  )
  if (!worst) return null
  const held = HELD_PARTS.filter(part => designed.held[part])
  return {
    text: `${held.length > 0 ? `With the ${heldWords.format(held)} held: ` : ''}${worst.sentence.text}`,
    params: worst.sentence.params,
  }
}
const SHORT_PARTS: ReadonlySet<PartName> = new Set<PartName>(['motor', 'controller', 'pack', 'propeller']),
  heldWords = new Intl.ListFormat('en-GB', { type: 'conjunction' })

/** Designs, whether they do all that is wished, and why there is none. */
interface FoundDesigns {
  designs: DesignCandidate[]
  whole: boolean
  why: Text | null
}

/**
 * Designs for what is not held: of the library; else with stand-ins, that are still to be found; else of what is held
 * as far as it goes, with what is short.
 */
function designsFor(project: Project, library: Library): FoundDesigns {
  const model = modelOf(project)
  const able = (drives: DriveCandidate[]) => cheapestDrives(drives.filter(d => d.excess <= 1))
  const packed = (drives: DriveCandidate[], choice: PackChoice) =>
    drives.flatMap(drive => packCandidates(project, drive, library, choice))
  const drives = driveCandidates(model, library),
    own = packed(able(drives), {})
  if (own.length > 0) return { designs: own, whole: true, why: null }
  const thrustPower = thrustPowerAtTop(model)
  const toFind: Library = {
    ...library,
    wholeDrives: [],
    motors: standInMotors(project, thrustPower),
    jets: [...library.jets, ...standInJets(project.boat.drive.greatestDiameter, thrustPower)],
  }
  const found = driveCandidates(model, toFind)
  for (const some of [drives, found]) {
    const designs = packed(able(some), { standIns: true })
    if (designs.length > 0) return { designs, whole: true, why: null }
  }
  // what is held does not hold what is wished: it is designed with, and told by how much
  const all = [...drives, ...found, ...driveCandidates(model, library, true)],
    least = min(all, d => d.excess)
  if (least === undefined) return { designs: [], whole: false, why: whyNoDrive(project, Infinity) }
  const near = all.filter(d => d.excess <= Math.max(1, NEAR_BEST * least))
  return {
    designs: packed(cheapestDrives(near), { standIns: true, anyVolts: true }),
    whole: false,
    why: least > 1 ? whyNoDrive(project, least) : noPackText(project),
  }
}

/** Drives so near to the best are as good, where none holds. */
const NEAR_BEST = 1.02

/** A kilogram is dearer the lighter the boat: cost, raised by the share of her weight that goes in (judgement). */
const weighed = ({ boat }: Project, d: DesignCandidate): number =>
  d.cost * (1 + partsMass(d, packFigures(d.pack), boat.drive) / boat.mass) ** 2

/** The edits that put a design on the boat; what is held stays. */
export function designEdits(project: Project, d: DesignCandidate, library: Library = SHIPPED_LIBRARY): Edit[] {
  const { held, boat } = project
  return [
    ...(held.motor ? [] : [edit('design.motor', d.motor), ...wholeEdits(project, d)]),
    ...(held.propeller
      ? []
      : boat.drive.kind === 'jet'
        ? [edit('design.jet', d.jet)]
        : [edit('design.propeller', d.propeller)]),
    ...(held.pack ? [] : [edit('design.pack', d.pack)]),
    ...(held.voltage ? [] : [edit('design.systemVoltage', d.systemVoltage)]),
    ...(held.reduction ? [] : [edit('design.reduction', d.reduction)]),
    ...(!held.leg && hasLeg(boat.drive.kind) && d.legRatio !== boat.drive.legRatio
      ? [edit('boat.drive.legRatio', d.legRatio)]
      : []),
    ...(held.controller ? [] : [edit('design.controller', d.controller)]),
    ...(held.charger ? [] : chargerEdits(project, d, library)),
  ]
}

/** What says that motor, controller, leg and propeller are one part, or no longer are. */
const wholeEdits = ({ design }: Project, { whole }: DesignCandidate): Edit[] =>
  whole || design.wholeDrive ? [edit('design.wholeDrive', whole)] : []

/** A charger for the new pack where the one that there is has other volts, or pushes more than its cells take. */
function chargerEdits({ design: { charging } }: Project, { pack }: DesignCandidate, library: Library): Edit[] {
  const { fullVoltage } = packFigures(pack),
    takes = pack.parallel * pack.cell.chargeCurrent
  const now = chargersOf({ charging, pack })
  if (chargerFits(now.charger, fullVoltage) && now.count * now.charger.current <= takes) return []
  const { shoreVoltage, shoreCurrent, continuous, inlet } = charging
  const charger =
    bestCharger(library.chargers, { fullVoltage, shoreVoltage, shoreCurrent, takes, pilot: inlet === 'carType' }) ??
    standInCharger(pack, { shoreVoltage, shoreCurrent, continuous })
  if (charger.id === charging.charger.id && charging.each === 'pack') return []
  return [
    edit('design.charging.charger', charger),
    edit('design.charging.count', 1),
    edit('design.charging.each', 'pack'),
  ]
}

/** What stands in the way of controller and pack: what is held, or the library. */
function noPackText({ held }: Project): Text {
  const names = (['controller', 'pack', 'voltage', 'motor'] as const).filter(part => held[part])
  return {
    text:
      names.length > 0
        ? 'Motors are found, but no controller and pack in the library suit them with the ' +
          `${names.join(', the ')} held. Let go of one of them.`
        : 'Motors are found, but no controller and pack in the library suit them.',
  }
}

function whyNoDrive(project: Project, excess: number): Text {
  if (project.held.motor && !Number.isFinite(excess))
    return {
      text:
        'The held motor turns no propeller of this size. ' +
        'Check the largest diameter that fits, or let go of the motor.',
    }
  if (project.held.motor) {
    return {
      text: 'The held motor would need {x} of its continuous rating. Lower cruise or top, or let go of the motor.',
      params: { x: share(excess) },
    }
  }
  if (!Number.isFinite(excess))
    return {
      text:
        project.boat.drive.kind === 'jet'
          ? 'No jet in the library is this small. Check the largest impeller that fits.'
          : 'No motor in the library turns a propeller of this size. Check the largest diameter that fits.',
    }
  return {
    text: 'The largest motors would need {x} of their continuous rating at {top}. Lower the top speed.',
    params: { x: share(excess), top: metresPerSecond(project.use.topSpeed) },
  }
}
