<script setup lang="ts">
import { computed } from 'vue'
import type { LearntStep } from '@remigo/core'
import { tripsWords as words } from '~/messages/trips'

/** How well power at cruise is known, step by step since the beginning. */
const props = defineProps<{ before: number; trial: number | null; steps: readonly LearntStep[]; speed: string }>()
/** where the trial stands, before the first trip */
const TRIAL = 0.5
const percent = (share: number) => `± ${Math.round(share)} %`
const count = computed(() => Math.max(1, props.steps.at(-1)?.trips ?? 1))
const course = computed(() => {
  const known = [
    { at: 0, within: props.before },
    ...(props.trial === null ? [] : [{ at: TRIAL, within: props.trial }]),
    ...props.steps.map(s => ({ at: s.trips, within: s.within })),
  ]
  return [...known, { at: count.value + 1, within: known.at(-1)!.within }]
})
const curves = computed(() => [
  {
    name: words.sure,
    x: course.value.map(c => c.at),
    y: course.value.map(c => 100 * c.within),
    width: 2,
    steps: true,
    ground: true,
  },
])
const axes = computed(() => ({
  x: {
    title: words.sureTrips,
    from: 0,
    to: count.value + 1,
    ticks: (count.value > 2 ? [1, count.value] : [1]).map(at => ({ at, word: String(at) })),
    says: (trips: number) => (trips === TRIAL ? words.sureTrial : `${Math.floor(trips)} ${words.sureTrips}`),
  },
  y: {
    title: words.sureAxis(props.speed),
    from: 0,
    to: 108 * Math.max(0.05, ...course.value.map(c => c.within)),
    says: percent,
  },
}))
const last = computed(() => course.value.at(-1)!)
const said = computed(() => [
  ...(props.trial === null ? [] : [{ x: TRIAL, y: 100 * props.trial, text: words.sureTrial }]),
  {
    x: last.value.at,
    y: 100 * last.value.within,
    text: percent(100 * last.value.within),
    side: 'left' as const,
    strong: true,
  },
])
</script>

<template>
  <PlotChart :label="words.sure" :curves="curves" :words="said" :height="270" :x="axes.x" :y="axes.y" data-learnt />
</template>
