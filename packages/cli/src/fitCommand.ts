import {
  edit,
  readingsJson,
  readingsText,
  readKnown,
  readTrialTable,
  trialToldWith,
  trialWith,
  withEdits,
  writeProject,
  type Project,
} from '@remigo/core'
import { boatOf, textOf, unusableFields, type CommandResult, type Options } from './command'

/**
 * remigo fit BOAT READINGS [--json]: the boat with her readings to standard output, and what they changed to standard
 * error; with --json what they changed goes to standard output instead. READINGS is a table (CSV) of her as she is, or
 * JSON: a list of sentences, each bare or { "say": …, "with": … }.
 */
export async function fitCommand([file, table]: string[], { json }: Options): Promise<CommandResult> {
  const boat = await boatOf(file!)
  const trial = { ...trialFrom(boat, table!, await textOf(table!)), use: 'measured' as const }
  const fitted = withEdits(boat, [edit('trial', trial)])
  return json
    ? { code: 0, stdout: `${JSON.stringify(readingsJson(fitted), null, 2)}\n`, stderr: '' }
    : { code: 0, stdout: writeProject(fitted), stderr: readingsText(fitted) }
}

/** The boat's readings with those of the file. */
function trialFrom(boat: Project, name: string, text: string): Project['trial'] {
  if (/^\s*[[{]/.test(text)) {
    const read = readKnown(listOf(text), 'known')
    if (!read.ok) throw unusableFields(name, read.errors)
    return trialToldWith(boat, read.told)
  }
  const read = readTrialTable(text)
  if (read.outcome === 'wrong')
    throw unusableFields(
      name,
      read.errors.map(({ line, column, message }) => ({ field: `line ${line}, column ${column}`, message })),
    )
  return trialWith(boat, [...boat.trial.points, ...read.points])
}

/** The list itself, or that under "known"; what is no JSON is no list. */
function listOf(text: string): unknown {
  try {
    const data = JSON.parse(text) as unknown
    return Array.isArray(data) ? data : (data as { known?: unknown }).known
  } catch {
    return null
  }
}
