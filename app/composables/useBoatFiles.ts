import { ref } from 'vue'
import { writeProject, type FieldError } from '@remigo/core'
import { download, fileOf } from '~/files/download'
import { useBoatsStore } from '~/stores/boats'
import { useDocumentStore } from '~/stores/document'

/** The boat out to a file and in from one. A file that cannot be used changes nothing and says why. */
export function useBoatFiles() {
  const boats = useBoatsStore()
  const document = useDocumentStore()
  const errors = ref<FieldError[]>([])

  function exportBoat() {
    download(`${fileOf(document.project)}.remigo.json`, writeProject(document.project), 'application/json')
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
