<script setup lang="ts">
import { computed } from 'vue'
import { mdiClose } from '@mdi/js'
import {
  explain,
  explainMethod,
  formatDifference,
  QUANTITIES,
  unitFor,
  UNITS,
  type Quantity,
  type Sensitivity,
  type UnitId,
} from '@remigo/core'
import { boardWords } from '~/messages/board'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useViewStore } from '~/stores/view'
import { useQuantities } from '~/composables/useQuantities'

/** How the figure that was pressed comes about. */
const answer = useAnswerStore()
const document = useDocumentStore()
const view = useViewStore()
const { text, fill } = useQuantities()

const open = computed({
  get: () => view.working !== null,
  set: value => {
    if (!value) view.working = null
  },
})
const working = computed(() => {
  if (!view.working) return null
  if ('worked' in view.working) return { ...view.working.worked, sensitivities: [] }
  const { id, method, project = document.shown, speed = Math.min(view.speed, answer.greatestSpeed) } = view.working
  return method ? explainMethod(method, project, speed) : explain(id, project, speed)
})
/** Digits alone: the heading names the unit, which is the figure's own. */
const unitId = computed(() =>
  working.value ? unitFor(working.value.quantity, working.value.value, view.choice) : 'one',
)
const changed = (value: number) =>
  formatDifference(value - working.value!.value, working.value!.quantity, view.choice, unitId.value).text
const strongest = computed(
  () =>
    working.value?.sensitivities.filter(s => changed(s.lower) !== '0' || changed(s.higher) !== '0').slice(0, 4) ?? [],
)
const reach = computed(() =>
  Math.max(
    1e-12,
    ...strongest.value.flatMap(s => [
      Math.abs(s.lower - working.value!.value),
      Math.abs(s.higher - working.value!.value),
    ]),
  ),
)

/** Offset of one end of a bar from its middle, in per cent of the half width. */
const bar = (s: Sensitivity) => {
  const a = (s.lower - working.value!.value) / reach.value,
    b = (s.higher - working.value!.value) / reach.value
  return { left: `${50 + 50 * Math.min(a, b, 0)}%`, width: `${50 * (Math.max(a, b, 0) - Math.min(a, b, 0))}%` }
}
const unit = computed(() => (unitId.value === 'gauge' ? '' : UNITS[unitId.value].symbol))
/** the units that this figure may be shown in; choosing one sets it for all of its kind */
const units = computed(() => (working.value ? (QUANTITIES[working.value.quantity] as Quantity).units : []))
function showIn(unit: UnitId) {
  const { quantity } = working.value!
  view.units = {
    ...view.units,
    overrides: { ...view.units.overrides, [quantity]: unit },
  }
}
</script>

<template>
  <VMenu
    v-model="open"
    :target="view.working?.anchor"
    :close-on-content-click="false"
    :scrim="false"
    :min-width="300"
    :max-width="348"
    scroll-strategy="close"
  >
    <section v-if="working" class="working" role="dialog" :aria-label="`${boardWords.working.head}: ${working.label}`">
      <header>
        <h2 class="section-head">{{ boardWords.working.head }}: {{ working.label.toLowerCase() }}</h2>
        <VBtn icon variant="plain" :aria-label="boardWords.working.close" @click="open = false">
          <svg width="18" height="18" viewBox="0 0 24 24" aria-hidden="true">
            <path :d="mdiClose" fill="currentColor" />
          </svg>
        </VBtn>
      </header>
      <p class="formula">{{ working.formula }}</p>
      <p class="result figures">
        {{ text(working.value, working.quantity) }}
        <span v-if="working.low !== undefined && working.high !== undefined" class="soft"
          >{{ boardWords.working.range }} {{ text(working.low, working.quantity) }} to
          {{ text(working.high, working.quantity) }}</span
        >
      </p>
      <dl>
        <template v-for="(input, i) in working.inputs" :key="i">
          <dt class="figures">{{ text(input.value, input.quantity) }}</dt>
          <dd>{{ input.what }}</dd>
        </template>
      </dl>
      <PickField
        v-if="units.length > 1"
        class="unit"
        :label="boardWords.working.unit"
        :model-value="unitId"
        :items="units.map(u => ({ value: u, title: UNITS[u].symbol }))"
        data-figure-unit
        @update:model-value="showIn($event)"
      />
      <p class="note">
        <b>{{ boardWords.working.holds }}</b> {{ fill(working.holds) }}
      </p>
      <p class="note">
        <b>{{ boardWords.working.source }}</b> {{ working.source }}
      </p>
      <template v-if="strongest.length">
        <h3 class="section-head">
          {{ boardWords.working.ifWrong }}<template v-if="unit">, {{ unit }}</template>
        </h3>
        <div v-for="s in strongest" :key="s.path" class="sensitivity">
          <span>{{ s.label }}</span>
          <span class="track"><i :style="bar(s)" /></span>
          <span class="figures ends">{{ changed(s.lower) }} <span class="soft">/</span> {{ changed(s.higher) }}</span>
        </div>
      </template>
    </section>
  </VMenu>
</template>

<style scoped>
.working {
  background: var(--sheet);
  border: 1.25px solid var(--ink);
  box-shadow: 3px 3px 0 var(--rule);
  padding: 4px 12px 12px;
  font-size: 13px;
  line-height: 17px;
  overflow: auto;
  max-height: min(560px, 84vh);
  color: var(--text);
}
header {
  display: flex;
  align-items: center;
  justify-content: space-between;
}
.v-btn {
  min-width: 32px;
  min-height: 32px;
  margin-right: -8px;
}
.formula {
  color: var(--soft);
  margin-bottom: 2px;
}
.result {
  font-size: 19px;
  line-height: 24px;
  margin-bottom: 6px;
}
.result .soft {
  font-size: 13px;
  font-weight: 500;
}
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 0 12px;
  border-top: 0.75px solid var(--rule);
}
dt,
dd {
  padding: 4px 0;
  border-bottom: 0.75px solid var(--rule);
}
dt {
  font-size: 14px;
  white-space: nowrap;
}
dd {
  color: var(--soft);
  margin-left: -12px;
  padding-left: 12px;
}
.note {
  margin-top: 6px;
  color: var(--soft);
}
.note b {
  color: var(--text);
  font-weight: 600;
  margin-right: 4px;
}
h3 {
  margin: 8px 0 2px;
}
.sensitivity {
  display: grid;
  grid-template-columns: 84px 1fr auto;
  gap: 8px;
  align-items: center;
  min-height: 24px;
  padding: 2px 0;
  font-size: 12px;
  line-height: 14px;
}
.track {
  position: relative;
  height: 8px;
  background: linear-gradient(var(--text), var(--text)) center / 1.25px 100% no-repeat;
}
.track i {
  position: absolute;
  top: 0;
  bottom: 0;
  background: var(--band);
  border: 1px solid var(--ink);
}
.ends {
  font-size: 13px;
  text-align: right;
  min-width: 92px;
}
</style>
