<script setup lang="ts">
import { computed, ref } from 'vue'
import { useElementSize } from '@vueuse/core'
import { ticks } from 'd3-array'
import {
  chosenUnit,
  driveTrain,
  modelOf,
  asSetUp,
  toUnit,
  UNITS,
  type Project,
  type ReadPoint,
  type TrialCurvePoint,
  theoryResistance,
} from '@remigo/core'
import { tripsWords as words } from '~/messages/trips'
import { useQuantities } from '~/composables/useQuantities'
import { useViewStore } from '~/stores/view'
import { between, line } from '~/components/day/chartPaths'

/** Power from the pack against speed: as predicted, after the trial, and now with every trip. */
const props = defineProps<{
  project: Project
  predicted: readonly TrialCurvePoint[]
  trial: readonly TrialCurvePoint[]
  now: readonly TrialCurvePoint[]
  points: readonly ReadPoint[]
  lever: number
  within: string
}>()
const view = useViewStore()
const { text } = useQuantities()
const frame = ref<HTMLElement>()
const { width } = useElementSize(frame)
const wide = computed(() => Math.max(260, width.value || 380))
const HIGH = 270,
  LEFT = 32,
  RIGHT = 8,
  TOP = 22,
  BELOW = 44
const unit = computed(() => chosenUnit('speed', view.choice))
const powerUnit = computed(() => chosenUnit('electricPower', view.choice))
/** what a reading would be today, in calm: its distance from the theory of then on that of now */
const circles = computed(() => {
  const model = modelOf(asSetUp(props.project, undefined))
  return props.points.map(p => ({
    speed: p.speed,
    power: driveTrain(model, p.speed, theoryResistance(model, p.speed).centre * Math.exp(p.seen.away)).packPower,
    trip: p.trip !== null,
    far: p.weight < 1,
  }))
})
const mostSpeed = computed(() => Math.max(0.5, ...props.now.map(p => p.speed)))
const mostPower = computed(() =>
  Math.max(100, 1.1 * (props.now.at(-1)?.power ?? 0), ...circles.value.filter(c => !c.far).map(c => 1.05 * c.power)),
)
const x = (v: number) => LEFT + (v / mostSpeed.value) * (wide.value - LEFT - RIGHT)
const y = (p: number) => TOP + (1 - Math.min(1.3, p / mostPower.value)) * (HIGH - TOP - BELOW)
const xs = computed(() =>
  ticks(0, toUnit(mostSpeed.value, unit.value), Math.min(7, wide.value / 60)).map(v => ({
    at: x(v / toUnit(1, unit.value)),
    word: String(v),
  })),
)
const ys = computed(() =>
  ticks(0, toUnit(mostPower.value, powerUnit.value), 4).map(v => ({
    at: y(v / toUnit(1, powerUnit.value)),
    word: String(v),
  })),
)
const path = (of: readonly TrialCurvePoint[]) => line(of.map(p => ({ x: x(p.speed), y: y(p.power) })))
const band = computed(() =>
  between(
    props.now.map(p => ({ x: x(p.speed), y: y(p.high) })),
    props.now.map(p => ({ x: x(p.speed), y: y(p.low) })),
  ),
)
const tagX = computed(() => Math.max(LEFT + 26, Math.min(wide.value - 32, x(props.lever))))
const word = computed(() => props.now[Math.floor(props.now.length * 0.7)])
</script>

<template>
  <div ref="frame">
    <svg :viewBox="`0 0 ${wide} ${HIGH}`" role="img" :aria-label="words.curve" data-own-curve>
      <clipPath id="own-frame">
        <rect :x="LEFT" :y="TOP" :width="wide - LEFT - RIGHT" :height="HIGH - TOP - BELOW" />
      </clipPath>
      <rect :x="LEFT" :y="TOP" :width="wide - LEFT - RIGHT" :height="HIGH - TOP - BELOW" class="frame" />
      <g v-for="t in ys" :key="`y${t.word}`">
        <path :d="`M${LEFT} ${t.at}H${wide - RIGHT}`" class="grid" />
        <text :x="LEFT - 5" :y="t.at + 4" text-anchor="end" class="axis">{{ t.word }}</text>
      </g>
      <g v-for="t in xs" :key="`x${t.word}`">
        <path :d="`M${t.at} ${TOP}V${HIGH - BELOW}`" class="grid" />
        <text v-if="Math.abs(t.at - tagX) > 36" :x="t.at" :y="HIGH - BELOW + 17" text-anchor="middle" class="axis">
          {{ t.word }}
        </text>
      </g>
      <text :x="LEFT" y="14" class="say">{{ words.axis }}, {{ UNITS[powerUnit].symbol }}</text>
      <text :x="wide - RIGHT" :y="HIGH - 5" text-anchor="end" class="say">{{ UNITS[unit].symbol }}</text>
      <g clip-path="url(#own-frame)">
        <path :d="band" class="band" />
        <path :d="path(predicted)" class="predicted" />
        <path v-if="trial.length" :d="path(trial)" class="trial" />
        <path :d="path(now)" class="now" />
        <circle
          v-for="(c, i) in circles"
          :key="i"
          :cx="x(c.speed)"
          :cy="y(c.power)"
          :r="c.trip ? 4 : 5"
          :class="c.trip ? 'trip' : 'read'"
        />
        <path :d="`M${x(lever)} ${TOP}V${HIGH - BELOW}`" class="lever" />
        <text
          v-if="word"
          :x="x(word.speed) - 8"
          :y="Math.max(TOP + 14, y(word.power) - 8)"
          text-anchor="end"
          class="word halo"
        >
          {{ words.now(within) }}
        </text>
      </g>
      <rect :x="tagX - 30" :y="HIGH - BELOW + 2" width="60" height="21" class="tag" />
      <text :x="tagX" :y="HIGH - BELOW + 17" text-anchor="middle" class="on-tag">{{ text(lever, 'speed') }}</text>
    </svg>
    <p class="key small">
      <span><i class="k-predicted" />{{ words.predicted }}</span
      ><span v-if="trial.length"><i class="k-trial" />{{ words.trial }}</span
      ><span><i class="k-now" />{{ words.now(within) }}</span>
    </p>
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
}
.axis {
  font: 600 12.5px var(--figures);
  fill: var(--text);
}
.say {
  font: 400 12px var(--labels);
  fill: var(--soft);
}
.word {
  font: 600 12.5px var(--labels);
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
.predicted,
.trial,
.now {
  fill: none;
  stroke: var(--ink);
}
.predicted {
  stroke-width: 1.5;
  stroke-dasharray: 2 4;
}
.trial {
  stroke-width: 1.5;
  stroke-dasharray: 8 5;
}
.now {
  stroke-width: 2.75;
}
.trip {
  fill: var(--sheet);
  stroke: var(--text);
  stroke-width: 1.5;
}
.read {
  fill: var(--text);
}
.lever {
  stroke: var(--signal);
  stroke-width: 2.5;
}
.tag {
  fill: var(--signal);
}
.on-tag {
  font: 600 13.5px var(--figures);
  fill: var(--on-signal);
}
.key {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
}
.key i {
  display: inline-block;
  width: 24px;
  height: 0;
  margin-right: 5px;
  vertical-align: middle;
  border-top: 2px solid var(--ink);
}
.k-predicted {
  border-top-style: dotted !important;
}
.k-trial {
  border-top-style: dashed !important;
}
.k-now {
  border-top-width: 3px !important;
}
</style>
