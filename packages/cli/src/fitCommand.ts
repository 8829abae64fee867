import { edit, readingsJson, readingsText, readTrialTable, trialWith, withEdits, writeProject } from '@remigo/core'
import { boatOf, textOf, unusableFields, type CommandResult, type Options } from './command'

/**
 * remigo fit BOAT READINGS.csv [--json]: the boat with her readings to standard output, and what they changed to
 * standard error; with --json what they changed goes to standard output instead.
 */
export async function fitCommand([file, table]: string[], { json }: Options): Promise<CommandResult> {
  const boat = await boatOf(file!)
  const read = readTrialTable(await textOf(table!))
  if (read.outcome === 'wrong')
    throw unusableFields(
      table!,
      read.errors.map(({ line, column, message }) => ({ field: `line ${line}, column ${column}`, message })),
    )
  const trial = { ...trialWith(boat, [...boat.trial.points, ...read.points]), use: 'measured' as const }
  const fitted = withEdits(boat, [edit('trial', trial)])
  return json
    ? { code: 0, stdout: `${JSON.stringify(readingsJson(fitted), null, 2)}\n`, stderr: '' }
    : { code: 0, stdout: writeProject(fitted), stderr: readingsText(fitted) }
}
