import { readParts, type PartCellError, type PartKindId } from '@remigo/core'
import { BoatDatabase, putParts } from '../storage/boatDatabase'
import { serveRun } from './serveRun'

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

// the parts are kept here too: ten thousand of them would hold the page up
serveRun(
  ({ kind, text }: PartsFile) => readParts(kind, text),
  async (table, { kind }): Promise<PartsImport> => {
    if (table.outcome === 'wrong') return table
    try {
      await putParts(new BoatDatabase(), kind, table.parts)
      return { outcome: 'kept', count: table.parts.length }
    } catch (error) {
      return { outcome: 'notKept', reason: (error as Error).name }
    }
  },
)
