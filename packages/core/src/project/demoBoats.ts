import { KNOT } from '../constants'
import { DEMO_CELLS, DEMO_CONTROLLERS, DEMO_MOTORS } from '../parts'
import type { Project } from './projectSchema'
import { PROJECT_VERSION } from './projectVersion'

const part = <T extends { id: string }>(list: readonly T[], id: string): T => {
  const found = list.find(p => p.id === id)
  if (!found) throw new RangeError(`the library has no part ${id}`)
  return found
}

/** A keel yacht of the invented Bay of Sarn, whose motor is already bought. */
const tirrick: Project = {
  format: 'remigo-boat', version: PROJECT_VERSION, id: 'demo-tirrick', name: 'Tirrick',
  story: 'Tirrick lies in the Bay of Sarn, four sea miles of swell from the fuel dock, and her old diesel stopped for good in June. Her owners found a 6 kW motor at a good price and want to know whether it will bring them home against the wind.',
  boat: {
    hullType: 'keelYacht', lengthOverAll: 9.2, lengthWaterline: 7.75, beam: 2.95, beamWaterline: null, draught: 1.55, mass: 4600, massUncertainty: 0.18,
    prismatic: null, midship: null, waterplane: null, lcb: null, keel: 'fin', variant: '', hullBeam: null, hullSpacing: null, tubes: 2, deadrise: null, lcg: null, waterDepth: null, water: 'sea', waterTemperature: 287.15,
    oldEngine: { kind: 'dieselNatural', ratedPower: 13_400, ratedRpm: 2800, mass: 165, usualRpm: 1900, fuelRate: null },
    drive: { kind: 'shaft', legRatio: 1, greatestDiameter: 0.38, shaftDepth: 0.55 },
  },
  use: {
    cruiseSpeed: 4.6 * KNOT, topSpeed: 5.6 * KNOT, stretchKind: 'hours', duration: 4 * 3600, distance: 18.4 * 1852,
    reserve: 0.2, headroom: 0.2, houseLoad: 60, seaMargin: 0.15, headWind: 0, hullCondition: 'slime',
  },
  design: {
    motor: part(DEMO_MOTORS, 'brindle-6-48-1500'), controller: part(DEMO_CONTROLLERS, 'corvel-48-100'), reduction: { kind: 'belt', ratio: 1.5 },
    propeller: { diameter: 0.39, pitch: 0.29, areaRatio: 0.5, blades: 3 },
    pack: { cell: part(DEMO_CELLS, 'ostra-lfp-280'), series: 16, parallel: 1, chargeVoltage: 3.65 }, systemVoltage: 48,
  },
  trial: { points: [], use: 'theory' },
  held: { motor: true, pack: false, propeller: false, voltage: false },
  typed: {},
}

/** A wooden launch of the invented Lake Ennoy, whose propeller is to stay. */
const osprel: Project = {
  format: 'remigo-boat', version: PROJECT_VERSION, id: 'demo-osprel', name: 'Osprel',
  story: 'Osprel was built of larch on Lake Ennoy in 1961 and has carried the schoolchildren of two villages ever since. The lake closes to engines next spring, and her bronze propeller is too good to leave ashore.',
  boat: {
    hullType: 'displacementLaunch', lengthOverAll: 8.6, lengthWaterline: 8, beam: 2.1, beamWaterline: 1.95, draught: 0.85, mass: 3600, massUncertainty: 0.2,
    prismatic: null, midship: null, waterplane: null, lcb: null, keel: 'long', variant: '', hullBeam: null, hullSpacing: null, tubes: 2, deadrise: null, lcg: null, waterDepth: null, water: 'fresh', waterTemperature: 285.15,
    oldEngine: { kind: 'dieselNatural', ratedPower: 17_900, ratedRpm: 2400, mass: 290, usualRpm: 1400, fuelRate: 1.6e-3 / 3600 },
    drive: { kind: 'shaft', legRatio: 1, greatestDiameter: 0.42, shaftDepth: 0.5 },
  },
  use: {
    cruiseSpeed: 5 * KNOT, topSpeed: 6 * KNOT, stretchKind: 'distance', duration: 5 * 3600, distance: 24 * 1852,
    reserve: 0.25, headroom: 0.2, houseLoad: 40, seaMargin: 0.1, headWind: 0, hullCondition: 'clean',
  },
  design: {
    motor: part(DEMO_MOTORS, 'brindle-10-48-2000'), controller: part(DEMO_CONTROLLERS, 'corvel-48-300'), reduction: { kind: 'belt', ratio: 2 },
    propeller: { diameter: 0.42, pitch: 0.33, areaRatio: 0.5, blades: 3 },
    pack: { cell: part(DEMO_CELLS, 'ostra-lfp-230'), series: 16, parallel: 2, chargeVoltage: 3.45 }, systemVoltage: 48,
  },
  trial: { points: [], use: 'theory' },
  held: { motor: false, pack: false, propeller: true, voltage: false },
  typed: {},
}

/** The boats that a first visit finds. */
export const DEMO_BOATS: readonly Project[] = [tirrick, osprel]
