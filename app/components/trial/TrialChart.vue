<script setup lang="ts">
import { computed, ref } from 'vue'
import { useElementSize } from '@vueuse/core'
import { ticks } from 'd3-array'
import { chosenUnit, toUnit, UNITS, type TrialCurvePoint, type TrialPair, runSpeed } from '@remigo/core'
import { trialWords as words } from '~/messages/trial'
import { useQuantities } from '~/composables/useQuantities'
import { useViewStore } from '~/stores/view'
import { between, line } from '~/components/day/chartPaths'

/** Power against speed: what was predicted, runs out and back with their means, the fit so far, and where she is. */
const props = defineProps<{
  predicted: readonly TrialCurvePoint[]
  fitted: readonly TrialCurvePoint[]
  pairs: readonly TrialPair[]
  /** W of the steps that are still to come, with their shares */
  coming: readonly { power: number; share: string }[]
  /** where she is, m/s and W, the last minutes first to last */
  here: readonly { speed: number; power: number }[]
  lever: number
  high?: number
}>()
const view = useViewStore()
const { text } = useQuantities()
const frame = ref<HTMLElement>()
const { width } = useElementSize(frame)
const wide = computed(() => Math.max(280, width.value || 420))
const HIGH = computed(() => props.high ?? 470)
const LEFT = 34,
  RIGHT = 14,
  TOP = 26,
  BELOW = 46
const unit = computed(() => chosenUnit('speed', view.choice))
const powerUnit = computed(() => chosenUnit('electricPower', view.choice))
const runs = computed(() => props.pairs.flatMap(p => p.runs))
const mostSpeed = computed(() => Math.max(...props.predicted.map(p => p.speed), ...runs.value.map(runSpeed), 0.5))
const mostPower = computed(
  () =>
    1.12 *
    Math.max(
      ...props.coming.map(c => c.power),
      ...runs.value.map(r => r.means.power ?? 0),
      ...props.here.map(h => h.power),
      100,
    ),
)
const x = (v: number) => LEFT + (v / mostSpeed.value) * (wide.value - LEFT - RIGHT)
const y = (p: number) => TOP + (1 - Math.min(1.2, p / mostPower.value)) * (HIGH.value - TOP - BELOW)
const xs = computed(() =>
  ticks(0, toUnit(mostSpeed.value, unit.value), Math.min(8, wide.value / 60)).map(v => ({
    at: x(v / toUnit(1, unit.value)),
    word: String(v),
  })),
)
const ys = computed(() =>
  ticks(0, toUnit(mostPower.value, powerUnit.value), 6).map(v => ({
    at: y(v / toUnit(1, powerUnit.value)),
    word: String(v),
  })),
)
const band = computed(() =>
  between(
    props.predicted.map(p => ({ x: x(p.speed), y: y(p.high) })),
    props.predicted.map(p => ({ x: x(p.speed), y: y(p.low) })),
  ),
)
const path = (of: readonly TrialCurvePoint[]) => line(of.map(p => ({ x: x(p.speed), y: y(p.power) })))
const reached = computed(() => Math.max(0, ...props.pairs.filter(p => p.runs.length).map(p => p.speed)))
const near = computed(() => props.fitted.filter(p => p.speed <= reached.value * 1.001))
const far = computed(() => props.fitted.filter(p => p.speed >= reached.value * 0.96))
const shown = computed(() =>
  props.pairs
    .filter(p => p.runs.length > 0)
    .map(p => ({
      ...p,
      dots: p.runs.map(r => ({ x: x(runSpeed(r)), y: y(r.means.power ?? 0), way: r.way })),
      mx: x(p.speed),
      my: y(p.power),
    })),
)
const now = computed(() => props.here.at(-1))
const trail = computed(() => props.here.slice(-60).filter((_, i) => i % 10 === 0))
const tag = computed(() => text(props.lever, 'speed'))
const tagX = computed(() => Math.max(LEFT + 24, Math.min(wide.value - 30, x(props.lever))))
/** speed on the predicted curve where a word has room */
const word = computed(() => props.predicted[Math.floor(props.predicted.length * 0.62)])
</script>

<template>
  <div ref="frame">
    <svg :viewBox="`0 0 ${wide} ${HIGH}`" role="img" :aria-label="words.chart" data-trial-chart>
      <clipPath id="trial-frame">
        <rect :x="LEFT" :y="TOP" :width="wide - LEFT - RIGHT" :height="HIGH - TOP - BELOW" />
      </clipPath>
      <rect :x="LEFT" :y="TOP" :width="wide - LEFT - RIGHT" :height="HIGH - TOP - BELOW" class="frame" />
      <g v-for="t in ys" :key="`y${t.word}`">
        <path :d="`M${LEFT} ${t.at}H${wide - RIGHT}`" class="grid" />
        <text :x="LEFT - 6" :y="t.at + 4" text-anchor="end" class="axis">{{ t.word }}</text>
      </g>
      <g v-for="t in xs" :key="`x${t.word}`">
        <path :d="`M${t.at} ${TOP}V${HIGH - BELOW}`" class="grid" />
        <text v-if="Math.abs(t.at - tagX) > 34" :x="t.at" :y="HIGH - BELOW + 18" text-anchor="middle" class="axis">
          {{ t.word }}
        </text>
      </g>
      <text :x="LEFT" y="15" class="say">{{ words.chartAxis }}, {{ UNITS[powerUnit].symbol }}</text>
      <text :x="wide - RIGHT" :y="HIGH - 6" text-anchor="end" class="say">
        {{ words.throughWater }}, {{ UNITS[unit].symbol }}
      </text>
      <g clip-path="url(#trial-frame)">
        <path :d="band" class="band" />
        <g v-for="c in coming" :key="c.share">
          <path :d="`M${LEFT} ${y(c.power)}H${wide - RIGHT}`" class="coming" />
          <text :x="LEFT + 8" :y="y(c.power) - 4" class="say halo">{{ words.comes(c.share) }}</text>
        </g>
        <path :d="path(predicted)" class="predicted" />
        <path v-if="near.length > 1" :d="path(near)" class="fitted" />
        <path v-if="far.length > 1 && reached > 0" :d="path(far)" class="further" />
        <path :d="`M${x(lever)} ${TOP}V${HIGH - BELOW}`" class="lever" />
        <g v-for="p in shown" :key="p.step">
          <path
            v-if="p.dots.length > 1"
            :d="`M${p.dots[0]!.x} ${p.dots[0]!.y}L${p.dots.at(-1)!.x} ${p.dots.at(-1)!.y}`"
            class="pair"
          />
          <path v-for="(d, i) in p.dots" :key="i" :d="`M${d.x} ${d.y - 6}l6 6l-6 6l-6-6z`" class="run" />
          <rect v-if="p.paired" :x="p.mx - 5.5" :y="p.my - 5.5" width="11" height="11" class="mean" />
        </g>
        <circle v-for="(t, i) in trail" :key="`t${i}`" :cx="x(t.speed)" :cy="y(t.power)" r="1.6" class="trail" />
        <g v-if="now">
          <circle :cx="x(now.speed)" :cy="y(now.power)" r="9" class="ring" />
          <circle :cx="x(now.speed)" :cy="y(now.power)" r="5" class="dot" />
          <text
            :x="x(now.speed) + (x(now.speed) > wide - 120 ? -14 : 14)"
            :y="Math.max(TOP + 14, y(now.power) - 12)"
            :text-anchor="x(now.speed) > wide - 120 ? 'end' : 'start'"
            class="word halo"
          >
            {{ words.here }}
          </text>
        </g>
        <text v-if="word" :x="x(word.speed) - 8" :y="y(word.power) - 6" text-anchor="end" class="say halo">
          {{ words.predicted }}
        </text>
      </g>
      <rect :x="tagX - 30" :y="HIGH - BELOW + 2" width="60" height="22" class="tag" />
      <text :x="tagX" :y="HIGH - BELOW + 18" text-anchor="middle" class="on-tag">{{ tag }}</text>
    </svg>
  </div>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
}
.frame {
  fill: var(--sheet);
}
.grid {
  stroke: var(--grid);
  stroke-width: 1;
}
.axis {
  font: 600 13px var(--figures);
  fill: var(--text);
}
.say {
  font: 400 12.5px var(--labels);
  fill: var(--soft);
}
.word {
  font: 600 13px var(--labels);
  fill: var(--text);
}
.halo {
  paint-order: stroke;
  stroke: var(--sheet);
  stroke-width: 4px;
}
.band {
  fill: var(--band);
}
.coming {
  stroke: var(--rule);
  stroke-width: 1;
  stroke-dasharray: 4 4;
}
.predicted,
.further,
.fitted {
  fill: none;
  stroke: var(--ink);
}
.predicted {
  stroke-width: 1.75;
  stroke-dasharray: 8 5;
}
.fitted {
  stroke-width: 3;
}
.further {
  stroke-width: 1.5;
  stroke-dasharray: 1.5 4;
}
.lever {
  stroke: var(--signal);
  stroke-width: 2.5;
}
.pair {
  stroke: var(--text);
  stroke-width: 1.5;
}
.run {
  fill: var(--sheet);
  stroke: var(--text);
  stroke-width: 1.5;
}
.mean {
  fill: var(--text);
}
.trail {
  fill: var(--text);
}
.ring {
  fill: none;
  stroke: var(--text);
  stroke-width: 1.5;
}
.dot {
  fill: var(--text);
}
.tag {
  fill: var(--signal);
}
.on-tag {
  font: 600 14px var(--figures);
  fill: var(--on-signal);
}
</style>
