<script setup lang="ts">
import { computed, ref } from 'vue'
import { useElementSize } from '@vueuse/core'
import { restVoltage, TOUCH_LIMIT, type Severity, type RuleId } from '@remigo/core'
import { benchWords } from '~/messages/benches'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'
import { vLive } from '~/directives/live'

/** Windows of pack, controller, charger and motor on one scale of volts, with the pack now and the touch limit. */
const answer = useAnswerStore()
const document = useDocumentStore()
const { text, format } = useQuantities()
const box = ref<HTMLElement>()
const { width } = useElementSize(box)
const design = computed(() => document.shown.design)
const pack = computed(() => {
  const { pack: figures } = answer.model
  const low = restVoltage(design.value.pack, 0.1) - answer.summary.top.drive.packCurrent * figures.resistance
  return { from: Math.max(0, low), to: figures.fullVoltage, rest: restVoltage(design.value.pack, 0.1) }
})
const dcdc = computed(() => {
  const { dcdcLeast: from, dcdcGreatest: to } = design.value.wiring
  return from === null && to === null ? null : { from: from ?? 0, to: to ?? pack.value.to }
})
const rows = computed(() => [
  {
    key: 'pack',
    label: benchWords.pack.pack,
    from: pack.value.from,
    to: pack.value.to,
    state: worst(['packAboveWindow', 'packBelowWindow']),
  },
  driven('controller', design.value.controller),
  {
    key: 'charger',
    label: benchWords.pack.charger,
    from: design.value.charging.charger.leastVoltage,
    to: design.value.charging.charger.greatestVoltage,
    state: worst(['chargerWindow']),
  },
  ...(dcdc.value
    ? [{ key: 'dcdc', label: benchWords.pack.dcdc, ...dcdc.value, state: worst(['houseConverter']) }]
    : []),
  driven('motor', design.value.motor, ['motorSpeed']),
])
/** A part that the pack drives is marked by the end of its own window that the pack passes. */
function driven(
  key: 'controller' | 'motor',
  { leastVoltage: from, greatestVoltage: to }: { leastVoltage: number; greatestVoltage: number },
  rules: RuleId[] = [],
) {
  const passed: RuleId[] = [
    ...(to < pack.value.to ? (['packAboveWindow'] as const) : []),
    ...(from > pack.value.from ? (['packBelowWindow'] as const) : []),
  ]
  return { key, label: benchWords.pack[key], from, to, state: worst([...passed, ...rules]) }
}
function worst(rules: RuleId[]): Severity | 'fits' {
  return answer.findings.findings.find(f => rules.includes(f.rule))?.severity ?? 'fits'
}
const now = computed(() => answer.evaluation.point.drive.packVoltage)
const LEFT = 84,
  RIGHT = 30,
  TOP = 24,
  ROW = 34,
  FOOT = 20
const scale = computed(() => {
  const all = rows.value.flatMap(r => [r.from, r.to])
  const showTouch = Math.max(...all) > 0.6 * TOUCH_LIMIT && Math.min(...all) < 1.3 * TOUCH_LIMIT
  const from = Math.min(...all) * 0.94,
    to = Math.max(...all, ...(showTouch ? [TOUCH_LIMIT] : [])) * 1.05
  return { from, to, showTouch }
})
const x = (v: number) =>
  LEFT + ((v - scale.value.from) / (scale.value.to - scale.value.from)) * Math.max(10, width.value - LEFT - RIGHT)
/** both ends are written inside a bar that is as wide as they are, else side by side beside it */
const INSIDE = 84,
  BESIDE = 86
function beside({ from, to }: { from: number; to: number }) {
  return x(to) + BESIDE < width.value - RIGHT
    ? { at: x(to) + 5, anchor: 'start' as const }
    : { at: x(from) - 5, anchor: 'end' as const }
}
/** what the pack is driven by; the charger's window only bounds the charge */
const drive = computed(() => rows.value.filter(r => r.key === 'controller' || r.key === 'motor'))
const common = computed(() => ({
  from: Math.max(...drive.value.map(r => r.from)),
  to: Math.min(...drive.value.map(r => r.to)),
}))
/** the foot of the scale; below it stands the word of the touch limit, out of the way of the pack's tag */
const foot = computed(() => TOP + ROW * rows.value.length + 4)
const height = computed(() => foot.value + (scale.value.showTouch ? FOOT : 4))
</script>

<template>
  <section class="block" :aria-label="benchWords.pack.window">
    <h2 class="section-head">
      {{ benchWords.pack.window }}<span>{{ benchWords.pack.windowHint }}</span>
    </h2>
    <div ref="box">
      <svg
        v-if="width > 0"
        :width="width"
        :height="height"
        role="img"
        :aria-label="rows.map(r => `${r.label} ${text(r.from, 'voltage')} to ${text(r.to, 'voltage')}`).join('; ')"
      >
        <rect
          v-if="common.to > common.from"
          :x="x(common.from)"
          :y="TOP"
          :width="x(common.to) - x(common.from)"
          :height="ROW * rows.length"
          class="common"
        />
        <template v-if="scale.showTouch">
          <path :d="`M${x(TOUCH_LIMIT)} ${TOP}V${foot + 3}`" class="touch" />
          <text :x="Math.min(x(TOUCH_LIMIT), width - 42)" :y="foot + 16" class="label" text-anchor="middle">
            {{ benchWords.pack.touch }} {{ TOUCH_LIMIT }}
          </text>
        </template>
        <g v-for="(row, i) in rows" :key="row.key" :transform="`translate(0 ${TOP + i * ROW})`">
          <path :d="`M0 0H${width}`" class="hair" />
          <text x="0" y="22" class="label">{{ row.label }}</text>
          <rect
            :x="x(row.from)"
            y="8"
            :width="Math.max(2, x(row.to) - x(row.from))"
            height="17"
            class="bar"
            :class="row.key"
          />
          <template v-if="x(row.to) - x(row.from) > INSIDE">
            <text :x="x(row.from) + 5" y="21" class="value" :class="row.key">
              {{ format(row.from, 'voltage').text }}
            </text>
            <text :x="x(row.to) - 5" y="21" class="value" :class="row.key" text-anchor="end">
              {{ format(row.to, 'voltage').text }}
            </text>
          </template>
          <text v-else :x="beside(row).at" y="21" class="value value--beside" :text-anchor="beside(row).anchor">
            {{ format(row.from, 'voltage').text }} – {{ format(row.to, 'voltage').text }}
          </text>
          <path v-if="row.key === 'pack'" :d="`M${x(pack.rest)} 2v5M${x(pack.rest)} 26v5`" class="rest">
            <title>{{ benchWords.pack.atRest }}</title>
          </path>
          <StateMark :state="row.state" :size="15" :x="width - 18" y="9" />
        </g>
        <g v-live:transform="() => `translateX(${x(now)}px)`">
          <path :d="`M0 ${TOP - 4}V${foot}`" class="now" />
          <rect x="-42" y="0" width="84" height="20" class="tag" />
          <text v-live="() => `${text(now, 'voltage')} ${benchWords.pack.now}`" x="0" y="15" class="tag-text" />
        </g>
      </svg>
    </div>
  </section>
</template>

<style scoped>
.common {
  fill: var(--fits-wash);
}
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
.bar.pack {
  fill: var(--ink);
}
.value {
  font: 600 14px var(--figures);
  fill: var(--text);
}
.value.pack {
  fill: var(--sheet);
}
/* over the line of the touch limit */
.value--beside {
  paint-order: stroke;
  stroke: var(--fits-wash);
  stroke-width: 4px;
}
.rest {
  stroke: var(--ink);
  stroke-width: 2;
}
.touch {
  stroke: var(--text);
  stroke-width: 1.25;
}
.now {
  stroke: var(--signal);
  stroke-width: 2.5;
}
.tag {
  fill: var(--signal);
}
.tag-text {
  font: 600 13.5px var(--figures);
  fill: var(--on-signal);
  text-anchor: middle;
}
</style>
