<script setup lang="ts">
import { computed } from 'vue'
import { chosenUnit, speedOf, STEADY, toUnit, UNITS, type Sample, type SteadyStretch } from '@remigo/core'
import { trialWords as words } from '~/messages/trial'
import { useQuantities } from '~/composables/useQuantities'
import { useViewStore } from '~/stores/view'

/** Speed of the last three minutes, and the part of them that is steady. */
const props = defineProps<{ samples: readonly Sample[]; stretch: SteadyStretch | null }>()
const view = useViewStore()
const { text } = useQuantities()
const LOOK = 180
const unit = computed(() => chosenUnit('speed', view.choice))
const kn = (v: number) => toUnit(v, unit.value)
const until = computed(() => props.samples.at(-1)?.time ?? 0)
const read = computed(() =>
  props.samples
    .filter(s => until.value - s.time <= LOOK && speedOf(s) !== undefined)
    .map(s => ({ ago: s.time - until.value, v: speedOf(s)! })),
)
const middle = computed(() => props.stretch?.means.ground ?? props.stretch?.means.water ?? read.value.at(-1)?.v ?? 0)
const span = computed(() => {
  const off = Math.max(4 * STEADY.speed, ...read.value.map(r => Math.abs(r.v - middle.value)))
  return Math.min(off, 12 * STEADY.speed)
})
const clock = (s: number) => `${Math.floor(s / 60)}:${String(Math.floor(s % 60)).padStart(2, '0')}`
const curves = computed(() => [
  { name: words.steadiness, x: read.value.map(r => r.ago), y: read.value.map(r => kn(r.v)), width: 1.75 },
])
const axes = computed(() => ({
  x: {
    title: '',
    from: -LOOK,
    to: 0,
    ticks: [
      { at: -LOOK, word: words.ago },
      { at: 0, word: words.nowAxis },
    ],
    says: (ago: number) => `−${clock(-ago)}`,
  },
  y: {
    title: '',
    unit: UNITS[unit.value].symbol,
    from: kn(middle.value - span.value),
    to: kn(middle.value + span.value),
  },
}))
const held = computed(() =>
  props.stretch ? [{ x0: props.stretch.from - until.value, x1: 0, wash: 'fits-wash' as const }] : [],
)
const edges = computed(() =>
  props.stretch
    ? [-1, 1].map(way => ({
        at: kn(middle.value + way * STEADY.speed),
        label: '',
        dash: 'dash' as const,
        colour: 'fits' as const,
      }))
    : [],
)
const within = computed(
  () => props.stretch && words.heldWithin(clock(props.stretch.held), text(props.stretch.speedWithin, 'speed')),
)
</script>

<template>
  <div>
    <PlotChart
      :label="words.steadiness"
      :curves="curves"
      :areas="held"
      :across="edges"
      :height="150"
      :x="axes.x"
      :y="axes.y"
    />
    <p v-if="within" class="small">{{ within }}</p>
  </div>
</template>
