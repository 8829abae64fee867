<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import type { VDataTableVirtual } from 'vuetify/components'
import { PART_KINDS, partToSi, type NumberColumn, type Part, type PartKindId } from '@remigo/core'
import { libraryWords } from '~/messages/library'
import { useCompact } from '~/composables/useCompact'
import { useLibraryBench } from '~/composables/useLibraryBench'
import { useQuantities } from '~/composables/useQuantities'
import { useDocumentStore } from '~/stores/document'
import { useLibraryStore } from '~/stores/library'
import PartEditor from '~/components/library/PartEditor.vue'
import { useFilePick } from '~/composables/useFilePick'

/**
 * The library of parts: those that ship and the owner's own, to read, copy, change, bring in and take out, and to try
 * on the boat.
 */
const bench = useLibraryBench()
const {
  kind,
  words,
  chosen,
  editing,
  told,
  removed,
  own,
  all,
  shown,
  isOwn,
  imported,
  noPack,
  newer,
  progress,
  running,
  errors,
} = bench
const library = useLibraryStore()
const document = useDocumentStore()
const { fill, text } = useQuantities()
const route = useRoute()
const root = ref<HTMLElement>(),
  side = ref<HTMLElement>()
const compact = useCompact()
const KINDS = Object.fromEntries(Object.entries(PART_KINDS).map(([id, k]) => [id, k.many])) as Record<
  PartKindId,
  string
>
const lead = computed(() =>
  PART_KINDS[kind.value].lead.map(key => PART_KINDS[kind.value].columns.find(c => c.key === key)!),
)
const cell = (part: Part, key: string) => {
  const column = lead.value.find(c => c.key === key)!
  return column.kind === 'number'
    ? text(partToSi(column as NumberColumn, Number(part[key])), column.quantity)
    : String(part[key])
}
/** a finger wants a taller row */
const ROW = matchMedia('(pointer: coarse)').matches ? 44 : 40
/** thousands of parts: only the rows in sight are drawn */
const table = ref<VDataTableVirtual>()
const headers = computed(() => [
  { key: 'name', title: libraryWords.count(shown.value.length, all.value.length, KINDS[kind.value]) },
  ...lead.value.map(c => ({ key: c.key, title: c.label, align: 'end' as const })),
])
const rowOf = ({ item }: { item: Part }) => ({ class: { current: item.id === chosen.value?.id } })
const pressed = (_: Event, { item }: { item: Part }) => choose(item)
// a part that was kept comes into sight, wherever the list had been scrolled to
watch([chosen, shown], async () => {
  const at = shown.value.findIndex(part => part.id === chosen.value?.id)
  await nextTick()
  if (at >= 0 && !root.value?.querySelector('tr.current')) table.value?.scrollToIndex(at)
})
const fitted = (part: Part) =>
  [
    document.shown.design.motor.id,
    document.shown.design.controller.id,
    document.shown.design.jet.id,
    document.shown.design.pack.cell.id,
    ...(document.shown.design.solar.fitted
      ? [document.shown.design.solar.panel.id, document.shown.design.solar.controller?.id]
      : []),
  ].includes(part.id)
const edits = computed(() => (chosen.value && !editing.value ? bench.editsFor(chosen.value) : null))
const taken = computed(() => own.value.map(p => p.id))
/** where the bench is one column, what was chosen comes into sight */
function choose(part: Part) {
  bench.choose(part)
  if (compact.value) void nextTick(() => side.value?.scrollIntoView({ block: 'start' }))
}
watch([kind, words], () => table.value?.scrollToIndex(0))
/** an address may name a kind, and a part of it */
watch(
  () => [route.query.kind, route.query.part],
  ([wanted, id]) => {
    if (typeof wanted !== 'string' || !(wanted in PART_KINDS)) return
    if (wanted !== kind.value) bench.show(wanted as PartKindId)
    const part = all.value.find(p => p.id === id)
    if (part) bench.choose(part)
  },
  { immediate: true },
)
const showKind = (id: unknown) => bench.show(id as PartKindId)
function picked(file: File) {
  void bench.importFile(file)
}
const pick = useFilePick('.csv,text/csv', files => picked(files[0]!))
</script>

<template>
  <div ref="root" class="bench" data-library>
    <div class="bench__main">
      <h2 class="head">{{ libraryWords.head }}</h2>
      <p class="prose">{{ libraryWords.lead }}</p>
      <VTabs class="kinds" :model-value="kind" :aria-label="libraryWords.kind" @update:model-value="showKind">
        <VTab v-for="(many, id) in KINDS" :key="id" :value="id" :data-kind="id">{{ many }}</VTab>
      </VTabs>
      <div class="tools">
        <VTextField
          v-model="words"
          class="find"
          type="search"
          :aria-label="libraryWords.find"
          :placeholder="`${libraryWords.find}: ${libraryWords.findHint}`"
          data-find
        />
        <VBtn variant="flat" data-new-part @click="bench.create()">
          {{ libraryWords.add }}
        </VBtn>
        <VBtn data-parts-file @click="pick()">{{ libraryWords.import }}</VBtn>
        <VBtn data-export-parts @click="bench.exportParts('all')">
          {{ libraryWords.exportAll }}
        </VBtn>
        <VBtn v-if="own.length" data-export-own @click="bench.exportParts('own')">
          {{ libraryWords.exportOwn }}
        </VBtn>
      </div>
      <p v-if="running" class="told">
        <VBtn @click="bench.cancel">{{ libraryWords.stop }}</VBtn><VProgressLinear
          :model-value="100 * progress"
          :aria-label="libraryWords.import"
        />
      </p>
      <p v-else-if="told || imported" class="told" role="status">
        {{ told ?? imported }}<VBtn v-if="removed" @click="bench.bringBack">{{ libraryWords.undo }}</VBtn>
      </p>
      <RunState :run="bench.run" />
      <p v-if="library.failure" class="errors" role="alert">{{ library.failure }}</p>
      <div v-if="errors.length" class="errors" role="alert" data-part-errors>
        <p>{{ libraryWords.wrong }}</p>
        <ul>
          <li v-for="(e, i) in errors.slice(0, 12)" :key="i">
            <b>{{ libraryWords.cell(e.line, e.column) }}</b> {{ e.message }}
          </li>
        </ul>
        <p v-if="errors.length > 12">{{ libraryWords.more(errors.length - 12) }}</p>
      </div>
      <VDataTableVirtual
        ref="table"
        class="list"
        :headers="headers"
        :items="shown"
        :item-height="ROW"
        :height="compact ? 320 : 'max(240px, calc(100dvh - 560px))'"
        :no-data-text="libraryWords.none"
        fixed-header
        :row-props="rowOf"
        @click:row="pressed"
      >
        <template #[`item.name`]="{ item }">
          <VBtn variant="plain" class="part" :aria-pressed="chosen?.id === item.id">
            <span>{{ item.name }}</span><small v-if="isOwn(item)" class="soft">{{ libraryWords.own }}</small>
          </VBtn>
        </template>
        <template v-for="c in lead" :key="c.key" #[`item.${c.key}`]="{ item }">{{ cell(item, c.key) }}</template>
      </VDataTableVirtual>
      <p class="small soft">{{ libraryWords.fileHint }}</p>
    </div>
    <div ref="side" class="bench__side">
      <template v-if="chosen">
        <h2 class="section-head">{{ editing ? PART_KINDS[kind].label : chosen.name }}</h2>
        <p v-if="!editing" class="small soft">{{ isOwn(chosen) ? libraryWords.own : libraryWords.ships }}</p>
        <div v-if="!editing" class="actions">
          <VBtn v-if="edits && !fitted(chosen)" variant="flat" data-try-part @click="bench.tryPart(chosen)">
            {{ libraryWords.tryIt }}
          </VBtn>
          <VBtn data-copy-part @click="bench.copy(chosen)">{{ libraryWords.copy }}</VBtn>
          <template v-if="isOwn(chosen)"
            ><VBtn data-edit-part @click="editing = true">{{ libraryWords.edit }}</VBtn
            ><VBtn data-delete-part @click="bench.remove(chosen)">
              {{ libraryWords.remove }}
            </VBtn></template
          >
        </div>
        <p v-if="newer" class="told" role="status" data-newer-part>
          {{ libraryWords.newer(document.shown.name) }}
          <VBtn variant="flat" data-take-over @click="bench.takeNewer">{{ libraryWords.takeOver }}</VBtn>
        </p>
        <p v-if="noPack" class="small" data-no-pack>{{ fill(noPack) }}</p>
        <PartEditor
          :kind="kind"
          :part="chosen"
          :editing="editing"
          :taken="taken"
          @keep="bench.keep"
          @cancel="chosen.id ? (editing = false) : (chosen = null)"
        />
      </template>
      <p v-else class="soft">{{ libraryWords.nothing }}</p>
    </div>
  </div>
</template>

<style scoped>
.head {
  font: 600 28px/32px var(--figures);
}
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.find {
  flex: 1 1 150px;
}
.told {
  display: flex;
  gap: 12px;
  align-items: center;
  margin-top: 8px;
  min-height: var(--hit);
}
.errors {
  margin-top: 8px;
  color: var(--text);
  border-left: 3px solid var(--clash);
  padding: 4px 0 4px 10px;
  font-size: 13.5px;
}
.part {
  display: flex;
  gap: 8px;
  align-items: baseline;
  text-align: left;
}
.part span {
  overflow: hidden;
  text-overflow: ellipsis;
  display: -webkit-box;
  -webkit-line-clamp: 2;
  -webkit-box-orient: vertical;
}
.part small {
  flex: none;
  font-size: 12px;
}
.list {
  margin-top: 10px;
  border-bottom: 1px solid var(--rule);
}
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin: 8px 0;
}
</style>
