<script setup lang="ts">
import { ref } from 'vue'
import { photoWords as words } from '~/messages/photos'
import { writeArchive } from '~/files/archive'
import { download, fileOf } from '~/files/download'
import { readFile } from '~/files/readFile'
import { photoStore } from '~/composables/usePhotos'
import { useBoatsStore } from '~/stores/boats'
import { useDocumentStore } from '~/stores/document'
import { useFilePick } from '~/composables/useFilePick'

/** The boat with all her pictures as one file, out and in. */
const document = useDocumentStore()
const boats = useBoatsStore()
const news = ref('')
async function write() {
  const bytes = await writeArchive(photoStore(), document.project)
  download(`${fileOf(document.project)}.remigo.zip`, bytes.slice(), 'application/zip')
}
async function read(file: File) {
  const found = await readFile(files => files.archive(file))
  if (!found.ok) return void (news.value = words.refused(found.message))
  // a boat that is here already stays, and the one that comes gets a name of its own in the store
  const taken = boats.list.some(b => b.id === found.project.id),
    project = taken ? { ...found.project, id: crypto.randomUUID() } : found.project
  await boats.add(project)
  await photoStore().photos.bulkPut(
    found.photos.map(p => ({ ...p, id: taken ? crypto.randomUUID() : p.id, boat: project.id })),
  )
  news.value = words.done(project.name, found.photos.length)
}
const pick = useFilePick('.zip,application/zip', files => read(files[0]!))
</script>

<template>
  <div class="archive no-print">
    <VBtn data-archive-out @click="write">{{ words.archive }}</VBtn><VBtn data-archive-in @click="pick()">
      {{ words.readArchive }}
    </VBtn>
    <p v-if="news" class="small" role="status">{{ news }}</p>
  </div>
</template>

<style scoped>
.archive {
  display: grid;
  gap: 6px;
  margin-top: 12px;
}
</style>
