<script setup lang="ts">
import { computed, ref } from 'vue'
import { arraysOf, edit, LEVER_CHARGE, restVoltage, shadeOfMonth, SPAR, type Project } from '@remigo/core'
import { sunWords } from '~/messages/sun'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'
import type { ChartCurve } from '~/components/chart/chartTypes'

/** Masts and booms near the panels, and what their shadows take by the hour. */
const document = useDocumentStore()
const { text } = useQuantities()
type Solar = Project['design']['solar']
type Spars = Solar['spars']
const solar = computed(() => document.shown.design.solar)
const month = computed(() => document.shown.design.charging.month)
/** 0 is the first array, then those elsewhere */
const at = ref(0)
const arrays = computed(() => [sunWords.firstArray, ...solar.value.others.map(a => a.name)])
const chosen = computed(() => Math.min(at.value, solar.value.others.length))
const spars = computed<Spars>(() => (chosen.value === 0 ? solar.value : solar.value.others[chosen.value - 1]!).spars)
function put(label: string, next: Spars) {
  const others = solar.value.others.map((a, i) => (i === chosen.value - 1 ? { ...a, spars: next } : a))
  document.edit(label, [chosen.value === 0 ? edit('design.solar.spars', next) : edit('design.solar.others', others)])
}
const STANDING = { ahead: 2.5, starboard: 0, height: 9, length: 3, thick: 0.12 }
const add = (kind: 'mast' | 'boom') =>
  put(kind === 'mast' ? sunWords.addMast : sunWords.addBoom, [
    ...spars.value,
    { kind, ...STANDING, ...(kind === 'boom' ? { height: 1.2, length: 3.5 } : {}) },
  ])
const change = (i: number, to: Record<string, unknown>) =>
  put(
    sunWords.spars,
    spars.value.map((s, n) => (n === i ? { ...s, ...to } : s)),
  )
const keys = (spar: Spars[number]) =>
  ['kind', 'ahead', 'starboard', 'height', ...(spar.kind === 'boom' ? ['length'] : []), 'thick'] as const
/** the array that is looked at, with the light of the whole */
const array = computed(() => {
  const other = solar.value.others[chosen.value - 1]
  return other ? { ...solar.value, ...other, others: [] } : arraysOf(solar.value, 'drive')[0]!
})
const shade = computed(() =>
  spars.value.length === 0
    ? null
    : shadeOfMonth(
        array.value,
        document.shown.use.place,
        {
          packVoltage: restVoltage(document.shown.design.pack, LEVER_CHARGE),
          air: document.shown.boat.waterTemperature,
        },
        month.value,
      ),
)
const curves = computed<ChartCurve[]>(() =>
  shade.value
    ? [
        {
          name: sunWords.shadeHour,
          x: shade.value.hours.map(h => h.time / 3600),
          y: shade.value.hours.map(h => 100 * h.lost),
          width: 2.6,
        },
      ]
    : [],
)
const axes = computed(() => ({
  x: { title: sunWords.sunTime, from: 3, to: 21 },
  y: {
    title: sunWords.shadeHour,
    unit: '%',
    from: 0,
    to: Math.max(10, 115 * Math.max(0, ...(shade.value?.hours.map(h => h.lost) ?? []))),
  },
}))
</script>

<template>
  <section class="block" :aria-label="sunWords.spars" data-spars>
    <h2 class="section-head">
      {{ sunWords.spars }}<span>{{ sunWords.sparsHint }}</span>
    </h2>
    <PickField
      v-if="arrays.length > 1"
      v-model="at"
      class="pick"
      :label="sunWords.sparsOf"
      :items="arrays.map((title, value) => ({ value, title }))"
    />
    <div v-for="(spar, i) in spars" :key="i" class="spar" data-spar>
      <RowFields
        :fields="SPAR.fields"
        :value="spar"
        :keys="keys(spar)"
        :options="sunWords.sparKinds"
        @change="change(i, $event)"
      />
      <VBtn
        :aria-label="`${sunWords.removeArray}: ${sunWords.sparKinds[spar.kind]} ${i + 1}`"
        @click="
          put(
            sunWords.removeSpar,
            spars.filter((_, n) => n !== i),
          )
        "
      >
        {{ sunWords.removeArray }}
      </VBtn>
    </div>
    <div class="adds">
      <VBtn data-add-mast @click="add('mast')"> {{ sunWords.addMast }}</VBtn><VBtn data-add-boom @click="add('boom')">
        {{ sunWords.addBoom }}
      </VBtn>
      <QuantityField v-if="spars.length > 0 && !array.swings" path="design.solar.bow" />
    </div>
    <template v-if="shade">
      <PlotChart :label="sunWords.shadeChart" :curves="curves" :height="200" :x="axes.x" :y="axes.y" />
      <p class="prose says">
        {{ sunWords.shadeSays(text(shade.lost, 'ratio'), sunWords.months[month]!, array.swings) }}
      </p>
    </template>
  </section>
</template>

<style scoped>
.pick {
  display: flex;
  gap: 10px;
  align-items: center;
  margin: 6px 0;
  font-size: 13.5px;
}
.spar {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: end;
  padding: 6px 0;
  border-bottom: 0.75px solid var(--rule);
}
.spar > :first-child {
  flex: 1;
}
.adds {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
  margin: 8px 0;
}
.says {
  margin-top: 8px;
}
</style>
