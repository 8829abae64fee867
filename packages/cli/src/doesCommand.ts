import { doesJson, doesText, whatItDoes } from '@remigo/core'
import { boatOf, type CommandResult, type Options } from './command'

/** remigo does BOAT [--json]: what a boat does with what is in her, whatever is wished. */
export async function doesCommand([file]: string[], { json }: Options): Promise<CommandResult> {
  const does = whatItDoes(await boatOf(file!))
  return { code: 0, stdout: json ? `${JSON.stringify(doesJson(does), null, 2)}\n` : doesText(does), stderr: '' }
}
