import {
  edit,
  PROJECT_FIELDS,
  readingsJson,
  readKnown,
  readTrialTable,
  trialToldWith,
  trialWith,
  withEdits,
  type Project,
  type TrialPoint,
} from '@remigo/core'
import { answering } from './answering'
import { BadRequest, projectOf } from './badRequest'
import { fitRequestSchema } from './requests'

/** Readings of any kind correct a boat's curve; the boat with them, and what they changed. */
export const fitAnswer = answering(fitRequestSchema, ({ project: data, csv, known }) => {
  const boat = projectOf(data)
  const points = tableOf(csv),
    told = readKnown(known ?? [], 'known')
  if (!told.ok) throw new BadRequest(told.errors)
  if (points.length + told.told.length === 0)
    throw new BadRequest([{ field: 'csv', message: 'Send readings: a table as csv, or sentences as known.' }])
  const all = boat.trial.points.length + points.length + told.told.length,
    { longest } = PROJECT_FIELDS.trial.fields.points
  if (all > longest)
    throw new BadRequest([{ field: 'csv', message: `A boat keeps ${longest} readings; these would be ${all}.` }])
  // a table is a trial of her as she is; a sentence says what it was made with
  const measured: Project = { ...boat, trial: trialWith(boat, [...boat.trial.points, ...points]) }
  const project = withEdits(boat, [edit('trial', { ...trialToldWith(measured, told.told), use: 'measured' })])
  return { project, ...readingsJson(project) }
})

function tableOf(csv: string | undefined): TrialPoint[] {
  if (csv === undefined) return []
  const table = readTrialTable(csv)
  if (table.outcome === 'read') return table.points
  throw new BadRequest(
    table.errors.map(({ line, column, message }) => ({ field: `csv, line ${line}, column ${column}`, message })),
  )
}
