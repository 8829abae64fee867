import { KNOT } from '../constants'
import { hullSpeed, hullTypeOf } from '../hull'
import { hasLeg, type DriveKind } from '../resistance/legResistance'
import { DEMO_CELLS, DEMO_CONTROLLERS, DEMO_JETS, DEMO_MOTORS } from '../parts'
import { NOT_MEASURED, NOTHING_HELD, NOTHING_RECORDED, UNKNOWN_GEARS } from './notKnown'
import type { Project } from './projectSchema'
import { PROJECT_VERSION } from './projectVersion'
import { usualGear, usualHabits } from './usual'

/** The ten answers that lead to a first design. SI. */
export interface FirstAnswers {
  name: string
  hullType: string
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
}

/** Answers that suit a hull type and length: what the questions start with. */
export function typicalAnswers(hullType: string, lengthOverAll: number): FirstAnswers {
  const type = hullTypeOf(hullType)
  const typical = type.typical(lengthOverAll)
  const cruise = type.usual.cruise * hullSpeed(type.usual.waterline * lengthOverAll)
  return {
    name: '', hullType, lengthOverAll, beam: round(typical.beam, 0.05), mass: round(typical.mass, typical.mass < 1000 ? 5 : 50), drive: type.drives[0]!,
    greatestDiameter: round(typical.propellerDiameter, 0.005), oldEnginePower: round(typical.mass * 2.5, 500),
    cruiseSpeed: round(cruise / KNOT, 0.1) * KNOT, duration: 4 * 3600,
  }
}

const round = (value: number, step: number) => Math.round(value / step) * step

/**
 * A boat from ten answers; all else is usual for its type and marked as an estimate. The parts are placeholders until sized.
 *
 * @param answers of the owner
 * @param id of the new document
 * @returns the boat, to be sized with sizeRest
 */
export function newProject(answers: FirstAnswers, id: string): Project {
  const type = hullTypeOf(answers.hullType)
  const typical = type.typical(answers.lengthOverAll)
  const waterline = type.usual.waterline * answers.lengthOverAll
  return {
    format: 'remigo-boat', version: PROJECT_VERSION, id, name: answers.name || 'My boat', story: '',
    boat: {
      hullType: answers.hullType, lengthOverAll: answers.lengthOverAll, lengthWaterline: null, beam: answers.beam, beamWaterline: null,
      draught: round(typical.draught, 0.05) || 0.3, mass: answers.mass, massUncertainty: 0.2,
      ...NOT_MEASURED, keel: 'fin', variant: Object.keys(type.variants)[0] ?? '', water: 'sea', waterTemperature: 288.15,
      oldEngine: { kind: answers.drive === 'outboard' ? 'petrolFourStroke' : 'dieselNatural', ratedPower: answers.oldEnginePower, ratedRpm: answers.drive === 'outboard' ? 5500 : 3000, mass: Math.round(answers.oldEnginePower / 1000 * (answers.drive === 'outboard' ? 2.5 : 11)), usualRpm: null, fuelRate: null },
      drive: { kind: answers.drive, legRatio: hasLeg(answers.drive) ? 2.2 : 1, greatestDiameter: answers.greatestDiameter, shaftDepth: Math.max(round(0.45 * typical.draught, 0.05), round(0.75 * answers.greatestDiameter, 0.05)) || 0.2, ...UNKNOWN_GEARS },
      compartments: [],
    },
    use: {
      cruiseSpeed: answers.cruiseSpeed, topSpeed: Math.max(answers.cruiseSpeed, type.waveBound ? Math.min(1.25 * answers.cruiseSpeed, 0.95 * hullSpeed(waterline)) : 1.25 * answers.cruiseSpeed),
      stretchKind: 'hours', duration: answers.duration, distance: answers.duration * answers.cruiseSpeed,
      reserve: 0.2, headroom: 0.2, houseLoad: 60, seaMargin: 0.15, ambient: 308.15, headWind: 0, hullCondition: 'unknown', ...usualHabits({ hullType: answers.hullType, variant: Object.keys(type.variants)[0] ?? '' }),
    },
    design: {
      motor: DEMO_MOTORS[7]!, controller: DEMO_CONTROLLERS[2]!, reduction: { kind: 'belt', ratio: 2 },
      propeller: { diameter: answers.greatestDiameter, pitch: round(0.75 * answers.greatestDiameter, 0.005), areaRatio: 0.5, blades: 3, kind: answers.drive === 'outboard' ? 'outboard' : answers.drive === 'sternDrive' ? 'sternDrive' : 'fixed', efficiencyFactor: null, hand: 'right' },
      cooling: null, jet: DEMO_JETS.reduce((a, b) => Math.abs(b.impellerDiameter - answers.greatestDiameter) < Math.abs(a.impellerDiameter - answers.greatestDiameter) ? b : a),
      pack: { cell: DEMO_CELLS[3]!, series: 16, parallel: 1, chargeVoltage: 3.45 }, systemVoltage: 48, ...usualGear(55.2),
    },
    ...NOTHING_RECORDED,
    held: NOTHING_HELD,
  }
}
