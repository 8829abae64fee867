import { curveCsv } from '@remigo/core'
import { boatOf, Unusable, type CommandResult, type Options } from './command'

/** remigo curve FILE --csv: the power curve by every method. */
export async function curveCommand([file]: string[], { csv }: Options): Promise<CommandResult> {
  if (!csv) throw new Unusable('the curve comes as CSV: add --csv')
  return { code: 0, stdout: curveCsv(await boatOf(file!)), stderr: '' }
}
