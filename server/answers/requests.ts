import { z } from 'zod'

/** Greatest request body, bytes. */
export const BODY_LIMIT = 1024 * 1024

const project = z
  .unknown()
  .refine(value => value !== undefined, 'is missing')
  .describe('A Remigo boat, as exported')
const speed = z.number().min(0).max(30)

/** What POST /api/evaluate takes: a boat, and one or several speeds in m/s (its cruise, if none is given). */
export const evaluateRequestSchema = z.strictObject({
  project,
  speed: z
    .union([speed, z.array(speed).min(1).max(60)])
    .optional()
    .describe('m/s; several give a list of answers; cruise if left out'),
})

/** What POST /api/does takes: a boat. */
export const doesRequestSchema = z.strictObject({ project })

/** What POST /api/new takes: the ten answers. */
export const newRequestSchema = z.strictObject({
  answers: z
    .record(z.string(), z.unknown())
    .describe(
      'hullType (must be given), name, drive, variant, massHolds (before or after), drives (1 or 2), ' +
        'lengthOverAll, beam, mass, ' +
        'greatestDiameter, oldEnginePower, cruiseSpeed, topSpeed, topTime, duration, houseLoad: ' +
        'numbers in SI or words with a unit; known: readings as sentences, bare or { say, with }, as in ' +
        'POST /api/fit; have: what he has, a sentence a thing, "48 cells LFP 304 Ah": held, and the rest sized ' +
        'around it. What is left out is usual for the ' +
        'kind of boat.',
    ),
})

/** What POST /api/fit takes: a boat, and readings as a CSV table or as sentences. */
export const fitRequestSchema = z.strictObject({
  project,
  csv: z.string().optional().describe('Columns: speed, power (volts and amps, shaft power, rpm, pull, fuel), way'),
  known: z
    .array(
      z.union([z.string(), z.strictObject({ say: z.string(), with: z.record(z.string(), z.unknown()).optional() })]),
    )
    .max(200)
    .optional()
    .describe(
      'Readings as sentences: "3.9 kn 1850 W", made with a drive that nobody knows; or { say, with: { drive ' +
        '(asFitted, oldEngine, another, unknown), kind (trollingMotor, outboard, shaft, pod), name, plate, notches, ' +
        'gear, propeller ("12 × 9 in"), dragged (none, locked, freewheeling, folded), pack ' +
        '("12 V 100 Ah"), mass, bottom, wind, house ' +
        '(watts of it in what was read), sea (smooth, slight, moderate, rough) } }',
    ),
})

/** Who is to speak: a demo boat, what she hides, the name by which the lever finds her. */
export const streamQuerySchema = z.object({
  boat: z.string().max(60).default('demo-tirrick'),
  seed: z.coerce.number().int().min(1).max(100_000).default(1),
  id: z
    .string()
    .regex(/^[\w-]{1,40}$/)
    .default('simulated'),
})
/** Power from the pack in W and course in rad for a simulated boat that speaks. */
export const leverSchema = z.object({
  id: z.string().max(40).default('simulated'),
  power: z.number().min(0).max(1e6),
  course: z.number().min(0).max(6.2832).default(0),
})
