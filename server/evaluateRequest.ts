import { z } from 'zod'

/** What POST /api/evaluate takes: a boat, and a speed in m/s (its cruise, if none is given). */
export const evaluateRequestSchema = z.strictObject({
  project: z
    .unknown()
    .refine(value => value !== undefined, 'is missing')
    .describe('A Remigo boat, as exported'),
  speed: z.number().min(0).max(30).optional().describe('m/s; cruise if left out'),
})

/** Greatest request body, bytes. */
export const BODY_LIMIT = 1024 * 1024
