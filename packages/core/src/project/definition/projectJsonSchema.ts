import { z } from 'zod'
import { projectSchema } from './projectSchema'

/**
 * The document's schema as JSON Schema, for other programs. Ranges and labels come from the same fields as the forms.
 *
 * @returns JSON Schema, draft 2020-12
 */
export function projectJsonSchema(): Record<string, unknown> {
  return { ...z.toJSONSchema(projectSchema, { target: 'draft-2020-12', io: 'input' }), title: 'Remigo boat' }
}
