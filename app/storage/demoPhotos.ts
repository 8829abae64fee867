import { useStorage } from '@vueuse/core'
import type { BoatDatabase } from './boatDatabase'

/** The demo boat whose conversion is half done, and what was drawn of it: no photographs, so that nobody is in them. */
const BOAT = 'demo-tirrick'
const DRAWN = [
  { task: 'engineOut', at: '2027-03-13T11:20', file: 'engine-out' },
  { task: 'beds', at: '2027-03-27T16:05', file: 'beds-level' },
  { task: 'sternGear', at: '2027-04-03T14:40', file: 'run-out' },
  { task: 'pack', at: '2027-05-01T17:15', file: 'cells-in' },
  { task: 'mainCables', at: '2027-05-08T12:30', file: 'lugs-torqued' },
] as const

/** A drawing as a camera would have it. */
async function asPhoto(file: string): Promise<Blob> {
  const image = new Image()
  image.src = `/demo/${file}.svg`
  await image.decode()
  const canvas = new OffscreenCanvas(image.naturalWidth, image.naturalHeight)
  canvas.getContext('2d')!.drawImage(image, 0, 0)
  return canvas.convertToBlob({ type: 'image/jpeg', quality: 0.85 })
}

/**
 * Puts the drawn pictures of the demo boat into the store, the first time that her pictures are looked at. Those that
 * an owner takes away stay away; without them nothing is missing but the pictures.
 *
 * @param db the browser's store
 * @param boat whose pictures are wanted
 */
export async function hangDemoPhotos(db: BoatDatabase, boat: string): Promise<void> {
  const hung = useStorage('remigo-demo-photos', false)
  if (boat !== BOAT || hung.value) return
  hung.value = true
  try {
    const blobs = await Promise.all(DRAWN.map(({ file }) => asPhoto(file)))
    await db.photos.bulkPut(
      DRAWN.map(({ task, at, file }, i) => ({ id: `demo-${file}`, boat, task, at, blob: blobs[i]! })),
    )
  } catch {
    // the next visit tries again
    hung.value = false
  }
}
