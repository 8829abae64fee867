import {
  edit,
  readingsJson,
  readReading,
  readTrialTable,
  trialWith,
  withEdits,
  type Project,
  type TrialPoint,
} from '@remigo/core'
import { answerRequest, BadRequest, projectOf } from '../answerRequest'
import { fitRequestSchema } from '../evaluateRequest'

/** POST /api/fit: readings of any kind correct a boat's curve; the boat with them, and what they changed. */
export default defineEventHandler(event =>
  answerRequest(event, fitRequestSchema, ({ project: data, csv, known }) => {
    const boat = projectOf(data)
    const points = [...tableOf(csv), ...(known ?? []).map(readingOf)]
    if (points.length === 0)
      throw new BadRequest([{ field: 'csv', message: 'Send readings: a table as csv, or sentences as known.' }])
    const trial = { ...trialWith(boat, [...boat.trial.points, ...points]), use: 'measured' as const }
    const project: Project = withEdits(boat, [edit('trial', trial)])
    return { project, ...readingsJson(project) }
  }),
)

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
