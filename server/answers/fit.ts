import {
  edit,
  PROJECT_FIELDS,
  readingsJson,
  readReading,
  readTrialTable,
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
  const points = [...tableOf(csv), ...(known ?? []).map(readingOf)]
  if (points.length === 0)
    throw new BadRequest([{ field: 'csv', message: 'Send readings: a table as csv, or sentences as known.' }])
  const all = [...boat.trial.points, ...points],
    { longest } = PROJECT_FIELDS.trial.fields.points
  if (all.length > longest)
    throw new BadRequest([{ field: 'csv', message: `A boat keeps ${longest} readings; these would be ${all.length}.` }])
  const project: Project = withEdits(boat, [edit('trial', { ...trialWith(boat, all), use: 'measured' })])
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

function readingOf(sentence: string, i: number): TrialPoint {
  const read = readReading(sentence)
  if (read.ok) return read.point
  throw new BadRequest([{ field: `known.${i}`, message: read.message }])
}
