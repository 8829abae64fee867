import { z } from 'zod'
import { HULL_TYPES } from '../hull'
import { cellSchema, controllerSchema, motorSchema } from '../parts'

/** Version of the document that this code writes. */
export const PROJECT_VERSION = 1

const between = (least: number, most: number) => z.number().min(least).max(most)

const boatSchema = z.strictObject({
  hullType: z.enum(HULL_TYPES.map(t => t.id) as [string, ...string[]]).describe('kind of hull'),
  lengthOverAll: between(2, 40).describe('m'),
  lengthWaterline: between(1.5, 40).nullable().describe('m; null: estimate'),
  beam: between(0.4, 12).describe('greatest beam, m'),
  beamWaterline: between(0.3, 12).nullable().describe('m; null: estimate'),
  draught: between(0.08, 5).describe('keel included, m'),
  mass: between(20, 150_000).describe('laden, kg'),
  massUncertainty: between(0, 0.5).describe('share of the mass that it may be wrong'),
  prismatic: between(0.4, 0.95).nullable(), midship: between(0.4, 1).nullable(), waterplane: between(0.5, 1).nullable(),
  lcb: between(-0.1, 0.1).nullable().describe('share of the waterline forward of its middle'),
  keel: z.enum(['fin', 'long']),
  water: z.enum(['sea', 'fresh']),
  waterTemperature: between(272, 308).describe('K'),
  oldEngine: z.strictObject({
    ratedPower: between(0, 500_000).describe('W; 0: none'), ratedRpm: between(300, 8000), mass: between(0, 5000).describe('with gearbox, exhaust and tank, kg'),
  }),
  drive: z.strictObject({
    kind: z.enum(['shaft', 'sailDrive']),
    legRatio: between(1, 4).describe('reduction inside the leg; 1 for a shaft'),
    greatestDiameter: between(0.08, 2).describe('largest propeller that fits, clearances taken off, m'),
    shaftDepth: between(0.05, 4).describe('shaft line below the waterline at the propeller, m'),
  }),
})

const useSchema = z.strictObject({
  cruiseSpeed: between(0.2, 20).describe('m/s'),
  topSpeed: between(0.2, 25).describe('wished, m/s'),
  stretchKind: z.enum(['hours', 'distance']),
  duration: between(60, 400 * 3600).describe('at cruise, s'),
  distance: between(50, 4_000_000).describe('at cruise, m'),
  reserve: between(0, 0.6).describe('share of the usable energy kept back'),
  headroom: between(0, 0.6).describe('share of every rating kept free at cruise'),
  houseLoad: between(0, 20_000).describe('W'),
  seaMargin: between(0, 1.5).describe('share added to the calm-water resistance'),
  headWind: between(0, 40).describe('m/s'),
  hullCondition: z.enum(['unknown', 'clean', 'slime', 'weed', 'barnacles']),
})

const designSchema = z.strictObject({
  motor: motorSchema,
  controller: controllerSchema,
  reduction: z.strictObject({ kind: z.enum(['direct', 'belt', 'gear']), ratio: between(0.5, 12) }),
  propeller: z.strictObject({ diameter: between(0.08, 2), pitch: between(0.03, 3), areaRatio: between(0.2, 1.2), blades: z.int().min(2).max(7) }),
  pack: z.strictObject({ cell: cellSchema, series: z.int().min(1).max(400), parallel: z.int().min(1).max(100), chargeVoltage: between(1.5, 4.5).describe('V per single cell') }),
  systemVoltage: between(6, 1000).describe('nominal voltage wished, V'),
})

/** The whole document. SI units; other units carry their name. */
export const projectSchema = z.strictObject({
  format: z.literal('remigo-boat'),
  version: z.literal(PROJECT_VERSION),
  id: z.string().min(1).max(80),
  name: z.string().min(1).max(60),
  story: z.string().max(600),
  boat: boatSchema,
  use: useSchema,
  design: designSchema,
  held: z.strictObject({ motor: z.boolean(), pack: z.boolean(), propeller: z.boolean(), voltage: z.boolean() }),
  typed: z.record(z.string().max(80), z.string().max(60)).describe('what the owner typed in a field, by its path'),
}).describe('A Remigo boat')

/** One boat: what it is, what it is for, what drives it. */
export type Project = z.infer<typeof projectSchema>

/** The parts that can be held. */
export type HeldPart = keyof Project['held']
