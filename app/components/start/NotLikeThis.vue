<script setup lang="ts">
import { computed, onMounted, toRaw, watch } from 'vue'
import type { FirstVerdict, FirstWay, Project } from '@remigo/core'
import { benchWords } from '~/messages/benches'
import { useDocumentStore } from '~/stores/document'
import { useLibraryStore } from '~/stores/library'
import { useQuantities } from '~/composables/useQuantities'
import { useWorkerRun } from '~/composables/useWorkerRun'

/** A first design that is none: why, how long such a boat can be so fast, and other wishes that she meets. */
const props = defineProps<{ project: Project; verdict: FirstVerdict; tries?: boolean }>()
const words = benchWords.notThis
const document = useDocumentStore()
const library = useLibraryStore()
const { fill, text } = useQuantities()
const run = useWorkerRun('ways')
const ask = () => run.start(structuredClone({ project: toRaw(props.project), own: toRaw(library.own) }))
onMounted(ask)
watch(() => props.project, ask)
const found = computed(() => run.result.value)
const tryIt = (way: FirstWay) => document.startTrial(`way-${way.id}`, fill(way.label), way.edits)
</script>

<template>
  <section class="not" :aria-label="words.title" data-not-like-this>
    <h3><StateMark state="stop" :size="20" /> {{ words.title }}</h3>
    <p v-for="(w, i) in verdict.why.slice(0, 2)" :key="i">{{ fill(w) }}</p>
    <p v-if="found?.lasts" data-lasts>
      <b>{{ fill(found.lasts) }}</b>
    </p>
    <RunState v-if="!found" :run="run" :says="words.looking(Math.round(100 * run.progress.value))" />
    <ul v-else-if="found.ways.length > 0">
      <li v-for="way in found.ways" :key="way.id" :data-way="way.id">
        <VBtn v-if="tries" @click="tryIt(way)">{{ fill(way.label) }}</VBtn><span v-else>{{ fill(way.label) }}</span>
        <span class="figures"
          >{{ text(way.energy, 'energy') }}, {{ text(way.mass, 'partMass') }}, {{ text(way.price, 'price') }}</span
        >
      </li>
    </ul>
    <p v-else>{{ words.noWay }}</p>
  </section>
</template>

<style scoped>
.not {
  border: 1.25px solid var(--clash);
  background: var(--sheet);
  padding: 8px 12px;
  margin: 8px 0;
}
h3 {
  display: flex;
  gap: 8px;
  align-items: center;
  font: 600 22px/28px var(--figures);
}
p {
  margin: 4px 0;
  font-size: 14.5px;
  line-height: 19px;
}
li {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 4px 14px;
  align-items: center;
  padding: 5px 0;
  border-top: 0.75px solid var(--rule);
  font-size: 14.5px;
}
</style>
