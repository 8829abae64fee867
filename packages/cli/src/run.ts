import { parseArgs } from 'node:util'
import { Unusable, type CommandResult, type Options } from './command'
import { curveCommand } from './curveCommand'
import { doesCommand } from './doesCommand'
import { evaluateCommand } from './evaluateCommand'
import { fitCommand } from './fitCommand'
import { newCommand } from './newCommand'

const USAGE = `remigo new ANSWERS.json > BOAT                   a boat with her first design from ten answers
remigo evaluate BOAT [--speed "5 kn"]… [--json]  the boat at one speed or several (cruise, if none is given)
remigo does BOAT [--json]                        what she does with what is in her: flat out, continuous, farthest
remigo curve BOAT --csv                          the power curve, every method
remigo fit BOAT READINGS.csv [--json] > BOAT     readings of any kind, a table or JSON, correct the curve
Exit code: 0 fine, 1 findings that stop, 2 unusable input.
`

/** Each command: what does it, and the files that it wants. */
const COMMANDS = {
  new: { files: ['ANSWERS.json'], go: newCommand },
  evaluate: { files: ['BOAT'], go: evaluateCommand },
  does: { files: ['BOAT'], go: doesCommand },
  curve: { files: ['BOAT'], go: curveCommand },
  fit: { files: ['BOAT', 'READINGS.csv'], go: fitCommand },
} as const satisfies Record<
  string,
  { files: readonly string[]; go: (files: string[], options: Options) => Promise<CommandResult> }
>

const unusable = (message: string): CommandResult => ({ code: 2, stdout: '', stderr: `remigo: ${message}\n` })
const isCommand = (word: string | undefined): word is keyof typeof COMMANDS =>
  word !== undefined && Object.hasOwn(COMMANDS, word)

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
        speed: { type: 'string', multiple: true },
        json: { type: 'boolean' },
        csv: { type: 'boolean' },
        help: { type: 'boolean', short: 'h' },
      },
    })
  } catch (error) {
    return unusable(`${(error as Error).message}\n${USAGE}`)
  }
  const {
    values: { help, ...options },
    positionals: [word, ...files],
  } = parsed
  if (help) return { code: 0, stdout: USAGE, stderr: '' }
  if (!isCommand(word)) return unusable(`say what to do.\n${USAGE}`)
  const { files: wanted, go } = COMMANDS[word]
  if (files.length < wanted.length)
    return unusable(`name ${wanted.length > 1 ? 'the files' : 'a file'}: remigo ${word} ${wanted.join(' ')}`)
  try {
    return await go(files, options)
  } catch (error) {
    if (error instanceof Unusable) return unusable(error.message)
    throw error
  }
}
