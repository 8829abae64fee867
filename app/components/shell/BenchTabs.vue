<script setup lang="ts">
import { computed, watch } from 'vue'
import { mdiArrowExpandAll, mdiMagnify } from '@mdi/js'
import { boardWords } from '~/messages/board'
import { benchOf, BESIDE_SETS, pathOf, SETS, type Bench } from '~/benches'
import { usePartWords } from '~/composables/usePartWords'
import { useRoom } from '~/composables/useRoom'
import { useViewStore } from '~/stores/view'

/** The sets in one row: the chosen one stands open with its benches, the others are folded to their names. */
const words = usePartWords()
const view = useViewStore()
const route = useRoute()
const room = useRoom()
const here = computed(() => benchOf(route.path))
const open = computed(() => here.value?.set ?? view.lastSet)
watch(
  here,
  bench => {
    if (!bench?.set) return
    view.lastSet = bench.set
    view.lastBenches = { ...view.lastBenches, [bench.set]: bench.id }
  },
  { immediate: true },
)
interface Item {
  key: string
  set?: (typeof SETS)[number]
  bench?: Bench
}
const benchItem = (bench: Bench): Item => ({ key: bench.id, bench })
/** What stands in the row: each set, the open one followed by its benches; a space; the benches beside the sets. */
const row = computed<Item[]>(() => [
  ...SETS.flatMap(set => [{ key: `set-${set.id}`, set }, ...(set.id === open.value ? set.benches.map(benchItem) : [])]),
  { key: 'space' },
  ...BESIDE_SETS.map(benchItem),
])
const lastOf = (set: (typeof SETS)[number]) => pathOf(view.lastBenches[set.id] ?? set.benches[0]!.id)
</script>

<template>
  <nav class="tabs" :aria-label="boardWords.shell.benchesLabel">
    <template v-for="{ key, set, bench } in row" :key="key">
      <NuxtLink v-if="set && set.id === open" :to="lastOf(set)" class="set set--open" :data-set="set.id"
        >{{ set.label }} <span class="key">{{ set.key }}</span></NuxtLink
      >
      <NuxtLink v-else-if="set" :to="lastOf(set)" class="set set--folded" :data-set="set.id"
        ><span class="set__name">{{ set.label }} </span><span class="key">{{ set.key }}</span></NuxtLink
      >
      <NuxtLink
        v-else-if="bench"
        :to="bench.path"
        class="tab"
        :class="{ here: here?.id === bench.id }"
        :aria-current="here?.id === bench.id ? 'page' : undefined"
        :data-bench="bench.id"
        ><span class="number">{{ bench.key }}</span
        >{{ words.bench(bench) }}</NuxtLink
      >
      <span v-else class="space" />
    </template>
    <VBtn variant="plain" class="tab" data-find-open :title="boardWords.find.ask" @click="view.findOpen = true">
      <span class="number">{{ boardWords.find.key }}</span><span class="wide">{{ boardWords.find.name }}</span
      ><svg class="small-icon" width="16" height="16" viewBox="0 0 24 24" aria-hidden="true">
        <path :d="mdiMagnify" fill="currentColor" /></svg
      ><span class="visually-hidden narrow">{{ boardWords.find.name }}</span>
    </VBtn>
    <VBtn
      variant="plain"
      class="tab room"
      :class="{ on: room.on.value }"
      :aria-pressed="room.on.value"
      :title="room.on.value ? boardWords.room.take : boardWords.room.give"
      data-give-room
      @click="room.toggle()"
    >
      <span class="number">{{ boardWords.room.key }}</span><span class="wide">{{ boardWords.room.name }}</span
      ><svg width="16" height="16" viewBox="0 0 24 24" aria-hidden="true">
        <path :d="mdiArrowExpandAll" fill="currentColor" /></svg
      ><span class="visually-hidden narrow">{{ boardWords.room.name }}</span>
    </VBtn>
  </nav>
</template>

<style scoped>
.tabs {
  display: flex;
  background: var(--desk);
  border-bottom: 1px solid var(--ink);
  border-top: 2px solid var(--ink);
  height: 38px;
  overflow-x: auto;
  overflow-y: hidden;
  scrollbar-width: none;
}
.tab,
.set {
  flex: none;
  display: flex;
  align-items: center;
  gap: 5px;
  padding: 0 9px;
  color: var(--text);
  text-decoration: none;
  font-size: 14px;
  font-weight: 500;
  border-right: 1px solid var(--rule);
  border-top: 3px solid transparent;
  margin-top: -2px;
  white-space: nowrap;
}
.number,
.key {
  color: var(--soft);
  font-size: 12.5px;
}
.tab:hover,
.set--folded:hover {
  background: var(--paper);
}
.tab.here {
  background: var(--paper);
  border-top-color: var(--ink);
  font-weight: 600;
  margin-bottom: -1px;
}
.tab:focus-visible,
.set:focus-visible {
  outline-offset: -3px;
}
.set {
  font-weight: 600;
}
.set--open,
.room.on {
  background: var(--ink);
  color: var(--sheet);
}
.set--open .key,
.room.on .number {
  color: var(--sheet);
}
/* a folded set shows the edges of the sheets that lie below */
.set--folded {
  position: relative;
  margin-left: 7px;
  background: var(--sheet);
  border-left: 1px solid var(--ink);
  border-right: 1px solid var(--ink);
  box-shadow:
    -3px 0 0 -1px var(--sheet),
    -4px 0 0 -1px var(--ink);
}
.space {
  flex: 1;
}
.tab.here + .tab {
  border-left: 0;
}
.space + .tab {
  border-left: 1px solid var(--ink);
}
.small-icon {
  display: none;
}
/* the widest set is whole at 1280 px */
@media (max-width: 1340px) {
  .tab,
  .set {
    padding: 0 7px;
    gap: 4px;
  }
}
@media (max-width: 1230px) {
  .number {
    display: none;
  }
}
@media (max-width: 1080px) {
  .set--folded .set__name,
  .wide {
    display: none;
  }
  .small-icon {
    display: block;
  }
  .tab,
  .set {
    padding: 0 5px;
    font-size: 13.5px;
  }
}
@media (min-width: 1500px) {
  .tab,
  .set {
    padding: 0 13px;
  }
}
</style>
