<script setup lang="ts">
import { computed, ref } from 'vue'
import { useElementSize } from '@vueuse/core'
import { stringFaults, stringVoltage } from '@remigo/core'
import { sunWords } from '~/messages/sun'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'

/** A string's volts, cold and hot, against what the charge controller takes and the full pack, on one scale. */
const answer = useAnswerStore()
const document = useDocumentStore()
const { text, format } = useQuantities()
const box = ref<HTMLElement>()
const { width } = useElementSize(box)
const solar = computed(() => document.shown.design.solar)
const volts = computed(() => stringVoltage(solar.value))
const faults = computed(() => stringFaults(solar.value, answer.model.pack.fullVoltage))
const rows = computed(() => [
  { key: 'string', label: sunWords.string, from: volts.value.hot, to: volts.value.cold },
  ...(solar.value.controller
    ? [
        {
          key: 'takes',
          label: sunWords.takes,
          from: solar.value.controller.leastPanelVoltage,
          to: solar.value.controller.greatestPanelVoltage,
        },
      ]
    : []),
])
const full = computed(() => answer.model.pack.fullVoltage)
const most = computed(() => 1.08 * Math.max(full.value, ...rows.value.map(r => r.to)))
const LEFT = 104,
  ROW = 32,
  TOP = 22
const x = (v: number) => LEFT + (v / most.value) * Math.max(10, width.value - LEFT - 26)
</script>

<template>
  <section class="block" :aria-label="sunWords.window" data-string-window>
    <h2 class="section-head">
      {{ sunWords.window }}<span>{{ sunWords.windowHint }}</span>
    </h2>
    <div ref="box">
      <svg
        v-if="width > 0"
        :width="width"
        :height="TOP + ROW * rows.length + 6"
        role="img"
        :aria-label="rows.map(r => `${r.label} ${text(r.from, 'voltage')} to ${text(r.to, 'voltage')}`).join('; ')"
      >
        <path :d="`M${x(full)} ${TOP - 6}V${TOP + ROW * rows.length}`" class="full" />
        <g v-for="(row, i) in rows" :key="row.key" :transform="`translate(0 ${TOP + i * ROW})`">
          <path :d="`M0 0H${width}`" class="hair" />
          <text x="0" y="21" class="label">{{ row.label }}</text>
          <rect
            :x="x(row.from)"
            y="7"
            :width="Math.max(2, x(row.to) - x(row.from))"
            height="17"
            class="bar"
            :class="row.key"
          />
          <text :x="x(row.from) - 5" y="20" class="value" text-anchor="end">
            {{ format(row.from, 'voltage').text }}
          </text>
          <text :x="x(row.to) + 5" y="20" class="value">{{ format(row.to, 'voltage').text }}</text>
        </g>
        <text :x="x(full)" :y="TOP - 9" class="label" text-anchor="middle">
          {{ sunWords.pack }} {{ text(full, 'voltage') }}
        </text>
      </svg>
    </div>
    <p v-if="solar.fitted && faults.length" class="prose">
      <StateMark state="stop" :size="13" /> {{ faults.join(', ') }}
    </p>
    <div class="rows figures-two"><FigureRow id="stringCold" /><FigureRow id="stringHot" /></div>
  </section>
</template>

<style scoped>
.hair {
  stroke: var(--rule);
  stroke-width: 0.75;
}
.label {
  font: 400 13px var(--labels);
  fill: var(--text);
}
.bar {
  fill: var(--band);
  stroke: var(--ink);
  stroke-width: 1.25;
}
.bar.string {
  fill: var(--ink);
}
.value {
  font: 600 14px var(--figures);
  fill: var(--text);
  paint-order: stroke;
  stroke: var(--paper);
  stroke-width: 4px;
}
.full {
  stroke: var(--text);
  stroke-width: 1.5;
  stroke-dasharray: 5 4;
}
.figures-two {
  max-width: 340px;
}
</style>
