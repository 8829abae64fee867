<script setup lang="ts">
import { DEMO_BOATS, hullLabel, type Project } from '@remigo/core'
import { benchWords } from '~/messages/benches'
import { pathOf } from '~/benches'
import { useBoatsStore } from '~/stores/boats'
import BoatSketch from './BoatSketch.vue'

/** Invented boats of every kind, to look at or to begin from. */
const router = useRouter()
const boats = useBoatsStore()
const words = benchWords.start
const firstLine = (story: string) => `${story.split('. ')[0]!.replace(/\.$/, '')}.`
async function look(boat: Project) {
  await boats.open(boat.id)
  await router.push(pathOf('boat'))
}
async function copy(boat: Project) {
  await boats.open(boat.id)
  await boats.duplicate()
  await router.push(pathOf('boat'))
}
</script>

<template>
  <section class="demos" :aria-label="words.demos" data-demo-boats>
    <h2 class="section-head">
      {{ words.demos }}<span>{{ words.demosHint }}</span>
    </h2>
    <ul>
      <li v-for="boat in DEMO_BOATS" :key="boat.id">
        <BoatSketch :project="boat" :width="230" :height="104" />
        <h3>
          {{ boat.name }} <span class="soft">{{ hullLabel(boat.boat) }}</span>
        </h3>
        <p class="small">{{ firstLine(boat.story) }}</p>
        <p class="doors">
          <VBtn :data-look="boat.id" @click="look(boat)">{{ words.look }}</VBtn><VBtn @click="copy(boat)">
            {{ words.copy }}
          </VBtn>
        </p>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.section-head {
  display: flex;
  justify-content: space-between;
  gap: 12px;
}
ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
  gap: 22px 18px;
  margin-top: 10px;
}
li {
  display: flex;
  flex-direction: column;
  min-width: 0;
}
li > svg {
  border: 0.75px solid var(--rule);
  background: var(--paper);
}
h3 {
  font: 600 16px/20px var(--labels);
  margin: 6px 0 2px;
}
h3 span {
  font-weight: 400;
  font-size: 13px;
}
.doors {
  display: flex;
  gap: 8px;
  margin-top: auto;
  padding-top: 8px;
}
</style>
