import { writeProject, type Project } from '@remigo/core'
import type { PhotoRow } from '~/storage/photoRow'
import { photosOf } from '~/storage/photos'
import type { BoatDatabase } from '~/storage/boatDatabase'

/** What an archive may hold at most: files, bytes of all of them unpacked, bytes of one picture. */
const MOST = { files: 500, bytes: 300e6, picture: 20e6 } as const
const BOAT = 'boat.remigo.json',
  LIST = 'pictures.json',
  PICTURE = /^pictures\/([A-Za-z0-9-]{1,60})\.jpg$/

/** What came out of an archive, or a sentence that helps. */
export type ArchiveRead = { ok: true; boat: string; photos: Omit<PhotoRow, 'boat'>[] } | { ok: false; message: string }

/**
 * A boat with her pictures as one zip file.
 *
 * @param db the browser's store
 * @param project the boat
 * @returns bytes
 */
export async function writeArchive(db: BoatDatabase, project: Project): Promise<Uint8Array> {
  const { zip, strToU8 } = await import('fflate')
  const photos = await photosOf(db, project.id)
  const files: Record<string, Uint8Array | [Uint8Array, { level: 0 }]> = {
    [BOAT]: strToU8(writeProject(project)),
    [LIST]: strToU8(
      JSON.stringify(
        photos.map(({ id, task, at }) => ({ id, task, at })),
        null,
        2,
      ),
    ),
  }
  // pictures are packed already
  for (const p of photos) files[`pictures/${p.id}.jpg`] = [new Uint8Array(await p.blob.arrayBuffer()), { level: 0 }]
  return new Promise((resolve, reject) => zip(files, (error, data) => (error ? reject(error) : resolve(data))))
}

/**
 * Reads an archive. Only a boat, the list of her pictures and JPEG files by plain names are looked at; what is too much
 * is refused before it is unpacked.
 *
 * @param bytes of the zip file
 * @returns the boat as text and her pictures
 */
export async function readArchive(bytes: Uint8Array): Promise<ArchiveRead> {
  const { unzip, strFromU8 } = await import('fflate')
  let files = 0,
    whole = 0,
    refused = ''
  const found = await new Promise<Record<string, Uint8Array> | null>(resolve =>
    unzip(
      bytes,
      {
        filter: ({ name, originalSize }) => {
          if (refused || name.endsWith('/')) return false
          const known = name === BOAT || name === LIST || PICTURE.test(name)
          if (!known) return false
          files++
          whole += originalSize
          if (files > MOST.files) refused = `It holds more than ${MOST.files} files.`
          else if (whole > MOST.bytes) refused = `Unpacked it would have more than ${MOST.bytes / 1e6} MB.`
          else if (PICTURE.test(name) && originalSize > MOST.picture)
            refused = `The picture ${name} has more than ${MOST.picture / 1e6} MB.`
          return !refused
        },
      },
      (error, data) => resolve(error ? null : data),
    ),
  )
  if (!found) return { ok: false, message: 'It is not a whole zip file.' }
  if (refused) return { ok: false, message: refused }
  const boat = found[BOAT]
  if (!boat) return { ok: false, message: `It has no ${BOAT}.` }
  const photos: Omit<PhotoRow, 'boat'>[] = []
  let listed: unknown = []
  try {
    listed = found[LIST] ? JSON.parse(strFromU8(found[LIST])) : []
  } catch {
    return { ok: false, message: `${LIST} cannot be read.` }
  }
  for (const row of Array.isArray(listed) ? (listed as Record<string, unknown>[]) : []) {
    const data = found[`pictures/${String(row.id)}.jpg`]
    // a JPEG begins with these three bytes, whatever its name says
    if (!data || data[0] !== 0xff || data[1] !== 0xd8 || data[2] !== 0xff) continue
    photos.push({
      id: String(row.id),
      task: String(row.task ?? '').slice(0, 60),
      at: String(row.at ?? '').slice(0, 30),
      blob: new Blob([data.slice()], { type: 'image/jpeg' }),
    })
  }
  return { ok: true, boat: strFromU8(boat), photos }
}
