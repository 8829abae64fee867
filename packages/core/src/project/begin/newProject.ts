import { GRAVITY, KNOT } from '../../constants'
import { hullSpeed, hullTypeOf, waterProperties, type HullTypeId, hasLeg, type DriveKind } from '../../hull'
import type { EngineKind } from '../../oldEngine'
import { cellNamed, controllerNamed, SHIPPED_JETS, motorNamed } from '../../parts'
import { NOT_MEASURED, NOTHING_HELD, NOTHING_RECORDED, UNKNOWN_GEARS } from './notKnown'
import { usualOf } from '../../fields'
import { PROJECT_FIELDS, type Project } from '../definition/projectFields'
import { PROJECT_VERSION } from '../definition/projectVersion'
import { usualGear, usualHabits, usualTopTime } from './usual'

/** The ten answers that lead to a first design. SI. */
export interface FirstAnswers {
  name: string
  hullType: HullTypeId
  lengthOverAll: number
  beam: number
  mass: number
  drive: DriveKind
  greatestDiameter: number
  /** W; 0 when there is none */
  oldEnginePower: number
  cruiseSpeed: number
  /** s at cruise */
  duration: number
  /** W; what is usual for the boat where it is left out */
  houseLoad?: number
  /** m/s; somewhat above cruise where it is left out */
  topSpeed?: number
  /** s for which top is wanted; what is usual for the kind where it is left out */
  topTime?: number
  /** drives that share the thrust; one where it is left out */
  drives?: 1 | 2
  /** which of its kind, where the kind has several */
  variant?: string
  /** whether `mass` is that before the conversion, old engine aboard, or with the new drive; the latter if left out */
  massHolds?: Project['boat']['massHolds']
}

/**
 * Answers that suit a hull type and length: what the questions start with. Nothing is taken for a fact that was not
 * asked: there is no old engine until one is named.
 */
export function typicalAnswers(hullType: HullTypeId, lengthOverAll: number): FirstAnswers {
  const { drives, typical: typicalOf, usual } = hullTypeOf(hullType)
  const typical = typicalOf(lengthOverAll)
  const cruise = usual.planes
    ? usual.cruise * Math.sqrt(GRAVITY * Math.cbrt(typical.mass / 1025))
    : usual.cruise * hullSpeed(usual.waterline * lengthOverAll)
  return {
    name: '',
    hullType,
    lengthOverAll,
    beam: round(typical.beam, 0.05),
    mass: round(typical.mass, typical.mass < 1000 ? 5 : 50),
    drive: drives[0]!,
    greatestDiameter: round(typical.propellerDiameter, 0.005),
    oldEnginePower: 0,
    cruiseSpeed: round(cruise / KNOT, 0.1) * KNOT,
    duration: usual.hours * 3600,
    houseLoad: usualHouse(hullType, lengthOverAll),
  }
}

/** Length over all that the questions start from, m. */
export const usualLength = (hullType: HullTypeId): number => hullTypeOf(hullType).usual.length

/** House load that is usual for a kind and size of boat, W: none where there is no house. */
export const usualHouse = (hullType: HullTypeId, lengthOverAll: number): number =>
  Math.round((hullTypeOf(hullType).usual.house * lengthOverAll ** 2) / 5) * 5

/** Kinds of engine that a boat of this drive has had, the usual one first: no diesel hangs on a transom. */
export function usualEngine(hullType: HullTypeId, drive: DriveKind): EngineKind {
  return drive === 'outboard' || hullTypeOf(hullType).usual.planes ? 'petrolFourStroke' : 'dieselNatural'
}

/** kg of fuel in half a tank, for each √kW of the engine. */
const FUEL_CARRIED = 5

/**
 * kg of what comes out: outboards 12 P^0.62; inboards with gearbox, exhaust and tank 41 √P for a diesel, 35 √P for
 * petrol; P in kW (fitted to engines from memory); and half a tank, 5 √P (common practice).
 */
function engineMass(power: number, drive: DriveKind, kind: EngineKind): number {
  const kilowatts = power / 1000
  return Math.round(
    FUEL_CARRIED * Math.sqrt(kilowatts) +
      (drive === 'outboard' ? 12 * kilowatts ** 0.62 : (kind === 'petrolFourStroke' ? 35 : 41) * Math.sqrt(kilowatts)),
  )
}

const round = (value: number, step: number) => Math.round(value / step) * step

/**
 * A boat from ten answers; all else is usual for its type and marked as an estimate. The parts are placeholders until
 * sized.
 *
 * @param answers of the owner
 * @param id of the new document
 * @returns the boat, to be sized with sizeRest
 */
export function newProject(answers: FirstAnswers, id: string): Project {
  const type = hullTypeOf(answers.hullType)
  const typical = type.typical(answers.lengthOverAll),
    variant = answers.variant ?? Object.keys(type.variants)[0] ?? ''
  const waterline = type.usual.waterline * answers.lengthOverAll,
    engine = usualEngine(answers.hullType, answers.drive),
    gear = usualGear(55.2)
  const topSpeed = Math.max(
    answers.cruiseSpeed,
    answers.topSpeed ??
      (type.waveBound ? Math.min(1.25 * answers.cruiseSpeed, 0.95 * hullSpeed(waterline)) : 1.25 * answers.cruiseSpeed),
  )
  const project: Project = {
    format: 'remigo-boat',
    version: PROJECT_VERSION,
    id,
    name: answers.name || 'My boat',
    story: '',
    boat: {
      ...NOT_MEASURED,
      hullType: answers.hullType,
      lengthOverAll: answers.lengthOverAll,
      beam: answers.beam,
      draught: round(typical.draught, 0.05) || 0.3,
      mass: answers.mass,
      massHolds: answers.massHolds ?? 'after',
      variant,
      oldEngine: {
        kind: engine,
        ratedPower: answers.oldEnginePower,
        ratedRpm: engine === 'dieselNatural' ? 3000 : answers.drive === 'outboard' ? 5500 : 4600,
        mass: engineMass(answers.oldEnginePower, answers.drive, engine),
        ...usualOf(PROJECT_FIELDS.boat.fields.oldEngine.fields),
      },
      drive: {
        kind: answers.drive,
        legRatio: hasLeg(answers.drive) ? 2.2 : 1,
        greatestDiameter: answers.greatestDiameter,
        shaftDepth: Math.max(round(0.45 * typical.draught, 0.05), round(0.75 * answers.greatestDiameter, 0.05)) || 0.2,
        ...UNKNOWN_GEARS,
        count: answers.drives ?? 1,
      },
    },
    use: {
      ...usualOf(PROJECT_FIELDS.use.fields),
      cruiseSpeed: answers.cruiseSpeed,
      topSpeed,
      topTime: answers.topTime ?? usualTopTime(answers.hullType, topSpeed, waterline),
      duration: answers.duration,
      distance: answers.duration * answers.cruiseSpeed,
      houseLoad: answers.houseLoad ?? usualHouse(answers.hullType, answers.lengthOverAll),
      ...usualHabits({ hullType: answers.hullType, variant }),
    },
    design: {
      motor: motorNamed('brindle-6-48-1500'),
      controller: controllerNamed('corvel-48-180'),
      reduction: { kind: 'belt', ratio: 2 },
      propeller: {
        diameter: answers.greatestDiameter,
        pitch: round(0.75 * answers.greatestDiameter, 0.005),
        areaRatio: 0.5,
        blades: 3,
        kind: answers.drive === 'outboard' ? 'outboard' : answers.drive === 'sternDrive' ? 'sternDrive' : 'fixed',
        efficiencyFactor: null,
        hand: 'right',
      },
      cooling: null,
      jet: SHIPPED_JETS.reduce((a, b) =>
        Math.abs(b.impellerDiameter - answers.greatestDiameter) <
        Math.abs(a.impellerDiameter - answers.greatestDiameter)
          ? b
          : a,
      ),
      pack: { cell: cellNamed('ostra-lfp-280'), series: 16, parallel: 1, chargeVoltage: 3.45 },
      systemVoltage: 48,
      ...gear,
      // where there is no house there is no inlet either: the charger is plugged where people plug
      charging: {
        ...gear.charging,
        inlet: usualHouse(answers.hullType, answers.lengthOverAll) > 0 ? 'household' : 'ashore',
      },
    },
    ...NOTHING_RECORDED,
    held: NOTHING_HELD,
  }
  return { ...project, boat: { ...project.boat, draught: draughtFor(project.boat) } }
}

/** The draught that is usual, or what her weight takes: m, the hull alone with a little to spare. */
function draughtFor(boat: Project['boat']): number {
  const { draughtBody } = hullTypeOf(boat.hullType).form(
    boat,
    waterProperties(boat.water, boat.waterTemperature).density,
  )
  return Math.max(boat.draught, Math.ceil(20 * 1.05 * draughtBody) / 20)
}
