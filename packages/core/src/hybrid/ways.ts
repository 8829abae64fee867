import type { NumberField } from '../fields'
import type { Ranged } from '../numeric'
import { edit, FIELDS, withEdits, type Project } from '../project'
import { designMass, designPrice, energyBalance, modelOf, operatingPoint, paceOf, type Model } from '../system'
import { kilograms, longSeconds, metresPerSecond, watts, type Text } from '../units'
import { FUELS, fuelFor } from './engineFuel'
import { fuelPerElectric, generatorOf, HOURS_SHARE, INTO_BUS, SERVICE_HOURS, SERVICE_PRICE } from './generator'

/** Ways to drive the boat. */
export const WAY_IDS = [
  'electric',
  'series',
  'twoGenerators',
  'parallel',
  'donor',
  'keepEngine',
  'oneOfTwo',
  'asItIs',
] as const
/** One of them. */
export type WayId = (typeof WAY_IDS)[number]

/** One way on the wished use. A year's sums. */
export interface Way {
  id: WayId
  /** null where it serves; else what forbids it */
  not: Text | null
  /** m³ of fuel and J from the shore in a year, kg of CO2 */
  fuel: Ranged
  shore: number
  co2: Ranged
  /** s in a year without an engine running, and all of them */
  silent: number
  all: number
  /** kg and m³ more than today's design */
  mass: Ranged
  room: number
  /** € now, and over the years that are counted */
  price: Ranged
  overYears: Ranged
  /** € a year for oil, filters, impeller */
  service: number
  /** share of the fuel's or the pack's energy that reaches the propeller's shaft */
  efficiency: number
  noise: string
  /** what ends when one thing fails, and what still moves her */
  fails: Text
}

/** What the wished use asks in an outing, and what today's pack gives. */
export interface Wish {
  needed: number
  available: number
  duration: number
  speed: number
  outings: number
  /** J short in an outing; 0 where pure electric serves */
  short: number
  /** W of the drive and the house at cruise, and at the motor's shaft */
  packPower: number
  shaftPower: number
}

/** Prices that only common practice tells are off by so much either way. */
const UNSURE = 0.3
/** €/kW and kg/kW of a new small marine engine with its gear (common practice, from memory). */
const ENGINE_PRICE = 700,
  ENGINE_MASS = 11
/** An engine is sized so that cruise takes this share of it; what its yearly service costs, € (from memory, ± 50 %). */
const CRUISE_LOAD = 0.6,
  ENGINE_SERVICE = 250
/** Shaft of an engine through clutch and belt beside the motor (common practice: 0.93 to 0.97). */
const BESIDE = 0.95
/** What a donor's motor, inverter and pack cost of new ones, and weigh of them (from memory, ± 50 %). */
const DONOR_PRICE = 0.35,
  DONOR_MASS = 1.1
/** kg of CO2 for a J from the shore (a mixed grid, 0.25 kg/kWh, common practice), and what of it charging keeps. */
export const GRID_CO2 = 0.25 / 3.6e6,
  CHARGING = 0.88
/** A pack may weigh this share of the boat before she is no longer herself. */
const HEAVY = 0.35
const ROUNDS = 4
/** Room that a pack takes over its blocks, for box and air. */
const BOXED = 1.5

const ranged = (value: number, unsure = UNSURE): Ranged => ({
  value,
  // what is lighter or cheaper than today is below 0
  low: value - unsure * Math.abs(value),
  high: value + unsure * Math.abs(value),
})

/**
 * What the wished use asks in an outing against what the pack gives.
 *
 * @param project the boat
 * @returns energy needed and short
 */
export function wishOf(project: Project): Wish {
  const model = modelOf(project),
    point = operatingPoint(model, project.use.cruiseSpeed),
    { needed, available, duration } = energyBalance(model, point.drive)
  return {
    needed,
    available,
    duration,
    speed: project.use.cruiseSpeed,
    outings: project.use.outings,
    short: Math.max(0, needed - available),
    packPower: point.drive.packPower,
    shaftPower: point.drive.shaftPower,
  }
}

/**
 * Ways side by side on the same wished use.
 *
 * @param project the boat
 * @returns every way; those that do not serve say why
 *
 * Source: energies of the one model; engines by their Willans line; prices, weights and services by common practice.
 */
export function waysOf(project: Project): Way[] {
  const wish = wishOf(project)
  return [
    electric(project, wish),
    series(project, wish, 1),
    series(project, wish, 2),
    beside(project, wish, 'parallel'),
    beside(project, wish, 'donor'),
    keptEngine(project, wish, 'keepEngine'),
    keptEngine(project, wish, 'oneOfTwo'),
    asItIs(project, wish),
  ]
}

const roomOf = ({ pack, project: { design } }: Model): number =>
  BOXED * pack.blocks * design.pack.cell.width * design.pack.cell.depth * design.pack.cell.height

/** Share of the pack's energy that reaches the propeller's shaft, the house left out. */
function driveEfficiency(project: Project): number {
  const { drive } = operatingPoint(modelOf(project), project.use.cruiseSpeed)
  return drive.controllerInput > 0 ? drive.deliveredPower / drive.controllerInput : 0
}

/** Everything that a year costs, over the years that are counted, with what is bought now. */
function summed(
  project: Project,
  wish: Wish,
  of: {
    id: WayId
    not?: Text | null
    fuel: number
    fromPack: number
    engineTime: number
    mass: number
    room: number
    price: number
    service: number
    efficiency: number
    noise: string
    fails: Text
  },
): Way {
  const { costs } = project.use,
    all = wish.outings * wish.duration,
    shore = of.fromPack / CHARGING
  // what she cannot carry serves nobody
  const heavy: Text | null =
    of.mass > HEAVY * project.boat.mass
      ? { text: 'it would weigh {m}, more than a third of her', params: { m: kilograms(of.mass) } }
      : null
  const fuel = ranged(of.fuel, 0.2),
    year = (f: number) => f * costs.fuelPrice + shore * costs.shorePrice + of.service
  return {
    id: of.id,
    not: of.not ?? heavy,
    fuel,
    shore,
    co2: {
      value: of.fuel * FUELS[costs.fuel].co2 + shore * GRID_CO2,
      low: fuel.low * FUELS[costs.fuel].co2 + shore * GRID_CO2,
      high: fuel.high * FUELS[costs.fuel].co2 + shore * GRID_CO2,
    },
    silent: Math.max(0, all - of.engineTime),
    all,
    mass: ranged(of.mass, of.mass === 0 ? 0 : 0.2),
    room: of.room,
    price: ranged(of.price),
    overYears: {
      value: of.price + costs.years * year(of.fuel),
      low: of.price * (1 - UNSURE) + costs.years * year(fuel.low),
      high: of.price * (1 + UNSURE) + costs.years * year(fuel.high),
    },
    service: of.service,
    efficiency: of.efficiency,
    noise: of.noise,
    fails: of.fails,
  }
}

/** Pure electric: as many cells as the use takes, their weight carried along. */
function electric(project: Project, wish: Wish): Way {
  const today = modelOf(project)
  let boat = project,
    held = wish
  for (let i = 0; i < ROUNDS && held.short > 1; i++) {
    const { parallel } = boat.design.pack
    const more = Math.ceil(parallel * (held.needed / held.available) * 1.0001)
    boat = withEdits(project, [edit('design.pack.parallel', Math.min(100, Math.max(parallel + 1, more)))])
    held = wishOf(boat)
  }
  const model = modelOf(boat),
    mass = designMass(model) - designMass(today)
  const heavy = model.pack.mass > HEAVY * project.boat.mass && held !== wish
  const not: Text | null =
    held.short > 1
      ? { text: 'no pack that fits the library carries it' }
      : heavy
        ? { text: 'the pack would weigh {m}, more than a third of her', params: { m: kilograms(model.pack.mass) } }
        : null
  return summed(boat, held, {
    id: 'electric',
    not,
    fuel: 0,
    fromPack: held.outings * held.needed,
    engineTime: 0,
    mass,
    room: roomOf(model) - roomOf(today),
    price: designPrice(model),
    service: 0,
    efficiency: driveEfficiency(boat),
    noise: 'water and gears',
    fails: { text: 'one drive, one pack: what brings her home is on Use' },
  })
}

/** The boat with so much more aboard, kg: what an engine or a generator weighs makes her slower or thirstier. */
function carrying(project: Project, more: number): Project {
  const { least, most } = FIELDS['boat.mass'] as NumberField
  return withEdits(project, [edit('boat.mass', Math.min(most, Math.max(least, project.boat.mass + more)))])
}

/** Generators that hold cruise with an empty pack, run at three quarters for what the pack is short of. */
function series(today: Project, asked: Wish, count: 1 | 2): Way {
  const { fuel } = today.use.costs,
    sized = (w: Wish) => generatorOf(fuel, w.packPower / INTO_BUS / HOURS_SHARE / count)
  // its own weight is carried along: two rounds are within a thousandth
  let project = today,
    wish = asked
  for (let i = 0; i < 2; i++) {
    project = carrying(today, count * sized(wish).mass)
    wish = wishOf(project)
  }
  const each = sized(wish)
  const fromFuel = wish.outings * wish.short,
    burnt = (fromFuel / INTO_BUS) * fuelPerElectric(fuel, HOURS_SHARE),
    time = fromFuel > 0 ? fromFuel / wish.packPower : 0
  const model = modelOf(project),
    half = paceOf(project, each.rated * HOURS_SHARE * INTO_BUS - (wish.packPower - operatingDrive(project)))
  return summed(project, wish, {
    id: count === 1 ? 'series' : 'twoGenerators',
    fuel: burnt,
    fromPack: wish.outings * Math.min(wish.needed, wish.available),
    engineTime: time,
    mass: count * each.mass,
    room: count * each.room,
    price: designPrice(model) + count * each.price * (count === 2 ? 1.1 : 1),
    service: (count * SERVICE_PRICE * time) / 3600 / SERVICE_HOURS,
    efficiency: INTO_BUS * 0.88 * driveEfficiency(project),
    noise: fuel === 'diesel' ? 'a boxed diesel, while it runs' : 'a petrol generator on deck, while it runs',
    fails:
      count === 1
        ? {
            text: 'without the generator the pack alone: {t}',
            params: { t: longSeconds(wish.available / wish.packPower) },
          }
        : { text: 'one of them holds {v} with an empty pack', params: { v: metresPerSecond(half) } },
  })
}
const operatingDrive = (project: Project) =>
  operatingPoint(modelOf(project), project.use.cruiseSpeed).drive.controllerInput

/** An engine on the motor's shaft, new or from a donor: it runs what the pack is short of. */
function beside(today: Project, asked: Wish, id: 'parallel' | 'donor'): Way {
  const { fuel } = today.use.costs,
    more = id === 'donor' ? (DONOR_MASS - 1) * designMass(modelOf(today)) : 0,
    ratedFor = (w: Wish) => w.shaftPower / BESIDE / CRUISE_LOAD
  let project = today,
    wish = asked
  for (let i = 0; i < 2; i++) {
    project = carrying(today, (ratedFor(wish) / 1000) * ENGINE_MASS + more)
    wish = wishOf(project)
  }
  const model = modelOf(project),
    shaft = wish.shaftPower / BESIDE,
    rated = ratedFor(wish)
  const share = wish.needed > 0 ? wish.short / wish.needed : 0,
    time = wish.outings * wish.duration * share
  const donor = id === 'donor'
  const kind = project.boat.drive.kind,
    fits = ['shaft', 'sternDrive', 'sailDrive'].includes(kind)
  return summed(project, wish, {
    id,
    not: fits ? null : { text: 'there is no shaft inside her to share' },
    fuel: fuelFor(fuel, rated, shaft, time),
    fromPack: wish.outings * Math.min(wish.needed, wish.available),
    engineTime: time,
    mass: (rated / 1000) * ENGINE_MASS + more,
    room: 0.05 + (0.02 * rated) / 1000,
    price: (rated / 1000) * ENGINE_PRICE + designPrice(model) * (donor ? DONOR_PRICE : 1),
    service: ENGINE_SERVICE,
    efficiency: BESIDE * 0.9,
    noise: 'the engine, on the long legs',
    fails: donor
      ? { text: 'engine or motor alone still drive her; high volts without papers want a qualified person' }
      : { text: 'engine or motor alone still drive her; the shaft and clutch are common to both' },
  })
}

/** The old engine stays, and a motor beside it; or one of two engines makes room. */
function keptEngine(today: Project, asked: Wish, id: 'keepEngine' | 'oneOfTwo'): Way {
  const { oldEngine, drive } = today.boat,
    twin = id === 'oneOfTwo',
    heavier = oldEngine.mass * (twin ? 0.5 : 1),
    project = heavier > 0 ? carrying(today, heavier) : today,
    wish = heavier > 0 ? wishOf(project) : asked,
    model = modelOf(project)
  const share = wish.needed > 0 ? wish.short / wish.needed : 0,
    time = wish.outings * wish.duration * share,
    shaft = wish.shaftPower / (twin ? 1 : BESIDE)
  const rated = twin ? oldEngine.ratedPower / 2 : oldEngine.ratedPower
  const not: Text | null =
    oldEngine.ratedPower <= 0
      ? { text: 'no old engine is given on Boat' }
      : twin && drive.count !== 2
        ? { text: 'she has one drive' }
        : shaft > rated
          ? { text: 'the engine gives {p}, cruise takes more', params: { p: watts(rated) } }
          : null
  return summed(project, wish, {
    id,
    not,
    fuel: rated > 0 ? fuelFor(fuelOf(project), rated, shaft, time) : 0,
    fromPack: wish.outings * Math.min(wish.needed, wish.available),
    engineTime: time,
    mass: twin ? oldEngine.mass / 2 : oldEngine.mass,
    room: 0,
    price: designPrice(model) * (twin ? 0.5 : 1),
    service: ENGINE_SERVICE,
    efficiency: twin ? 0.95 : BESIDE * 0.9,
    noise: 'the old engine, on the long legs',
    fails: twin
      ? { text: 'either side drives her, with the rudder held against it' }
      : { text: 'engine or motor alone still drive her' },
  })
}

/** The old engine as it is, to compare with. */
function asItIs(today: Project, asked: Wish): Way {
  const { oldEngine } = today.boat,
    lighter = designMass(modelOf(today)) - oldEngine.mass,
    project = oldEngine.ratedPower > 0 ? carrying(today, -lighter) : today,
    wish = oldEngine.ratedPower > 0 ? wishOf(project) : asked,
    all = wish.outings * wish.duration
  return summed(project, wish, {
    id: 'asItIs',
    not: oldEngine.ratedPower <= 0 ? { text: 'no old engine is given on Boat' } : null,
    fuel: oldEngine.ratedPower > 0 ? fuelFor(fuelOf(project), oldEngine.ratedPower, wish.shaftPower, all) : 0,
    fromPack: 0,
    engineTime: all,
    mass: oldEngine.mass - designMass(modelOf(project)),
    room: 0,
    price: 0,
    service: ENGINE_SERVICE,
    efficiency: 0.95,
    noise: 'the old engine, always',
    fails: { text: 'one engine: what brings her home is on Use' },
  })
}

/** What the old engine burns. */
const fuelOf = ({ boat }: Project) => (boat.oldEngine.kind.startsWith('diesel') ? 'diesel' : 'petrol')
