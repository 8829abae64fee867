<script setup lang="ts">
import { computed, ref } from 'vue'
import { clockText, streamAt, windAt, type DayReport, type Day } from '@remigo/core'
import { dayWords as words } from '~/messages/day'
import { useQuantities } from '~/composables/useQuantities'
import { line } from './chartPaths'

/**
 * The day from above, north up: the legs, how far she would come from where the chosen one begins, stream and wind of
 * that hour. With the pen in hand a touch puts the next leg there.
 */
const props = defineProps<{ report: DayReport | null; day: Day; chosen: number; home: boolean }>()
const emit = defineEmits<{
  choose: [leg: number]
  draw: [to: { course: number; distance: number }]
  home: [on: boolean]
}>()
const { text } = useQuantities()
const SIDE = 300,
  HIGH = 292,
  EDGE = 26
const drawing = ref(false)

const ends = computed(() => {
  let north = 0,
    east = 0
  const all = [{ north, east }]
  props.day.legs.forEach((leg, i) => {
    const way = props.report?.legs[i]?.distance ?? (leg.does === 'goes' ? leg.distance : 0)
    north += way * Math.cos(leg.course)
    east += way * Math.sin(leg.course)
    all.push({ north, east })
  })
  return all
})
/** the reach begins where the chosen leg does, else at the berth */
const at = computed(() => Math.max(0, props.chosen))
const start = computed(() => ends.value[at.value] ?? ends.value[0]!)
const curve = (of: readonly { north: number; east: number }[]) =>
  of.map(p => ({ north: p.north + start.value.north, east: p.east + start.value.east }))
const reach = computed(() => {
  const r = props.report?.reach
  return r ? { ...r, expected: curve(r.expected), bad: curve(r.bad), empty: curve(r.empty) } : null
})
/** the plan zooms to the route; the reach may run out of it */
const view = computed(() => {
  const all = [...ends.value, ...(reach.value?.expected ?? [])]
  const route = ends.value
  const span = (of: typeof all) => ({
    n: [Math.min(...of.map(p => p.north)), Math.max(...of.map(p => p.north))] as const,
    e: [Math.min(...of.map(p => p.east)), Math.max(...of.map(p => p.east))] as const,
  })
  const whole = span(all),
    way = span(route)
  const size = (s: typeof whole) => Math.max(s.n[1] - s.n[0], s.e[1] - s.e[0], 1)
  const use = size(whole) > 8 * size(way) && size(way) > 100 ? way : whole
  const large = Math.max(size(use), 500)
  return {
    scale: (Math.min(SIDE, HIGH) - 2 * EDGE) / large,
    north: (use.n[0] + use.n[1]) / 2,
    east: (use.e[0] + use.e[1]) / 2,
  }
})
const px = (p: { north: number; east: number }) => ({
  x: SIDE / 2 + (p.east - view.value.east) * view.value.scale,
  y: HIGH / 2 - (p.north - view.value.north) * view.value.scale,
})
const closed = (of: readonly { north: number; east: number }[]) => `${line(of.map(px))}Z`
const names = computed(() => {
  const said: { x: number; y: number; name: string; anchor: 'start' | 'end' }[] = []
  ends.value.forEach((p, i) => {
    const name = i === 0 ? props.day.berth : (props.day.legs[i - 1]?.to ?? '')
    if (!name) return
    const at = px(p),
      anchor = at.x > SIDE * 0.62 ? ('end' as const) : ('start' as const)
    // one name for one place, and no two on one another
    if (said.some(s => Math.abs(s.y - at.y) < 14 && Math.abs(s.x - at.x) < 90)) return
    said.push({ x: at.x, y: at.y, name, anchor })
  })
  return said
})
/** a round number of miles or kilometres, about a quarter of the plan */
const scale = computed(() => {
  const wanted = SIDE / 4 / view.value.scale,
    step = [100, 250, 500, 1000, 1852, 3704, 9260, 18_520, 37_040, 92_600].filter(s => s <= wanted).at(-1) ?? 100
  return { wide: step * view.value.scale, label: text(step, 'distance') }
})
const moment = computed(() => props.report?.legs[at.value]?.departs ?? props.day.departs)
const drift = computed(() => {
  const leg = props.day.legs[at.value],
    stream = streamAt(leg && leg.stream > 0 ? props.day.streams[leg.stream - 1] : null, moment.value),
    wind = windAt(props.day.wind, moment.value)
  const arrow = (d: { north: number; east: number }) => ({
    speed: Math.hypot(d.north, d.east),
    turn: (Math.atan2(d.east, d.north) * 180) / Math.PI,
  })
  return { stream: arrow(stream), wind: arrow(wind) }
})
function touch(event: MouseEvent) {
  if (!drawing.value) return
  const box = (event.currentTarget as SVGSVGElement).getBoundingClientRect()
  const x = ((event.clientX - box.left) / box.width) * SIDE,
    y = ((event.clientY - box.top) / box.height) * HIGH
  const last = ends.value.at(-1)!
  const north = (HIGH / 2 - y) / view.value.scale + view.value.north - last.north,
    east = (x - SIDE / 2) / view.value.scale + view.value.east - last.east
  const distance = Math.hypot(north, east)
  if (distance < 20) return
  emit('draw', { course: (Math.atan2(east, north) + 2 * Math.PI) % (2 * Math.PI), distance })
}
const from = computed(() =>
  words.reachFrom(
    at.value === 0 ? props.day.berth : props.day.legs[at.value - 1]?.to || `${at.value}`,
    clockText(moment.value),
  ),
)
</script>

<template>
  <section class="block" :aria-label="words.reach" data-day-plan>
    <h2 class="section-head">
      {{ words.reach }}<span>{{ from }}</span>
    </h2>
    <svg
      :viewBox="`0 0 ${SIDE} ${HIGH}`"
      class="plan"
      :class="{ drawing }"
      role="group"
      :aria-label="words.plan"
      @click="touch"
    >
      <template v-if="reach">
        <path :d="closed(reach.expected)" class="expected" />
        <circle :cx="px(start).x" :cy="px(start).y" :r="reach.still * view.scale" class="still" />
        <path :d="closed(reach.bad)" class="bad" />
        <path :d="closed(reach.empty)" class="empty" />
      </template>
      <template v-for="(leg, i) in day.legs" :key="i">
        <path
          v-if="leg.does === 'goes'"
          :d="line([px(ends[i]!), px(ends[i + 1]!)])"
          class="leg"
          :class="{ on: i === chosen }"
          @click.stop="drawing ? touch($event) : emit('choose', i)"
        />
      </template>
      <circle v-for="(p, i) in ends" :key="`e${i}`" :cx="px(p).x" :cy="px(p).y" r="4" class="place" />
      <text
        v-for="n in names"
        :key="n.name"
        :x="n.x + (n.anchor === 'end' ? -8 : 8)"
        :y="n.y - 6"
        :text-anchor="n.anchor"
        class="name"
      >
        {{ n.name }}
      </text>
      <g :transform="`translate(${SIDE - 18} 12)`">
        <path d="M0 22V2m-5 7 5-7 5 7" class="arrow" />
        <text y="36" text-anchor="middle" class="name">{{ words.north }}</text>
      </g>
      <path :d="`M12 ${HIGH - 12}v-4m0 2h${scale.wide}m0-2v4`" class="arrow" />
      <text :x="18 + scale.wide" :y="HIGH - 10" class="name">{{ scale.label }}</text>
      <g v-if="drift.wind.speed > 0.05" :transform="`translate(${SIDE - 26} ${HIGH - 62})`">
        <path d="M0 12V-12m-5 7 5-7 5 7" class="arrow" :transform="`rotate(${drift.wind.turn})`" />
        <text x="-18" y="4" text-anchor="end" class="name">
          {{ words.weighed.wind.toLowerCase() }} {{ text(drift.wind.speed, 'speed') }}
        </text>
      </g>
      <g v-if="drift.stream.speed > 0.01" :transform="`translate(${SIDE - 26} ${HIGH - 26})`">
        <path d="M0 12V-12m-5 7 5-7 5 7" class="arrow thick" :transform="`rotate(${drift.stream.turn})`" />
        <text x="-18" y="4" text-anchor="end" class="name">
          {{ words.stream }} {{ text(drift.stream.speed, 'speed') }}
        </text>
      </g>
    </svg>
    <p class="key small">
      <i class="expected" /> {{ words.expected }} <i class="bad" /> {{ words.badly }} <i class="still" />
      {{ words.still }} <i class="empty" /> {{ words.empty }}
    </p>
    <p v-if="reach" class="small" data-reach-ahead>
      {{
        words.ahead(
          text(reach.ahead.reserve, 'distance'),
          text(reach.ahead.bad, 'distance'),
          text(reach.ahead.empty, 'distance'),
        )
      }}
    </p>
    <div class="tools no-print">
      <VBtn :aria-pressed="home" @click="emit('home', !home)"> {{ home ? words.outHome : words.oneWay }}</VBtn><VBtn
        :variant="drawing ? 'flat' : 'outlined'"
        data-draw-legs
        :aria-pressed="drawing"
        @click="drawing = !drawing"
      >
        {{ words.draw }}
      </VBtn>
    </div>
    <p v-if="drawing" class="small" role="status">{{ words.drawing }}</p>
  </section>
</template>

<style scoped>
.plan {
  display: block;
  width: 100%;
  max-width: 460px;
  background: var(--water);
  border: 0.75px solid var(--rule);
}
.drawing {
  cursor: crosshair;
}
.expected {
  fill: var(--sheet);
  fill-opacity: 0.65;
  stroke: var(--ink);
  stroke-width: 1.75;
}
.bad {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.5;
  stroke-dasharray: 6 4;
}
.empty {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.25;
  stroke-dasharray: 8 3 1.5 3;
}
.still {
  fill: none;
  stroke: var(--soft);
  stroke-width: 1.25;
  stroke-dasharray: 1.5 4;
}
.leg {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.6;
  cursor: pointer;
}
.leg.on {
  stroke: var(--signal);
  stroke-width: 4;
}
.place {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.75;
  pointer-events: none;
}
.name {
  font: 400 12.5px var(--labels);
  fill: var(--text);
  paint-order: stroke;
  stroke: var(--water);
  stroke-width: 3px;
  pointer-events: none;
}
.arrow {
  fill: none;
  stroke: var(--text);
  stroke-width: 1.5;
}
.thick {
  stroke-width: 2.5;
}
.key {
  display: flex;
  gap: 6px;
  align-items: center;
  flex-wrap: wrap;
  margin: 4px 0;
}
.key i {
  width: 22px;
  border-top: 1.75px solid var(--ink);
}
.key i.bad {
  border-top-style: dashed;
}
.key i.empty {
  border-top: 1.25px dashed var(--soft);
}
.key i.still {
  border-top: 1.5px dotted var(--soft);
}
.key i + i {
  margin-left: 8px;
}
.tools {
  display: flex;
  gap: 6px;
}
</style>
