<script setup lang="ts">
import { onErrorCaptured, shallowRef, watch } from 'vue'
import { troubleWords } from '~/messages/trouble'
import { useBoatFiles } from '~/composables/useBoatFiles'
import { useBoatsStore } from '~/stores/boats'
import { useDocumentStore } from '~/stores/document'

/**
 * A panel that fails says so and leaves the rest alive: the last step can be taken back, the boat exported. It is drawn
 * anew as soon as the boat changes.
 */
const props = defineProps<{ panel: string }>()
const document = useDocumentStore()
const boats = useBoatsStore()
const { exportBoat } = useBoatFiles()
const route = useRoute()
const failed = shallowRef<Error | null>(null)
/** Vue's codes of errors in handlers of events: what was pressed did nothing, and what is drawn may stay */
const IN_HANDLER = /event handler|#runtime-[56]$/
onErrorCaptured((error, _, info) => {
  console.error(error)
  if (IN_HANDLER.test(info)) boats.notice = troubleWords.pressed(error.message)
  else failed.value = error
  return false
})
watch([() => document.shown, () => route.path], () => {
  failed.value = null
})
</script>

<template>
  <div v-if="failed" class="failed" role="alert" :data-failed="props.panel">
    <StateMark state="stop" />
    <div>
      <h2 class="section-head">{{ troubleWords.head(props.panel) }}</h2>
      <p class="prose">{{ troubleWords.words(failed.message) }}</p>
      <div class="actions">
        <VBtn v-if="document.canUndo" variant="flat" @click="document.undo()">
          {{ troubleWords.undo(document.undoLabel) }}
        </VBtn>
        <VBtn @click="exportBoat">{{ troubleWords.export }}</VBtn>
        <VBtn @click="failed = null">{{ troubleWords.again }}</VBtn>
      </div>
    </div>
  </div>
  <slot v-else />
</template>

<style scoped>
.failed {
  display: flex;
  gap: 10px;
  padding: 14px;
  background: var(--clash-wash);
  color: var(--text);
  overflow: auto;
  height: 100%;
  align-content: flex-start;
}
.failed > svg {
  flex: none;
  margin-top: 2px;
}
.prose {
  overflow-wrap: anywhere;
}
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 8px;
}
</style>
