<script setup lang="ts">
import { computed } from 'vue'
import { mdiRedo, mdiThemeLightDark, mdiUndo } from '@mdi/js'
import { hullLabel } from '@remigo/core'
import { orElse } from '~/composables/orElse'
import { boardWords } from '~/messages/board'
import { shelfWords } from '~/messages/shelf'
import { useBoatsStore } from '~/stores/boats'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'
import { useBoardTheme } from '~/composables/useBoardTheme'
import { benchOf } from '~/benches'
import { clockOf } from '~/design/times'

/** The drawing's title block: the brand, undo and redo, the boat's name and main dimensions, and when it was saved. */
defineProps<{
  /** one line: the bench has the room */
  folded?: boolean
}>()
const document = useDocumentStore()
const boats = useBoatsStore()
const { text } = useQuantities()
const { toggle } = useBoardTheme()
const route = useRoute()
const boat = computed(() => document.shown.boat)
const bench = computed(() => benchOf(route.path))
const bad = computed(() => boats.status === 'failed' || boats.status === 'conflict')
const saved = computed(() =>
  boats.status === 'saved' && boats.savedAt
    ? `${shelfWords.status.saved} ${clockOf(boats.savedAt)}, ${boardWords.shell.onThisMachine}`
    : shelfWords.status[boats.status],
)
/** a longer name has the two lines for itself */
const LONG_NAME = 24
const short = computed(() => {
  const state = boats.status === 'saved' && boats.savedAt ? clockOf(boats.savedAt) : shelfWords.short[boats.status]
  const weight = orElse('', () => text(boat.value.mass, 'mass'))
  return [rows.value[0]?.value, weight, state].filter(Boolean).join(', ')
})
/** the block with undo and the menu of boats stays alive whatever the boat holds */
const rows = computed(() =>
  orElse([], () => [
    { label: 'Length over all', value: text(boat.value.lengthOverAll, 'length') },
    {
      label: 'Waterline',
      value: boat.value.lengthWaterline === null ? boardWords.strip.open : text(boat.value.lengthWaterline, 'length'),
    },
    { label: 'Weight', value: `${text(boat.value.mass, 'mass')} ± ${Math.round(boat.value.massUncertainty * 100)} %` },
    { label: 'Draught', value: text(boat.value.draught, 'length') },
  ]),
)
const kind = computed(() =>
  orElse('', () =>
    boat.value.drive.kind === 'jet'
      ? hullLabel(boat.value)
      : `${hullLabel(boat.value)}, ${boardWords.boat.drives[boat.value.drive.kind].toLowerCase()}`,
  ),
)
</script>

<template>
  <section class="title">
    <div class="bar">
      <BoatsMenu />
      <VBtn
        icon
        variant="plain"
        :disabled="!document.canUndo"
        :aria-label="`${boardWords.shell.undo}: ${document.undoLabel || boardWords.shell.nothing}`"
        :title="`${boardWords.shell.undo} ${document.undoLabel}`"
        @click="document.undo()"
      >
        <svg width="20" height="20" viewBox="0 0 24 24" aria-hidden="true">
          <path :d="mdiUndo" fill="currentColor" />
        </svg>
      </VBtn>
      <VBtn
        icon
        variant="plain"
        :disabled="!document.canRedo"
        :aria-label="`${boardWords.shell.redo}: ${document.redoLabel || boardWords.shell.nothing}`"
        :title="`${boardWords.shell.redo} ${document.redoLabel}`"
        @click="document.redo()"
      >
        <svg width="20" height="20" viewBox="0 0 24 24" aria-hidden="true">
          <path :d="mdiRedo" fill="currentColor" />
        </svg>
      </VBtn>
      <VBtn icon variant="plain" :aria-label="boardWords.shell.light" :title="boardWords.shell.light" @click="toggle">
        <svg width="20" height="20" viewBox="0 0 24 24" aria-hidden="true">
          <path :d="mdiThemeLightDark" fill="currentColor" />
        </svg>
      </VBtn>
    </div>
    <div v-if="folded" class="line soft">
      <h1>
        <b>{{ document.shown.name }}</b>
      </h1>
      <span v-if="document.shown.name.length <= LONG_NAME || bad" class="line__rest" :class="{ bad }" data-saved>{{
        short
      }}</span>
    </div>
    <div v-if="!folded" class="name">
      <h1 :class="{ long: document.shown.name.length > 17, longer: document.shown.name.length > 36 }">
        {{ document.shown.name }}
      </h1>
      <p class="soft">{{ kind }}</p>
    </div>
    <dl v-if="!folded">
      <div v-for="row in rows" :key="row.label">
        <dt>{{ row.label }}</dt>
        <dd class="figures">{{ row.value }}</dd>
      </div>
    </dl>
    <div v-if="!folded" class="foot">
      <p v-if="bench" class="sheet">{{ bench.set ? `${boardWords.sets[bench.set]}, ` : '' }}{{ bench.label }}</p>
      <p class="soft" :class="{ bad }" data-saved>{{ saved }}</p>
    </div>
  </section>
</template>

<style scoped>
.title {
  display: flex;
  flex-direction: column;
  height: 100%;
  background: var(--sheet);
}
.bar {
  display: flex;
  align-items: center;
  min-height: 39px;
  padding: 0 2px 0 0;
  border-bottom: 1px solid var(--ink);
  background: var(--paper);
}
.line {
  padding: 2px 10px 0 12px;
  font-size: 12.5px;
  line-height: 17px;
  overflow-wrap: anywhere;
}
/* the name of the boat in one line with the rest */
.line h1 {
  font: inherit;
}
.line b {
  color: var(--text);
}
.line__rest {
  display: block;
}
.name {
  padding: 8px 14px 6px;
  border-bottom: 1px solid var(--ink);
}
h1 {
  font: 600 25px/29px var(--figures);
  overflow-wrap: anywhere;
}
.long {
  font-size: 18px;
  line-height: 20px;
}
.longer {
  font-size: 15px;
  line-height: 17px;
}
.name p {
  font-size: 13.5px;
  line-height: 17px;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
dl {
  display: grid;
  grid-template-columns: 1fr 1fr;
}
dl div {
  padding: 4px 6px 3px 14px;
  border-bottom: 0.75px solid var(--rule);
}
dl div:nth-child(odd) {
  border-right: 0.75px solid var(--rule);
}
dt {
  color: var(--soft);
  font-size: 12.5px;
  line-height: 15px;
  white-space: nowrap;
}
dd {
  font-size: 15.5px;
  line-height: 19px;
  white-space: nowrap;
}
.foot {
  padding: 7px 14px;
  font-size: 13px;
  line-height: 17px;
}
.sheet {
  font-weight: 600;
}
.bad {
  color: var(--clash);
}
</style>
