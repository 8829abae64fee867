import { ref } from 'vue'
import { writeProject, type FieldError } from '@remigo/core'
import { useBoatsStore } from '~/stores/boats'
import { useDocumentStore } from '~/stores/document'

/**
 * Offers a text as a file to keep.
 *
 * @param name of the file
 * @param text what it holds
 * @param type MIME type
 */
export function download(name: string, text: BlobPart, type: string) {
  const url = URL.createObjectURL(new Blob([text], { type }))
  const link = Object.assign(document.createElement('a'), { href: url, download: name })
  link.click()
  URL.revokeObjectURL(url)
}

/** The boat out to a file and in from one. A file that cannot be used changes nothing and says why. */
export function useBoatFiles() {
  const boats = useBoatsStore()
  const doc = useDocumentStore()
  const errors = ref<FieldError[]>([])

  function exportBoat() {
    download(
      `${doc.project.name.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()}.remigo.json`,
      writeProject(doc.project),
      'application/json',
    )
  }
  async function importBoat(file: File): Promise<boolean> {
    // readers and schema are only needed here, so they stay out of the first view
    const { readFile } = await import('~/files/readFile')
    const read = await readFile(files => files.boat(file))
    errors.value = read.ok ? [] : read.errors
    if (!read.ok) return false
    const taken = boats.list.some(boat => boat.id === read.project.id)
    await boats.add(taken ? { ...read.project, id: crypto.randomUUID() } : read.project)
    return true
  }
  return { errors, exportBoat, importBoat }
}
