import type { BoatDatabase } from './boatDatabase'
import type { PhotoRow } from './photoRow'

/** Longest side of a kept picture, px, and its JPEG quality. */
const LONGEST = 1600,
  QUALITY = 0.8
/** Pictures of one boat at most. */
export const MOST_PHOTOS = 400

/**
 * A picture made small enough to be kept.
 *
 * @param file as chosen
 * @returns JPEG of at most 1,600 px; null where the browser cannot read it
 */
export async function reduced(file: Blob): Promise<Blob | null> {
  try {
    const bitmap = await createImageBitmap(file),
      scale = Math.min(1, LONGEST / Math.max(bitmap.width, bitmap.height)),
      canvas = new OffscreenCanvas(
        Math.max(1, Math.round(bitmap.width * scale)),
        Math.max(1, Math.round(bitmap.height * scale)),
      )
    canvas.getContext('2d')!.drawImage(bitmap, 0, 0, canvas.width, canvas.height)
    bitmap.close()
    return await canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY })
  } catch {
    return null
  }
}

/** All pictures of a boat, oldest first. */
export const photosOf = async (db: BoatDatabase, boat: string): Promise<PhotoRow[]> =>
  (await db.photos.where('boat').equals(boat).toArray()).sort((a, b) => a.at.localeCompare(b.at))

/** The browser's room for this site: bytes used, and given in all; null where it does not tell. */
export async function storageRoom(): Promise<{ used: number; given: number } | null> {
  const told = await navigator.storage?.estimate?.().catch(() => null)
  return told?.quota && told.usage !== undefined ? { used: told.usage, given: told.quota } : null
}
