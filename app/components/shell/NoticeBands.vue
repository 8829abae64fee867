<script setup lang="ts">
import { computed, watch } from 'vue'
import { changedParts } from '@remigo/core'
import { boardWords } from '~/messages/board'
import { shelfWords } from '~/messages/shelf'
import { troubleWords } from '~/messages/trouble'
import { useBoatFiles } from '~/composables/useBoatFiles'
import { useBoatsStore } from '~/stores/boats'
import { useLastingStore } from '~/composables/useLastingStore'
import { useDocumentStore } from '~/stores/document'
import { useViewStore } from '~/stores/view'

/** Bands above the bench: a trial that is open, two tabs that disagree, a boat just deleted, a word from elsewhere. */
const boats = useBoatsStore()
const document = useDocumentStore()
const view = useViewStore()
const { exportBoat } = useBoatFiles()
const { ask, last, leave } = useLastingStore()
async function reload() {
  await boats.save()
  location.reload()
}
async function newer() {
  await boats.save()
  await view.takeNewer?.()
}
/** the parts that a trial changes, where its own name cannot say them all */
const changing = computed(() => {
  const parts = document.trial
    ? changedParts(document.project, document.trial.project).map(p => p.part.toLowerCase())
    : []
  return parts.length > 1 ? boardWords.trial.changes(parts.join(', ')) : ''
})
let timer: ReturnType<typeof setTimeout> | undefined
watch(
  () => boats.notice,
  notice => {
    clearTimeout(timer)
    if (notice)
      timer = setTimeout(() => {
        boats.notice = null
      }, 6000)
  },
)
</script>

<template>
  <div class="bands">
    <div v-if="boats.failure" class="band band--stop" role="alert" data-not-saved>
      <span>{{ boats.failure }}</span>
      <VBtn variant="flat" @click="boats.save()">{{ shelfWords.tryAgain }}</VBtn>
      <VBtn @click="exportBoat">{{ shelfWords.export }}</VBtn>
    </div>
    <div v-if="view.partLost" class="band band--tight" role="alert" data-part-lost>
      <span>{{ troubleWords.partLost }}</span>
      <VBtn variant="flat" @click="reload">{{ troubleWords.reload }}</VBtn>
      <VBtn @click="view.partLost = false">{{ boardWords.boats.close }}</VBtn>
    </div>
    <div v-if="view.takeNewer" class="band" role="status" data-newer>
      <span>{{ troubleWords.newer }}</span>
      <VBtn variant="flat" @click="newer">{{ troubleWords.reload }}</VBtn>
      <VBtn @click="view.takeNewer = null">{{ troubleWords.later }}</VBtn>
    </div>
    <div v-if="document.full" class="band band--tight" role="alert" data-list-full>
      <span>{{ document.full }}</span>
      <VBtn @click="document.full = null">{{ boardWords.boats.close }}</VBtn>
    </div>
    <div v-if="ask" class="band" role="status" data-ask-to-last>
      <span>{{ shelfWords.lasting.ask }}</span>
      <VBtn variant="flat" @click="last">{{ shelfWords.lasting.yes }}</VBtn>
      <VBtn @click="leave">{{ shelfWords.lasting.no }}</VBtn>
    </div>
    <div v-if="boats.conflict" class="band band--tight" role="alert" data-conflict>
      <span>{{ boardWords.conflict.text }}</span>
      <VBtn @click="boats.resolveConflict('theirs')">
        {{ boardWords.conflict.theirs }}
      </VBtn>
      <VBtn @click="boats.resolveConflict('mine')">{{ boardWords.conflict.mine }}</VBtn>
      <VBtn @click="boats.resolveConflict('both')">{{ boardWords.conflict.both }}</VBtn>
    </div>
    <div v-if="document.trial" class="band" role="status">
      <span
        ><b>{{ boardWords.trial.band }}:</b> {{ document.trial.label }}
        <small v-if="changing" class="soft" data-changing>{{ changing }}</small></span
      >
      <VBtn variant="flat" @click="document.keep()">{{ boardWords.trial.keep }}</VBtn>
      <VBtn @click="document.putBack()">{{ boardWords.trial.back }}</VBtn>
    </div>
    <div v-if="boats.deleted" class="band" role="status">
      <span>{{ boardWords.boats.deleted(boats.deleted.name) }}</span>
      <VBtn variant="flat" @click="boats.undoRemove()">{{ boardWords.boats.undo }}</VBtn>
      <VBtn @click="boats.deleted = null">{{ boardWords.boats.close }}</VBtn>
    </div>
    <div v-if="boats.notice" class="band" role="status">
      <span>{{ boats.notice }}</span>
    </div>
  </div>
</template>

<style scoped>
.band {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  padding: 5px 16px;
  background: var(--band);
  border-bottom: 1px solid var(--ink);
  font-size: 14px;
}
.band span {
  flex: 1 1 240px;
}
.band .v-btn {
  padding: 0 12px;
}
.band--stop {
  background: var(--clash-wash);
  border-left: 4px solid var(--clash);
}
.band--tight {
  background: var(--tight-wash);
}
</style>
