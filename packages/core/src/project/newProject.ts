import { KNOT } from '../constants'
import { hullSpeed, hullTypeOf } from '../hull'
import { DEMO_CELLS, DEMO_CONTROLLERS, DEMO_MOTORS } from '../parts'
import type { Project } from './projectSchema'
import { PROJECT_VERSION } from './projectVersion'

/** The ten answers that lead to a first design. SI. */
export interface FirstAnswers {
  name: string
  hullType: string
  lengthOverAll: number
  beam: number
  mass: number
  drive: 'shaft' | 'sailDrive'
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
  const cruise = 0.72 * hullSpeed((hullType === 'keelYacht' ? 0.84 : 0.93) * lengthOverAll)
  return {
    name: '', hullType, lengthOverAll, beam: round(typical.beam, 0.05), mass: round(typical.mass, 50), drive: 'shaft',
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
  const waterline = (answers.hullType === 'keelYacht' ? 0.84 : 0.93) * answers.lengthOverAll
  const sailDrive = answers.drive === 'sailDrive'
  return {
    format: 'remigo-boat', version: PROJECT_VERSION, id, name: answers.name || 'My boat', story: '',
    boat: {
      hullType: answers.hullType, lengthOverAll: answers.lengthOverAll, lengthWaterline: null, beam: answers.beam, beamWaterline: null,
      draught: round(typical.draught, 0.05) || 0.3, mass: answers.mass, massUncertainty: 0.2,
      prismatic: null, midship: null, waterplane: null, lcb: null, keel: 'fin', water: 'sea', waterTemperature: 288.15,
      oldEngine: { ratedPower: answers.oldEnginePower, ratedRpm: 3000, mass: Math.round(answers.oldEnginePower / 1000 * 11) },
      drive: { kind: answers.drive, legRatio: sailDrive ? 2.2 : 1, greatestDiameter: answers.greatestDiameter, shaftDepth: round(0.45 * typical.draught, 0.05) || 0.2 },
    },
    use: {
      cruiseSpeed: answers.cruiseSpeed, topSpeed: Math.max(answers.cruiseSpeed, Math.min(1.25 * answers.cruiseSpeed, 0.95 * hullSpeed(waterline))),
      stretchKind: 'hours', duration: answers.duration, distance: answers.duration * answers.cruiseSpeed,
      reserve: 0.2, headroom: 0.2, houseLoad: 60, seaMargin: 0.15, headWind: 0, hullCondition: 'unknown',
    },
    design: {
      motor: DEMO_MOTORS[7]!, controller: DEMO_CONTROLLERS[2]!, reduction: { kind: 'belt', ratio: 2 },
      propeller: { diameter: answers.greatestDiameter, pitch: round(0.75 * answers.greatestDiameter, 0.005), areaRatio: 0.5, blades: 3 },
      pack: { cell: DEMO_CELLS[3]!, series: 16, parallel: 1, chargeVoltage: 3.45 }, systemVoltage: 48,
    },
    held: { motor: false, pack: false, propeller: false, voltage: false },
    typed: {},
  }
}
