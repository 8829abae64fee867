<script setup lang="ts">
import { computed, ref } from 'vue'
import { useElementSize } from '@vueuse/core'
import { elevationOf, type Balance, type Project, type WeightRow } from '@remigo/core'
import { weightWords as words } from '~/messages/weights'
import { useQuantities } from '~/composables/useQuantities'
import BoatElevation from '~/components/strip/BoatElevation.vue'
import DrawingPatterns from '~/components/strip/DrawingPatterns.vue'
import { spreadAlong } from './spreadAlong'

/** All that goes out and comes in on the boat, from the side and from above; what is dragged or stepped moves. */
const props = defineProps<{ project: Project; balance: Balance; chosen: number }>()
const emit = defineEmits<{
  choose: [row: number]
  /** while it is dragged, and when it is let go */
  drag: [row: number, to: Partial<Pick<WeightRow, 'along' | 'across' | 'above'>>]
  drop: []
}>()
const { text } = useQuantities()

const root = ref<HTMLElement>()
const { width } = useElementSize(root)
const WIDE = computed(() => Math.max(320, Math.round(width.value || 760)))
/** with little width the chips have their number alone */
const narrow = computed(() => WIDE.value < 560)
const EDGE = 26,
  CHIPS = 74,
  TIMES = 5
/** m aft of the bow that the picture shows: what hangs at the stern too */
const longest = computed(() => Math.max(elevation.value.lengthOverAll, ...props.balance.rows.map(r => r.along + 0.3)))
const elevation = computed(() => elevationOf(props.project))
/** masts run out of the picture */
const top = computed(() => Math.min(elevation.value.top, 0.32 * elevation.value.lengthOverAll))
const k = computed(() => (WIDE.value - 2 * EDGE) / longest.value)
const waterY = computed(() => CHIPS + 16 + top.value * k.value)
const high = computed(() => waterY.value - elevation.value.bottom * k.value + 22)
const scale = computed(() => ({ pixelsPerMetre: k.value, bowX: EDGE, waterY: waterY.value }))
const x = (along: number) => EDGE + along * k.value
const y = (above: number) => waterY.value - above * k.value

const beam = computed(() => Math.max(props.project.boat.beam, 1))
const planHigh = computed(() => beam.value * k.value + 44)
const middle = computed(() => planHigh.value / 2)
const py = (across: number) => middle.value - across * k.value
const outlines = computed(() => {
  const { hydro } = props.balance,
    n = hydro.halfBreadths.length - 1,
    hulls = elevationHulls.value
  return hulls.map(offset => {
    const side = (sign: number) =>
      hydro.halfBreadths.map(
        (h, i) => `${x(hydro.from + (i / n) * hydro.length).toFixed(1)} ${py(offset + sign * h).toFixed(1)}`,
      )
    return `M${side(1).join('L')}L${side(-1).reverse().join('L')}Z`
  })
})
const elevationHulls = computed(() => {
  const { hulls, hullSpacing } = props.balance.hydro
  return Array.from({ length: hulls }, (_, i) => (i - (hulls - 1) / 2) * hullSpacing)
})

/** chips of what goes out stand in the upper row, of what comes in in the lower one */
const chips = computed(() => {
  const of = (way: 'out' | 'in') => {
    const rows = props.balance.rows.map((row, i) => ({ row, i })).filter(r => r.row.way === way && r.row.mass > 0)
    const places = spreadAlong(
      rows.map(r => x(r.row.along)),
      narrow.value ? 26 : 66,
      EDGE + 44,
      WIDE.value - (narrow.value ? 12 : 54),
    )
    return rows.map((r, n) => ({ ...r, at: places[n]! }))
  }
  return [...of('out'), ...of('in')]
})
const leader = ({ at, row }: { at: number; row: WeightRow }) =>
  `M${at} ${row.way === 'out' ? 30 : 64}V${CHIPS}L${x(row.along)} ${CHIPS + 12}V${y(row.above)}`
/** where the numbers of the plan stand: those of neighbours keep apart */
const numbers = computed(() => {
  const places = new Map<number, number>()
  for (const way of ['out', 'in'] as const) {
    const of = chips.value.filter(c => c.row.way === way)
    spreadAlong(
      of.map(c => x(c.row.along)),
      13,
      8,
      WIDE.value - 8,
    ).forEach((at, n) => places.set(of[n]!.i, at))
  }
  return places
})
const boxOf = (row: WeightRow) => {
  const side = Math.min(46, Math.max(14, Math.cbrt(row.mass / 1200) * k.value))
  return { width: side * 1.3, height: side * 0.8 }
}
/** the waterline as she floats then, drawn larger than it is */
const then = computed(() => {
  const { hydro, bow, stern } = props.balance
  return {
    x1: x(hydro.from) - 20,
    y1: y(0) - TIMES * bow * k.value,
    x2: x(hydro.from + hydro.length) + 20,
    y2: y(0) - TIMES * stern * k.value,
  }
})
const size = (m: number) => text(Math.abs(m), 'smallLength')
const said = (m: number) => (m >= 0 ? words.deeper(size(m)) : words.higher(size(m)))

// dragging: from pixels of the drawing to metres on the boat
const held = ref<{ row: number; view: 'side' | 'above'; x: number; y: number; along: number; other: number } | null>(
  null,
)
function take(event: PointerEvent, row: number, view: 'side' | 'above') {
  const of = props.balance.rows[row]!
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  held.value = {
    row,
    view,
    x: event.clientX,
    y: event.clientY,
    along: of.along,
    other: view === 'side' ? of.above : of.across,
  }
  emit('choose', row)
}
function move(event: PointerEvent) {
  const h = held.value
  if (!h) return
  const svg = (event.currentTarget as SVGElement).ownerSVGElement ?? (event.currentTarget as SVGSVGElement)
  const perPixel = WIDE.value / svg.getBoundingClientRect().width / k.value
  const along = snapped(h.along + (event.clientX - h.x) * perPixel),
    other = h.other - (event.clientY - h.y) * perPixel
  emit('drag', h.row, h.view === 'side' ? { along, above: round(other) } : { along, across: round(other) })
}
function drop() {
  if (!held.value) return
  held.value = null
  emit('drop')
}
const round = (m: number) => Math.round(m * 100) / 100
/** to the middle of a space that was measured, when near */
const NEAR = 0.12
const snapped = (along: number) => {
  const near = props.project.boat.compartments.find(c => c.along !== null && Math.abs(c.along - along) < NEAR)
  return round(near?.along ?? along)
}
const STEP = 0.05,
  FAR = 0.25
function key(event: KeyboardEvent, row: number, view: 'side' | 'above') {
  const by = event.shiftKey ? FAR : STEP,
    of = props.balance.rows[row]!
  const along = { ArrowLeft: -by, ArrowRight: by }[event.key],
    up = { ArrowUp: by, ArrowDown: -by }[event.key]
  if (along === undefined && up === undefined) return
  event.preventDefault()
  event.stopPropagation()
  emit('choose', row)
  emit(
    'drag',
    row,
    along !== undefined
      ? { along: round(of.along + along) }
      : view === 'side'
        ? { above: round(of.above + up!) }
        : { across: round(of.across + up!) },
  )
  emit('drop')
}
/** px that a length needs with its unit */
const TICK = 52
/** m aft of the bow that the plan names: as many as have room */
const ticks = computed(() => {
  const step = Math.ceil(TICK / k.value)
  return Array.from({ length: Math.floor(elevation.value.lengthOverAll / step) + 1 }, (_, i) => i * step)
})
const spaces = computed(() => props.project.boat.compartments.filter(c => c.along !== null))
</script>

<template>
  <div ref="root" class="drawing">
    <svg :viewBox="`0 0 ${WIDE} ${high}`" role="group" :aria-label="words.elevation" data-weights-side>
      <DrawingPatterns />
      <rect x="0" :y="waterY" :width="WIDE" :height="high - waterY" class="water" />
      <text x="2" y="24" class="strong">{{ words.out }}</text>
      <text x="2" y="58" class="strong">{{ words.in }}</text>
      <BoatElevation :elevation="elevation" :scale="scale" />
      <path :d="`M0 ${waterY}H${WIDE}`" class="was" />
      <path :d="`M${then.x1} ${then.y1}L${then.x2} ${then.y2}`" class="then" />
      <rect
        v-for="s in spaces"
        :key="s.name"
        :x="x(s.along! - s.length / 2)"
        :y="waterY - 8"
        :width="s.length * k"
        height="16"
        class="space"
      />
      <g v-for="c in chips" :key="`l${c.i}`">
        <path :d="leader(c)" class="leader" :class="{ out: c.row.way === 'out', on: c.i === chosen }" />
      </g>
      <g
        v-for="c in chips"
        :key="c.i"
        class="thing"
        :class="{ out: c.row.way === 'out', on: c.i === chosen }"
        tabindex="0"
        role="button"
        :aria-label="words.move(c.row.name)"
        :data-weight="c.i"
        @pointerdown="take($event, c.i, 'side')"
        @pointermove="move"
        @pointerup="drop"
        @pointercancel="drop"
        @keydown="key($event, c.i, 'side')"
      >
        <rect
          :x="x(c.row.along) - Math.max(22, boxOf(c.row).width / 2)"
          :y="y(c.row.above) - 20"
          :width="Math.max(44, boxOf(c.row).width)"
          height="40"
          class="hit"
        />
        <rect
          :x="x(c.row.along) - boxOf(c.row).width / 2"
          :y="y(c.row.above) - boxOf(c.row).height / 2"
          v-bind="boxOf(c.row)"
          class="box"
        />
        <circle :cx="c.at - 16" :cy="c.row.way === 'out' ? 20 : 54" r="10" class="chip" />
        <text :x="c.at - 16" :y="(c.row.way === 'out' ? 20 : 54) + 4.5" text-anchor="middle" class="no">
          {{ c.i + 1 }}
        </text>
        <text v-if="!narrow" :x="c.at - 3" :y="(c.row.way === 'out' ? 20 : 54) + 4.5" class="mass">
          {{ text(c.row.mass, 'partMass') }}
        </text>
      </g>
      <path :d="`M${x(balance.hydro.flotation)} ${waterY - 12}l7 12h-14z`" class="turn" />
      <text x="6" :y="waterY + 16">{{ words.asFloated }}</text>
      <text x="6" :y="high - 6">{{ words.between(TIMES) }}</text>
      <text :x="6" :y="waterY - 8" class="strong">{{ words.bow }} {{ said(balance.bow) }}</text>
      <text :x="WIDE - 6" :y="waterY + 16" text-anchor="end" class="strong">
        {{ words.stern }} {{ said(balance.stern) }}
      </text>
    </svg>
    <p class="small turns">
      △ {{ words.turns }}; {{ words.balance(size(balance.shift.along), balance.shift.along < 0) }}
    </p>
    <svg :viewBox="`0 0 ${WIDE} ${planHigh}`" role="group" :aria-label="words.plan" data-weights-plan>
      <path v-for="(o, i) in outlines" :key="i" :d="o" class="hull" />
      <path :d="`M4 ${middle}H${WIDE - 4}`" class="was" />
      <text x="6" y="16">{{ words.starboard }}</text>
      <text x="6" :y="planHigh - 6">{{ words.port }}</text>
      <text v-for="t in ticks" :key="t" :x="x(t)" :y="planHigh - 6" text-anchor="middle" class="tick">
        {{ t === 0 ? '' : text(t, 'length') }}
      </text>
      <g
        v-for="c in chips"
        :key="c.i"
        class="thing"
        :class="{ out: c.row.way === 'out', on: c.i === chosen }"
        tabindex="0"
        role="button"
        :aria-label="words.move(c.row.name)"
        :data-weight-above="c.i"
        @pointerdown="take($event, c.i, 'above')"
        @pointermove="move"
        @pointerup="drop"
        @pointercancel="drop"
        @keydown="key($event, c.i, 'above')"
      >
        <rect
          :x="x(c.row.along) - Math.max(22, boxOf(c.row).width / 2)"
          :y="py(c.row.across) - 20"
          :width="Math.max(44, boxOf(c.row).width)"
          height="40"
          class="hit"
        />
        <rect
          :x="x(c.row.along) - boxOf(c.row).width / 2"
          :y="py(c.row.across) - boxOf(c.row).height / 2"
          v-bind="boxOf(c.row)"
          class="box"
        />
        <text
          :x="numbers.get(c.i)"
          :y="py(c.row.across) + (c.row.way === 'out' ? -boxOf(c.row).height / 2 - 4 : boxOf(c.row).height / 2 + 14)"
          text-anchor="middle"
          class="no"
        >
          {{ c.i + 1 }}
        </text>
      </g>
    </svg>
  </div>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  touch-action: pan-y;
}
text {
  font: 400 13px var(--labels);
  fill: var(--text);
}
.strong,
.mass {
  font-weight: 600;
}
.strong {
  paint-order: stroke;
  stroke: var(--desk);
  stroke-width: 4px;
}
.tick {
  font-size: 11.5px;
  fill: var(--soft);
}
.no {
  font: 600 12px var(--figures);
}
.water {
  fill: var(--water);
}
.was {
  stroke: var(--ink);
  stroke-width: 1;
  stroke-dasharray: 9 3 2 3;
}
.then {
  stroke: var(--ink);
  stroke-width: 2.25;
}
.space {
  fill: none;
  stroke: var(--ink);
  stroke-dasharray: 2 3;
}
.leader {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1;
}
.leader.out {
  stroke-dasharray: 3 3;
}
.leader.on {
  stroke-width: 2;
}
.thing {
  cursor: grab;
  outline: none;
  touch-action: none;
}
.hit {
  fill: transparent;
}
.box,
.chip {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.5;
}
.out .box,
.out .chip {
  stroke-dasharray: 4 3;
  fill: none;
}
.out .chip {
  fill: var(--desk);
}
.on .box,
.on .chip {
  fill: var(--band);
  stroke-width: 2.25;
}
.thing:focus-visible .box,
.thing:focus-visible .chip {
  stroke: var(--lever);
  stroke-width: 3;
}
.turns {
  text-align: right;
  padding: 2px 6px;
}
.turn {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.5;
}
.hull {
  fill: var(--hull);
  stroke: var(--ink);
  stroke-width: 1.5;
}
</style>
