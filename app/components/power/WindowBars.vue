<script setup lang="ts">
import { computed } from 'vue'
import type { PowerStep } from '@remigo/core'
import { powerWords as words } from '~/messages/firstPower'
import { useQuantities } from '~/composables/useQuantities'

/**
 * The volts that each live part works between or stands, where they meet, and what was read. Not to be used, but read.
 */
const { step, value } = defineProps<{ step: PowerStep; value: number | null }>()
const { text } = useQuantities()
const volts = (v: number) => text(v, 'voltage')
/** parts that reach beyond the picture at the top are as good as open there */
const scale = computed(() => {
  const { meets } = step,
    middle = (meets!.foot + meets!.top) / 2,
    reach = Math.max(
      0.3 * middle,
      1.5 * Math.abs(meets!.top - meets!.foot),
      value === null ? 0 : 1.3 * Math.abs(value - middle),
    )
  return { from: Math.max(0, middle - reach), to: middle + reach }
})
const at = (v: number) =>
  Math.min(100, Math.max(0, (100 * (v - scale.value.from)) / (scale.value.to - scale.value.from)))
const rows = computed(() =>
  step.windows!.map(w => ({
    ...w,
    left: at(w.from),
    right: 100 - at(w.to),
    weakest: w === step.meets!.topBy,
    ends: w.from > 0 ? words.accepted(volts(w.from), volts(w.to)) : words.atMost(volts(w.to)),
    over: value !== null && (value > w.to || value < w.from),
  })),
)
const meet = computed(() => ({ left: at(step.meets!.foot), right: 100 - at(step.meets!.top) }))
const met = computed(() => step.meets!.foot <= step.meets!.top)
</script>

<template>
  <div class="windows" data-windows>
    <p class="head">
      <b>{{ words.windows }}</b><span v-if="value !== null">{{ words.readAt(volts(value)) }}</span>
    </p>
    <ul>
      <li v-for="w in rows" :key="w.part" :class="{ weakest: w.weakest, over: w.over }">
        <span class="name"
          >{{ w.name }}<small>{{ w.weakest ? `${words.weakest}; ${w.why}` : w.why }}</small></span
        >
        <span class="track" aria-hidden="true"
          ><i class="meets" :style="{ left: `${meet.left}%`, right: `${meet.right}%` }" /><i
            class="bar"
            :style="{ left: `${w.left}%`, right: `${w.right}%` }" /><i
            v-if="value !== null"
            class="read"
            :style="{ left: `${at(value)}%` }"
        /></span>
        <span class="ends">{{ w.ends }}</span>
      </li>
      <li class="sum">
        <span class="name">{{ words.meets }}</span>
        <span class="track" aria-hidden="true"
          ><i v-if="met" class="bar" :style="{ left: `${meet.left}%`, right: `${meet.right}%` }" /><i
            v-if="value !== null"
            class="read"
            :style="{ left: `${at(value)}%` }"
        /></span>
        <span class="ends">{{
          step.low !== null && step.high !== null && met
            ? words.accepted(volts(step.low), volts(step.high))
            : words.noMeeting
        }}</span>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.windows {
  margin: 6px 0 8px;
}
.head {
  display: flex;
  justify-content: space-between;
}
.windows li {
  display: grid;
  grid-template-columns: minmax(110px, 30%) minmax(0, 1fr) minmax(90px, auto);
  gap: 8px;
  align-items: center;
  min-height: 30px;
  border: 0;
}
.name::first-letter {
  text-transform: uppercase;
}
.name {
  display: block;
  line-height: 16px;
}
.name small {
  display: block;
  font-size: 12px;
}
.track {
  position: relative;
  height: 16px;
  background: repeating-linear-gradient(135deg, var(--rule) 0 0.75px, transparent 0.75px 6px);
}
.track i {
  position: absolute;
  top: 0;
  bottom: 0;
}
.meets {
  background: var(--fits-wash);
  top: -7px !important;
  bottom: -7px !important;
}
.bar {
  background: var(--band);
  border: 1px solid var(--ink);
}
.weakest .bar {
  background: var(--ink);
}
.sum .bar {
  background: var(--fits);
  border-color: var(--fits);
}
.read {
  width: 0;
  border-left: 2px solid var(--text);
  top: -7px !important;
  bottom: -7px !important;
}
.ends {
  font: 500 13px/16px var(--figures);
  font-variant-numeric: tabular-nums lining-nums;
  text-align: right;
}
.over .ends {
  color: var(--clash);
  font-weight: 600;
}
.sum {
  border-top: 0.75px solid var(--rule);
  font-weight: 600;
}
@media (max-width: 620px) {
  .windows li {
    grid-template-columns: minmax(0, 1fr) minmax(90px, auto);
  }
  .track {
    grid-column: 1 / -1;
    grid-row: 2;
  }
}
</style>
