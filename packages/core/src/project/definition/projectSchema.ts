import type { z } from 'zod'
import { fieldSchema } from '../../fields/fieldSchema'
import { atOdds } from '../contradictions/atOdds'
import { PROJECT_FIELDS, type Project } from './projectFields'

/** The schema of a whole document, made of its fields; what contradicts itself is refused with it. */
export const projectSchema: z.ZodType<Project> = fieldSchema({
  kind: 'group',
  label: 'A Remigo boat',
  fields: PROJECT_FIELDS,
}).superRefine((project, context) => {
  for (const { path, message } of atOdds(project)) context.addIssue({ code: 'custom', path: path.split('.'), message })
})
