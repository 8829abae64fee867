import {
  readBudgetCsv,
  readGpx,
  readOtherBoats,
  readProject,
  type GpxOutcome,
  type ItemsRead,
  type OtherBoatsTable,
  type Project,
  type ReadProject,
} from '@remigo/core'
import { readArchive, type ArchiveRead } from './archive'
import { fileText, MOST_BYTES } from './fileText'

/** A boat of an archive with her pictures, or a sentence. */
export type ArchivedBoat =
  { ok: true; project: Project; photos: Extract<ArchiveRead, { ok: true }>['photos'] } | { ok: false; message: string }

/**
 * What reads each kind of file: it runs in a worker, so that no file, however large or wrong, holds the page up. Each
 * refuses what is too large, and says what is wrong in sentences.
 */
export const FILE_READERS = {
  async boat(file: File): Promise<ReadProject> {
    const read = await fileText(file, MOST_BYTES.boat)
    return read.ok ? readProject(read.text) : { ok: false, errors: [{ field: 'file', message: read.message }] }
  },
  async archive(file: File): Promise<ArchivedBoat> {
    if (file.size > MOST_BYTES.archive) return { ok: false, message: 'The file is larger than 400\u00A0MB.' }
    const found = await readArchive(new Uint8Array(await file.arrayBuffer()))
    if (!found.ok) return found
    const boat = readProject(found.boat)
    return boat.ok
      ? { ok: true, project: boat.project, photos: found.photos }
      : { ok: false, message: boat.errors[0]?.message ?? '' }
  },
  async gpx(file: File): Promise<GpxOutcome> {
    const read = await fileText(file, MOST_BYTES.gpx)
    return read.ok ? readGpx(read.text) : read
  },
  async budget(file: File, project: Project): Promise<ItemsRead> {
    const read = await fileText(file, MOST_BYTES.table)
    return read.ok ? readBudgetCsv(project, read.text) : read
  },
  async otherBoats(file: File): Promise<OtherBoatsTable> {
    const read = await fileText(file, MOST_BYTES.table)
    if (read.ok) return readOtherBoats(read.text)
    return { outcome: 'wrong', errors: [{ line: 1, column: 'file', message: read.message }] }
  },
} as const
export type FileReaders = typeof FILE_READERS
