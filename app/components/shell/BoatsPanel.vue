<script setup lang="ts">
import { ref } from 'vue'
import { hullLabel } from '@remigo/core'
import { orElse } from '~/composables/orElse'
import { boardWords } from '~/messages/board'
import { useBoatsStore } from '~/stores/boats'
import { useDocumentStore } from '~/stores/document'
import { useViewStore } from '~/stores/view'
import { useBoatFiles } from '~/composables/useBoatFiles'
import { useFilePick } from '~/composables/useFilePick'

/** The boats of this browser, what can be done with them, and the settings. */
const router = useRouter()
const boats = useBoatsStore()
const document = useDocumentStore()
const view = useViewStore()
const { errors, exportBoat, importBoat } = useBoatFiles()
const open = defineModel<boolean>({ required: true })
defineProps<{ target?: HTMLElement }>()
const failed = ref(false)

async function go(action: () => unknown) {
  open.value = false
  await action()
}
async function picked(file: File) {
  failed.value = !(await importBoat(file))
  open.value = false
}
const pick = useFilePick('.json,application/json', files => picked(files[0]!))
</script>

<template>
  <VMenu v-model="open" :target="target" :close-on-content-click="false" location="bottom start" :min-width="264">
    <div class="menu">
      <h2 class="section-head">{{ boardWords.boats.title }}</h2>
      <ul data-boats>
        <li v-for="boat in boats.list" :key="boat.id">
          <VBtn
            variant="plain"
            :class="{ current: boat.id === document.project.id }"
            :aria-current="boat.id === document.project.id"
            @click="go(() => boats.open(boat.id))"
          >
            {{ boat.name
            }}<span class="soft kind"
              >{{ orElse('', () => hullLabel(boat.project.boat))
              }}{{ boat.id.startsWith('demo-') ? `, ${boardWords.boats.demo}` : '' }}</span
            >
          </VBtn>
        </li>
      </ul>
      <div class="actions">
        <VBtn variant="flat" @click="go(() => router.push('/start'))">
          {{ boardWords.boats.add }}
        </VBtn>
        <VBtn @click="go(() => boats.duplicate())"> {{ boardWords.boats.duplicate }}</VBtn><VBtn
          data-compare-boats
          @click="go(() => router.push(`/compare?with=${document.project.id}`))"
        >
          {{ boardWords.boats.compare }}
        </VBtn>
        <VBtn
          data-open-history
          @click="
            go(() => {
              view.historyOpen = true
            })
          "
        >
          {{ boardWords.history.open }}
        </VBtn>
        <VBtn @click="go(exportBoat)">{{ boardWords.boats.export }}</VBtn>
        <VBtn data-import-boat @click="pick()">{{ boardWords.boats.import }}</VBtn>
        <VBtn @click="go(() => boats.remove())">{{ boardWords.boats.remove }}</VBtn>
        <VBtn
          @click="
            go(() => {
              view.settingsOpen = true
            })
          "
        >
          {{ boardWords.settings.title }}
        </VBtn>
      </div>
    </div>
  </VMenu>
  <VDialog v-model="failed" role="alertdialog" :aria-label="boardWords.boats.importFailed">
    <div class="errors">
      <h2 class="section-head">{{ boardWords.boats.importFailed }}</h2>
      <ul data-import-errors>
        <li v-for="e in errors.slice(0, 12)" :key="e.field + e.message">
          <b>{{ e.field }}</b> {{ e.message }}
        </li>
      </ul>
      <VBtn variant="flat" @click="failed = false">{{ boardWords.boats.close }}</VBtn>
    </div>
  </VDialog>
</template>

<style scoped>
.menu {
  background: var(--sheet);
  border: 1.25px solid var(--ink);
  box-shadow: 3px 3px 0 var(--rule);
  padding: 10px 12px 12px;
  color: var(--text);
}
ul {
  margin: 4px 0 10px;
  max-height: 40vh;
  overflow: auto;
}
li button {
  display: flex;
  justify-content: space-between;
  width: 100%;
  min-height: var(--hit);
  align-items: center;
  border-bottom: 0.75px solid var(--rule);
  padding: 0 6px;
}
li .kind {
  font-size: 12.5px;
  font-weight: 400;
}
li button:hover {
  background: var(--desk);
}
li .current {
  font-weight: 600;
  border-left: 3px solid var(--ink);
}
.actions {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
}
.errors {
  background: var(--sheet);
  border: 1.25px solid var(--ink);
  padding: 16px;
  color: var(--text);
}
.errors li {
  padding: 6px 0;
  border-bottom: 0.75px solid var(--rule);
  font-size: 14px;
  overflow-wrap: anywhere;
}
</style>
