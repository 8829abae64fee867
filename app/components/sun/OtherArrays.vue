<script setup lang="ts">
import { computed } from 'vue'
import { edit, OTHER_ARRAY, type Project } from '@remigo/core'
import { sunWords } from '~/messages/sun'
import { useDocumentStore } from '~/stores/document'
import { useLibraryStore } from '~/stores/library'

/** Panels elsewhere on the boat: roof, sides, another bank, each with its own direction, shade and controller. */
const document = useDocumentStore()
const library = useLibraryStore()
type Other = Project['design']['solar']['others'][number]
const arrays = computed(() => document.shown.design.solar.others)
const put = (label: string, others: Other[]) => document.edit(label, [edit('design.solar.others', others)])
function add() {
  const { panel, series, parallel, tilt, heading, swings, shading, spars, controller } = document.shown.design.solar
  const name = sunWords.arrayNames[arrays.value.length % sunWords.arrayNames.length]!
  put(sunWords.addArray, [
    ...arrays.value,
    { name, feeds: 'drive', panel, series, parallel, tilt, heading, swings, shading, spars, controller },
  ])
}
const change = (at: number, change: Partial<Other>) =>
  put(
    sunWords.otherArrays,
    arrays.value.map((a, i) => (i === at ? { ...a, ...change } : a)),
  )
/** panels that swing have no heading of their own */
const keysOf = (array: Other) =>
  ['name', 'series', 'parallel', 'tilt', 'heading', 'shading', 'swings'].filter(k => k !== 'heading' || !array.swings)
const panels = computed(() => library.library.panels),
  controllers = computed(() => library.library.chargeControllers)
</script>

<template>
  <section class="block" :aria-label="sunWords.otherArrays" data-other-arrays>
    <h2 class="section-head">{{ sunWords.otherArrays }}</h2>
    <fieldset v-for="(array, at) in arrays" :key="at" class="array">
      <legend class="visually-hidden">{{ array.name }}</legend>
      <RowFields
        :fields="OTHER_ARRAY.fields"
        :value="{ ...array }"
        :keys="keysOf(array)"
        @change="change(at, $event)"
      />
      <div class="line">
        <PickField
          :label="sunWords.panel"
          :model-value="array.panel.id"
          :items="panels.map(p => ({ value: p.id, title: p.name }))"
          @update:model-value="change(at, { panel: panels.find(p => p.id === $event) ?? array.panel })"
        />
        <PickField
          :label="sunWords.controller"
          :model-value="array.controller?.id ?? ''"
          :items="[{ value: '', title: sunWords.direct }, ...controllers.map(c => ({ value: c.id, title: c.name }))]"
          @update:model-value="change(at, { controller: controllers.find(c => c.id === $event) ?? null })"
        />
        <VCheckboxBtn
          :model-value="array.feeds === 'house'"
          :label="sunWords.feedsHouse"
          @update:model-value="change(at, { feeds: $event ? 'house' : 'drive' })"
        />
        <VBtn
          :aria-label="`${sunWords.removeArray}: ${array.name}`"
          @click="
            put(
              sunWords.removeArray,
              arrays.filter((_, i) => i !== at),
            )
          "
        >
          {{ sunWords.removeArray }}
        </VBtn>
      </div>
    </fieldset>
    <VBtn data-add-array @click="add">
      {{ sunWords.addArray }}
    </VBtn>
  </section>
</template>

<style scoped>
.array {
  border: 0;
  border-bottom: 0.75px solid var(--rule);
  padding: 8px 0;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  align-items: end;
  margin-top: 6px;
}
.pick-field {
  flex: 0 1 190px;
}
</style>
