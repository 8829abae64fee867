import { readParts, type PartCellError, type PartKindId } from '@remigo/core'
import { BoatDatabase, putParts } from '../storage/boatDatabase'

/** A file of parts to read and keep. */
export interface PartsFile {
  kind: PartKindId
  text: string
}
/** Parts kept, or the cells that make no sense and nothing kept. */
export type PartsImport =
  | { outcome: 'kept'; count: number }
  | { outcome: 'wrong'; errors: PartCellError[] }
  | { outcome: 'notKept'; reason: string }

/** Reads a file of parts and keeps them in the browser: here, since ten thousand of them would hold the page up. */
export function* keepParts({ kind, text }: PartsFile): Generator<number, Promise<PartsImport>> {
  const table = yield* readParts(kind, text)
  if (table.outcome === 'wrong') return Promise.resolve(table)
  return putParts(new BoatDatabase(), kind, table.parts).then(
    () => ({ outcome: 'kept', count: table.parts.length }),
    (error: Error) => ({ outcome: 'notKept', reason: error.name }),
  )
}
