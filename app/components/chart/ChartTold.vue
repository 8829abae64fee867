<script setup lang="ts">
import { computed } from 'vue'
import { saysOf, type ChartScales } from './chartScales'
import type { ChartCurve, ChartDrawing } from './chartTypes'

/** What the curves are at a place of the chart, in our own words: a line through all panels, and a box beside it. */
const props = defineProps<{ drawing: ChartDrawing; scales: ChartScales; at: number; width: number }>()
const axisOf = (c: ChartCurve) => (c.panel === undefined ? props.drawing.y : props.drawing.panels![c.panel]!)
/** the place of a curve nearest to where the hand is */
const nearest = (c: ChartCurve) =>
  c.x.reduce((best, x, i) => (Math.abs(x - props.at) < Math.abs(c.x[best]! - props.at) ? i : best), 0)
const REACH = 12
const told = computed(() =>
  props.drawing.curves
    .filter(c => !c.hidden && !c.quiet && c.x.length > 0)
    .flatMap(c => {
      const i = nearest(c),
        y = c.y[i]
      if (y === null || y === undefined) return []
      if (c.points && Math.abs(props.scales.px(c.x[i]!) - props.scales.px(props.at)) > REACH) return []
      const says = (v: number) => saysOf(axisOf(c), v)
      const [low, high] = [c.band?.low[i] ?? c.bars?.[i]?.low, c.band?.high[i] ?? c.bars?.[i]?.high]
      return [
        {
          curve: c,
          x: c.x[i]!,
          says: c.names?.[i] ?? says(y),
          range: low === undefined || high === undefined ? '' : `${says(low)} to ${says(high)}`,
        },
      ]
    }),
)
const place = computed(() => props.scales.px(told.value.find(t => !t.curve.points)?.x ?? told.value[0]?.x ?? props.at))
const leftwards = computed(() => place.value > props.width / 2)
</script>

<template>
  <div v-if="told.length > 0" class="told" aria-hidden="true" data-chart-told>
    <i class="rule" :style="{ transform: `translateX(${place}px)` }" />
    <dl :style="leftwards ? { right: `${width - place + 10}px` } : { left: `${place + 10}px` }">
      <dt>{{ saysOf(drawing.x, told[0]!.x) }}</dt>
      <dd v-for="(t, i) in told" :key="i">
        <b>{{ t.says }}</b> <span v-if="!t.curve.names">{{ t.curve.name }}</span>
        <span v-if="t.range">{{ t.range }}</span>
      </dd>
    </dl>
  </div>
</template>

<style scoped>
.told {
  position: absolute;
  inset: 0;
  overflow: hidden;
  pointer-events: none;
}
.rule {
  position: absolute;
  inset: 12px auto 46px 0;
  border-left: 1px solid var(--text);
}
dl {
  position: absolute;
  top: 16px;
  max-width: 46%;
  padding: 5px 8px;
  border: 1px solid var(--ink);
  background: var(--sheet);
  color: var(--soft);
  font-size: 12.5px;
  line-height: 17px;
}
dt,
b {
  font: 600 14px/18px var(--figures);
  color: var(--text);
}
</style>
