import { findingsOf } from '@remigo/core'
import { readFile } from 'node:fs/promises'
import { parseArgs } from 'node:util'
import {
  curveCsv,
  evaluate,
  evaluationJson,
  evaluationText,
  parseQuantity,
  readProject,
  type Project,
} from '@remigo/core'

/** What the command prints, and its exit code: 0 fine, 1 findings that stop, 2 unusable input. */
export interface CommandResult {
  code: 0 | 1 | 2
  stdout: string
  stderr: string
}

const USAGE = `remigo evaluate FILE [--speed "5 kn"] [--json]   the boat at a speed (cruise, if none is given)
remigo curve FILE --csv                          the power curve, every method
Exit code: 0 fine, 1 findings that stop, 2 unusable input.
`

const unusable = (message: string): CommandResult => ({ code: 2, stdout: '', stderr: `remigo: ${message}\n` })

/**
 * Runs the command.
 *
 * @param argv arguments after the program's name
 * @returns what to print and the exit code
 */
export async function run(argv: string[]): Promise<CommandResult> {
  let parsed
  try {
    parsed = parseArgs({
      args: argv,
      allowPositionals: true,
      options: {
        speed: { type: 'string' },
        json: { type: 'boolean' },
        csv: { type: 'boolean' },
        help: { type: 'boolean', short: 'h' },
      },
    })
  } catch (error) {
    return unusable(`${(error as Error).message}\n${USAGE}`)
  }
  const {
    values,
    positionals: [command, file],
  } = parsed
  if (values.help) return { code: 0, stdout: USAGE, stderr: '' }
  if (command !== 'evaluate' && command !== 'curve') return unusable(`say what to do.\n${USAGE}`)
  if (!file) return unusable(`name a file: remigo ${command} boat.remigo.json`)
  if (command === 'curve' && !values.csv) return unusable('the curve comes as CSV: add --csv')

  let text: string
  try {
    text = await readFile(file, 'utf8')
  } catch (error) {
    return unusable(`${file} cannot be read (${(error as NodeJS.ErrnoException).code ?? 'error'}).`)
  }
  const read = readProject(text)
  if (!read.ok)
    return unusable(`${file} is not usable.\n${read.errors.map(e => `  ${e.field}: ${e.message}`).join('\n')}`)
  return command === 'curve'
    ? { code: 0, stdout: curveCsv(read.project), stderr: '' }
    : evaluateCommand(read.project, values)
}

function evaluateCommand(project: Project, options: { speed?: string; json?: boolean }): CommandResult {
  let speed = project.use.cruiseSpeed
  if (options.speed !== undefined) {
    const typed = parseQuantity(options.speed, 'speed')
    if (!typed.ok) return unusable(`--speed: ${typed.message}`)
    if (!(typed.value >= 0 && typed.value <= 30)) return unusable('--speed: speeds run from 0 to 58 kn.')
    speed = typed.value
  }
  const evaluation = evaluate(project, speed)
  const stdout = options.json ? `${JSON.stringify(evaluationJson(evaluation), null, 2)}\n` : evaluationText(evaluation)
  return { code: findingsOf(evaluation).counts.stop > 0 ? 1 : 0, stdout, stderr: '' }
}
