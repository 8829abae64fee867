<script setup lang="ts">
import { computed } from 'vue'
import { chosenUnit, thrustBalance, toUnit, UNITS } from '@remigo/core'
import { benchWords } from '~/messages/benches'
import { driveWords } from '~/messages/drive'
import { useAnswerStore } from '~/stores/answer'
import { useViewStore } from '~/stores/view'
import { useQuantities } from '~/composables/useQuantities'
import type { ChartCurve } from '~/components/chart/chartTypes'

/** Thrust that the drive gives against what the boat asks in calm, wind and sea: where they cross she comes to rest. */
const answer = useAnswerStore()
const view = useViewStore()
const { text } = useQuantities()
const units = computed(() => ({ force: chosenUnit('force', view.choice), speed: chosenUnit('speed', view.choice) }))
const balance = computed(() => thrustBalance(answer.model))
const x = computed(() => balance.value.speeds.map(v => toUnit(v, units.value.speed)))
const line = (name: string, forces: number[], look: Partial<ChartCurve> = {}): ChartCurve => ({
  name,
  x: x.value,
  y: forces.map(f => toUnit(f, units.value.force)),
  ...look,
})
const curves = computed(() => [
  line(driveWords.givesMinutes, balance.value.minutes, { dash: 'dash', colour: 'tight', width: 1.6 }),
  line(driveWords.givesAll, balance.value.allDay, { width: 2.6 }),
  line(driveWords.asksCalm, balance.value.calm, { colour: 'text', width: 1.8 }),
  line(driveWords.asksWind, balance.value.wind, { colour: 'text', width: 1.4, dash: 'longdash' }),
  line(driveWords.asksSea, balance.value.sea, { colour: 'text', width: 1.4, dash: 'dot' }),
])
const holds = computed(() => answer.summary.holding.share <= 1)
const axes = computed(() => ({
  x: { title: benchWords.curve.axisSpeed, unit: UNITS[units.value.speed].symbol, from: 0, to: x.value.at(-1)! },
  y: {
    title: driveWords.axisThrust,
    unit: UNITS[units.value.force].symbol,
    from: 0,
    to: 1.1 * toUnit(Math.max(...balance.value.minutes), units.value.force),
  },
}))
const marker = () => {
  const { drive, speed } = answer.evaluation.point
  return {
    x: toUnit(speed, units.value.speed),
    y: toUnit(drive.thrust, units.value.force),
    tag: text(speed, 'speed'),
    value: text(drive.thrust, 'force'),
  }
}
</script>

<template>
  <section class="block" :aria-label="driveWords.thrust" data-thrust>
    <h2 class="section-head">
      {{ driveWords.thrust
      }}<span class="state"
        ><StateMark :state="holds ? 'fits' : 'caution'" :size="13" />
        {{ holds ? driveWords.holds : driveWords.blown }}</span
      >
    </h2>
    <PlotChart
      :label="driveWords.thrustChart"
      :curves="curves"
      :marker="marker"
      :height="280"
      :x="axes.x"
      :y="axes.y"
    />
    <ChartKey :curves="curves" />
  </section>
</template>

<style scoped>
.state {
  display: inline-flex;
  gap: 6px;
  align-items: center;
  color: var(--text);
}
</style>
