import { evaluate, evaluationJson, evaluationText, findingsOf, parseQuantity } from '@remigo/core'
import { boatOf, Unusable, type CommandResult, type Options } from './command'

/** remigo evaluate FILE [--speed …] [--json]: the boat at one speed, or at several. */
export async function evaluateCommand([file]: string[], options: Options): Promise<CommandResult> {
  const project = await boatOf(file!)
  // several may stand in one: --speed "4 kn, 5 kn"
  const typed = (options.speed ?? []).flatMap(text => text.split(/[;,]\s+/))
  const speeds = typed.length > 0 ? typed.map(speedOf) : [project.use.cruiseSpeed]
  const answers = speeds.map(speed => evaluate(project, speed))
  const data = answers.map(evaluationJson)
  const stdout = options.json
    ? `${JSON.stringify(data.length > 1 ? data : data[0], null, 2)}\n`
    : answers.map(evaluationText).join('\n')
  return { code: answers.some(e => findingsOf(e).counts.stop > 0) ? 1 : 0, stdout, stderr: '' }
}

function speedOf(text: string): number {
  const typed = parseQuantity(text, 'speed')
  if (!typed.ok) throw new Unusable(`--speed: ${typed.message}`)
  if (!(typed.value >= 0 && typed.value <= 30)) throw new Unusable('--speed: speeds run from 0 to 58 kn.')
  return typed.value
}
