<script setup lang="ts">
import { computed } from 'vue'
import { axisOf, saysOf, type ChartRoom, type ChartScales } from './chartScales'
import type { ChartCurve, ChartDrawing } from './chartTypes'

/** What the curves are at a place of the chart, in our own words: a line through all panels, and a box beside it. */
const props = defineProps<{ drawing: ChartDrawing; scales: ChartScales; room: ChartRoom; at: number }>()
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
      const says = (v: number) => saysOf(axisOf(props.drawing, c), v)
      const [low, high] = [c.band?.low[i] ?? c.bars?.[i]?.low, c.band?.high[i] ?? c.bars?.[i]?.high]
      return [
        {
          curve: c,
          x: c.x[i]!,
          says: c.names?.[i] ?? says(y),
          // a point's own words say what it is
          rest: [
            ...(c.names ? [] : [c.name]),
            ...(low === undefined || high === undefined ? [] : [`${says(low)} to ${says(high)}`]),
          ].join(', '),
        },
      ]
    }),
)
const place = computed(() => props.scales.px(told.value.find(t => !t.curve.points)?.x ?? told.value[0]?.x ?? props.at))
const leftwards = computed(() => place.value > props.room.width / 2)
</script>

<template>
  <div v-if="told.length > 0" class="told" aria-hidden="true" data-chart-told>
    <i
      class="rule"
      :style="{ transform: `translateX(${place}px)`, top: `${room.top}px`, bottom: `${room.bottom}px` }"
    />
    <dl
      :style="[
        { top: `${room.top + 4}px` },
        leftwards ? { right: `${room.width - place + 10}px` } : { left: `${place + 10}px` },
      ]"
    >
      <dt>{{ saysOf(drawing.x, told[0]!.x) }}</dt>
      <dd v-for="(t, i) in told" :key="i">
        <b>{{ t.says }}</b> {{ t.rest }}
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
  left: 0;
  border-left: 1px solid var(--text);
}
dl {
  position: absolute;
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
