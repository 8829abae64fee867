import { least, max, min } from 'd3-array'
import { CHEMISTRIES, packFigures, peukertShare, type Chemistry } from '../battery'
import { checkFindings } from '../findings'
import { SHIPPED_LIBRARY, type Library } from '../parts'
import { HELD_PARTS } from '../project/parts/heldParts'
import { edit, type Edit } from '../project/definition/projectPath'
import { withEdits } from '../project/definition/projectPath'
import type { Project } from '../project/definition/projectFields'
import type { Text } from '../units'
import { partsMass } from '../project/parts/partsTotals'
import { weightAfloat } from '../project/weightAfloat'
import { HOUSE_CONVERTER_EFFICIENCY } from '../system/driveTrain'
import { stretchOf } from '../system/energy'
import { hullResistance } from '../system/curve/hullResistance'
import { modelOf } from '../system/model'
import { summaryOf } from '../system/summary'
import type { DesignCandidate, DesignMerits } from './candidate'
import { againstCheapest, designForbids } from './designWords'
import { driveCandidates, driveSearch } from './driveCandidates'
import { packCandidates } from './packCandidates'
import type { Reason } from './reason'
import { designEdits } from './sizeRest'
import { sizingReasons } from './sizingReasons'

/** What a design is best at. */
export type DesignVirtue = 'cheapest' | 'lightest' | 'farthest' | 'thriftiest' | 'balanced'

/** One of the designs offered; its merits are those of the boat with it, not those that it was ranked by. */
export interface FoundDesign extends DesignMerits {
  virtues: DesignVirtue[]
  edits: Edit[]
  project: Project
  reasons: Reason[]
  cautions: number
  /** how it differs from the cheapest of those offered */
  differs: Text
  /** what it shuts out */
  forbids: Text[]
}

/** A wish that, relaxed by so much, lets something fit. */
export interface Relaxation {
  text: Text
  edits: Edit[]
}

/** What a search came to. */
export interface DesignSearch {
  designs: FoundDesign[]
  /** designs worked out, and those that no other beats in every respect */
  tried: number
  front: DesignMerits[]
  /** when nothing fits: wishes to relax, least first */
  relax: Relaxation[]
}

/** Designs kept at once; beyond it those that another beats are dropped, which loses nothing. */
const POOL = 4000
/** How many of the front are put through every finding for each virtue. */
const CHECKED = 8

/**
 * Searches motor, reduction, propeller, controller, voltage and pack for what is not held. A generator, so that a
 * worker can tell its progress and stop. Designs that another beats in cost, mass, range and power alike are dropped,
 * each weighed on the boat as heavy as it makes her; of the rest the best of each virtue without a finding that stops
 * are offered.
 *
 * @param project the boat
 * @param library parts to choose from
 * @returns yields the share done; returns up to five designs, or what to relax
 */
export function* searchDesigns(project: Project, library: Library = SHIPPED_LIBRARY): Generator<number, DesignSearch> {
  const run = driveSearch(modelOf(project), library)
  let step = run.next()
  for (; !step.done; step = run.next()) yield 0.3 * step.value
  const drives = step.value.filter(d => d.excess <= 1),
    harder = powerByWeight(project)
  let pool: { design: DesignCandidate; merits: DesignMerits }[] = [],
    tried = 0
  for (const [i, drive] of drives.entries()) {
    for (const design of packCandidates(project, drive, library, { controllers: 'all' })) {
      tried++
      pool.push({ design, merits: meritsOf(project, design, harder) })
    }
    if (pool.length > POOL) pool = undominated(pool)
    if (i % 8 === 7) yield 0.3 + (0.2 * i) / drives.length
  }
  yield 0.5
  const front = undominated(pool)
  const merits = front.map(d => d.merits),
    kept = sensible(project, merits)
  const choice = front.filter((_, i) => kept(i))
  yield 0.7
  const designs: Omit<FoundDesign, 'differs'>[] = []
  const taken = new Map<string, (typeof designs)[number]>()
  const ranked = rankings(choice.map(d => d.merits))
  for (const [k, virtue] of VIRTUES.entries()) {
    for (const place of ranked[virtue].slice(0, CHECKED)) {
      const { design, merits: own } = choice[place]!
      const key = [
        design.motor.id,
        design.reduction.ratio,
        design.controller.id,
        design.pack.cell.id,
        design.pack.series,
        design.pack.parallel,
      ].join('/')
      const known = taken.get(key)
      if (known) {
        known.virtues.push(virtue)
        break
      }
      const edits = designEdits(project, design, library),
        changed = withEdits(project, edits)
      const { counts } = checkFindings(changed)
      if (counts.stop > 0) continue
      const { cruise } = summaryOf(changed)
      const found = {
        cost: own.cost,
        mass: own.mass,
        range: cruise.distanceLeft,
        cruisePower: cruise.drive.packPower,
        virtues: [virtue],
        edits,
        project: changed,
        reasons: sizingReasons(project, design),
        cautions: counts.caution,
        forbids: designForbids(changed),
      }
      taken.set(key, found)
      designs.push(found)
      break
    }
    yield 0.7 + 0.06 * (k + 1)
  }
  const cheapest = least(designs, d => d.cost)
  return {
    designs: designs.map(d => ({ ...d, differs: d === cheapest ? CHEAPEST : againstCheapest(d, cheapest!) })),
    tried,
    front: choice.map(d => d.merits),
    relax: designs.length ? [] : relaxations(project, library),
  }
}

/**
 * Dearer than this many times the cheapest, or heavier than this share of the boat, nobody would fit (common practice).
 */
const DEAREST = 2.5,
  HEAVIEST = 0.35

/** Keeps to what an owner would weigh at all. */
function sensible({ boat }: Project, merits: readonly DesignMerits[]): (place: number) => boolean {
  const cost = DEAREST * (min(merits, m => m.cost) ?? 0),
    mass = Math.max(HEAVIEST * boat.mass, 1.3 * (min(merits, m => m.mass) ?? 0))
  return place => merits[place]!.cost <= cost && merits[place]!.mass <= mass
}

const VIRTUES: readonly DesignVirtue[] = ['cheapest', 'balanced', 'lightest', 'farthest', 'thriftiest']

const CHEAPEST: Text = { text: 'The cheapest of those that carry the use.' }

/** A boat is pressed down so much to see what it does to her power. */
const PRESSED = 1.05

/**
 * How many times as much power cruise takes with parts of another mass than today's, by the slope of her resistance
 * over her weight: a light pack is worth more on a light boat.
 */
function powerByWeight(project: Project): (parts: number) => number {
  if (project.boat.massHolds === 'after') return () => 1
  const { mass } = weightAfloat(project)
  const pull = (times: number) =>
    hullResistance(
      modelOf({ ...project, boat: { ...project.boat, massHolds: 'after', mass: times * mass } }),
      project.use.cruiseSpeed,
    ).centre
  const slope = Math.max(0, Math.log(pull(PRESSED) / pull(1)) / Math.log(PRESSED)),
    { design, boat } = project
  const today = partsMass(design, packFigures(design.pack), boat.drive)
  return parts => Math.max(LEAST_WEIGHT, 1 + (parts - today) / mass) ** slope
}

/** Of her weight with today's parts at least this is left with lighter ones. */
const LEAST_WEIGHT = 0.3

function meritsOf({ use, boat }: Project, d: DesignCandidate, harder: (parts: number) => number): DesignMerits {
  const pack = packFigures(d.pack),
    { peukert }: Chemistry = CHEMISTRIES[d.pack.cell.chemistry]
  const mass = partsMass(d, pack, boat.drive)
  const cruisePower = d.cruisePower * harder(mass) + use.houseLoad / HOUSE_CONVERTER_EFFICIENCY
  const energy =
    pack.usableEnergy * peukertShare(peukert, cruisePower / pack.nominalVoltage / pack.capacityAh) * (1 - use.reserve)
  return {
    cost: d.cost,
    mass,
    range: (energy / cruisePower) * use.cruiseSpeed,
    cruisePower,
  }
}

/** Places of the designs that no other beats or equals in everything. */
export function nonDominated(merits: readonly DesignMerits[]): number[] {
  const order = merits
    .map((_, i) => i)
    .sort(
      (a, b) =>
        merits[a]!.cost - merits[b]!.cost ||
        merits[a]!.mass - merits[b]!.mass ||
        merits[b]!.range - merits[a]!.range ||
        merits[a]!.cruisePower - merits[b]!.cruisePower,
    )
  const front: number[] = []
  for (const i of order) {
    const m = merits[i]!
    // by the order nothing later is cheaper: only the front so far can beat it
    if (
      !front.some(j => {
        const f = merits[j]!
        return f.mass <= m.mass && f.range >= m.range && f.cruisePower <= m.cruisePower
      })
    )
      front.push(i)
  }
  return front
}

/** The same for whole designs. */
const undominated = <D extends { merits: DesignMerits }>(designs: readonly D[]): D[] =>
  nonDominated(designs.map(d => d.merits)).map(i => designs[i]!)

/** Places by each virtue, best first. */
function rankings(front: readonly DesignMerits[]): Record<DesignVirtue, number[]> {
  const by = (score: (m: DesignMerits) => number) =>
    front.map((_, i) => i).sort((a, b) => score(front[a]!) - score(front[b]!))
  const least = (f: (m: DesignMerits) => number) => min(front, f) || 1
  const cost = least(m => m.cost),
    mass = least(m => m.mass),
    power = least(m => m.cruisePower),
    range = max(front, m => m.range) || 1
  return {
    cheapest: by(m => m.cost),
    lightest: by(m => m.mass),
    farthest: by(m => -m.range),
    thriftiest: by(m => m.cruisePower),
    // the nearest to having the best of all four at once, in shares
    balanced: by(m =>
      Math.hypot(m.cost / cost - 1, m.mass / mass - 1, 0.5 * (1 - m.range / range), 2 * (m.cruisePower / power - 1)),
    ),
  }
}

/** Steps by which a wish is relaxed. */
const STEPS = [0.95, 0.9, 0.85, 0.8, 0.7, 0.6, 0.5]

/** For each wish the smallest step that lets something fit. */
function relaxations(project: Project, library: Library): Relaxation[] {
  const { use, held } = project
  const stretch =
    use.stretchKind === 'hours'
      ? {
          path: 'use.duration' as const,
          value: stretchOf(use).duration,
          quantity: 'duration' as const,
          text: 'Stay out {x} at most.',
        }
      : {
          path: 'use.distance' as const,
          value: stretchOf(use).distance,
          quantity: 'distance' as const,
          text: 'Go {x} at most.',
        }
  const wishes = [
    { path: 'use.topSpeed' as const, value: use.topSpeed, quantity: 'speed' as const, text: 'Ask for {x} at top.' },
    { path: 'use.cruiseSpeed' as const, value: use.cruiseSpeed, quantity: 'speed' as const, text: 'Cruise at {x}.' },
    stretch,
  ]
  const fits = (edits: Edit[]) => {
    const tried = withEdits(project, edits)
    const designs = driveCandidates(modelOf(tried), library)
      .filter(d => d.excess <= 1)
      .flatMap(d => packCandidates(tried, d, library))
    return designs
      .sort((a, b) => a.cost - b.cost)
      .slice(0, CHECKED)
      .some(d => checkFindings(withEdits(tried, designEdits(tried, d, library))).counts.stop === 0)
  }
  const found: (Relaxation & { step: number })[] = []
  for (const wish of wishes) {
    const step = STEPS.find(s => fits([edit(wish.path, wish.value * s)]))
    if (step === undefined) continue
    const value = wish.value * step
    found.push({
      step,
      text: { text: wish.text, params: { x: { value, quantity: wish.quantity } } },
      edits: [edit(wish.path, value)],
    })
  }
  const letGo = HELD_PARTS.filter(part => held[part] && fits([edit(`held.${part}`, false)]))
  return [
    ...found.sort((a, b) => b.step - a.step),
    ...letGo.map(part => ({
      text: { text: `Let go of the ${part}.` },
      edits: [edit(`held.${part}`, false)],
    })),
  ]
}
