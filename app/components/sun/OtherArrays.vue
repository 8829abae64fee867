<script setup lang="ts">
import { computed, reactive } from 'vue'
import { edit, readField, OTHER_ARRAY, type NumberField, type Project } from '@remigo/core'
import { sunWords } from '~/messages/sun'
import { useDocumentStore } from '~/stores/document'
import { useLibraryStore } from '~/stores/library'
import { useViewStore } from '~/stores/view'
import { useQuantities } from '~/composables/useQuantities'
import { vKept } from '~/directives/kept'

/** Panels elsewhere on the boat: roof, sides, another bank, each with its own direction, shade and controller. */
const document = useDocumentStore()
const library = useLibraryStore()
const view = useViewStore()
const { text } = useQuantities()
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
const NUMBERS = ['series', 'parallel', 'tilt', 'heading', 'shading'] as const
const errors = reactive<Record<string, string>>({})
function typed(at: number, key: (typeof NUMBERS)[number], value: string) {
  const field: NumberField = OTHER_ARRAY.fields[key]
  const read = readField(field, value, view.choice, arrays.value[at]![key])
  errors[`${at}/${key}`] = read.ok ? '' : read.message
  if (read.ok && read.value !== null) change(at, { [key]: read.value })
}
const shown = (array: Other, key: (typeof NUMBERS)[number]) =>
  text(array[key], OTHER_ARRAY.fields[key].quantity).replace(/\u00A0/g, ' ')
</script>

<template>
  <section class="block" :aria-label="sunWords.otherArrays" data-other-arrays>
    <h2 class="section-head">{{ sunWords.otherArrays }}</h2>
    <fieldset v-for="(array, at) in arrays" :key="at" class="array">
      <legend class="visually-hidden">{{ array.name }}</legend>
      <div class="line">
        <input
          v-kept="array.name"
          class="ink-input name"
          maxlength="40"
          :aria-label="OTHER_ARRAY.fields.name.label"
          @change="change(at, { name: ($event.target as HTMLInputElement).value.trim() || array.name })"
        /><select
          class="ink-select"
          :value="array.panel.id"
          :aria-label="sunWords.panel"
          @change="
            change(at, {
              panel:
                library.library.panels.find(p => p.id === ($event.target as HTMLSelectElement).value) ?? array.panel,
            })
          "
        >
          <option v-for="p in library.library.panels" :key="p.id" :value="p.id">{{ p.name }}</option></select
        ><select
          class="ink-select"
          :value="array.controller?.id ?? ''"
          :aria-label="sunWords.controller"
          @change="
            change(at, {
              controller:
                library.library.chargeControllers.find(c => c.id === ($event.target as HTMLSelectElement).value) ??
                null,
            })
          "
        >
          <option value="">{{ sunWords.direct }}</option>
          <option v-for="c in library.library.chargeControllers" :key="c.id" :value="c.id">{{ c.name }}</option></select
        ><button
          type="button"
          class="btn"
          :aria-label="`${sunWords.removeArray}: ${array.name}`"
          @click="
            put(
              sunWords.removeArray,
              arrays.filter((_, i) => i !== at),
            )
          "
        >
          {{ sunWords.removeArray }}
        </button>
      </div>
      <div class="line">
        <label v-for="key in NUMBERS" :key="key" class="small"
          >{{ OTHER_ARRAY.fields[key].label
          }}<input
            v-kept="shown(array, key)"
            class="ink-input"
            :disabled="key === 'heading' && array.swings"
            :aria-invalid="errors[`${at}/${key}`] ? 'true' : undefined"
            @change="typed(at, key, ($event.target as HTMLInputElement).value)"
        /></label>
        <label class="small check"
          ><input
            type="checkbox"
            :checked="array.swings"
            @change="change(at, { swings: ($event.target as HTMLInputElement).checked })"
          />{{ OTHER_ARRAY.fields.swings.label }}</label
        >
        <label class="small check"
          ><input
            type="checkbox"
            :checked="array.feeds === 'house'"
            @change="change(at, { feeds: ($event.target as HTMLInputElement).checked ? 'house' : 'drive' })"
          />{{ sunWords.feedsHouse }}</label
        >
      </div>
      <template v-for="key in NUMBERS" :key="key"
        ><p v-if="errors[`${at}/${key}`]" class="error" role="alert">{{ errors[`${at}/${key}`] }}</p></template
      >
    </fieldset>
    <button type="button" class="btn" data-add-array @click="add">
      {{ sunWords.addArray }}
    </button>
  </section>
</template>

<style scoped>
.ink-input {
  width: 84px;
  text-align: right;
}
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
  margin-bottom: 6px;
}
label {
  display: grid;
  gap: 2px;
}
.check {
  display: flex;
  gap: 6px;
  align-items: center;
  min-height: var(--hit);
}
.name {
  width: 130px;
  text-align: left;
}
select {
  max-width: 190px;
}
.error {
  color: var(--clash);
  font-size: 12.5px;
}
</style>
