<script setup lang="ts">
import { computed, ref } from 'vue'
import { useDraggedList } from '~/composables/useDraggedList'
import { mdiDragVertical } from '@mdi/js'
import { chosenUnit, clockText, DAY_LEG, toUnit, UNITS, type Day, type DayReport, type Leg } from '@remigo/core'
import { dayWords as words } from '~/messages/day'
import { useCompact } from '~/composables/useCompact'
import { useQuantities } from '~/composables/useQuantities'
import { useViewStore } from '~/stores/view'

/** The legs of the day as a table; the chosen one opens below it with all that can be said of it. */
const props = defineProps<{ day: Day; report: DayReport | null; chosen: number }>()
const emit = defineEmits<{
  choose: [leg: number]
  change: [leg: number, change: Partial<Leg>]
  remove: [leg: number]
  duplicate: [leg: number]
  move: [from: number, to: number]
}>()
const { text } = useQuantities()
const view = useViewStore()
const compact = useCompact()
const body = ref<HTMLElement>()
useDraggedList(
  body,
  () => props.day.legs,
  (from, to) => emit('move', from, to),
)
const number = (value: number, quantity: 'distance' | 'speed' | 'energy', digits: number) =>
  toUnit(value, chosenUnit(quantity, view.choice)).toFixed(digits)
const unit = (quantity: 'distance' | 'speed' | 'energy') => UNITS[chosenUnit(quantity, view.choice)].symbol
const degrees = (angle: number) => `${String(Math.round((angle * 180) / Math.PI) % 360).padStart(3, '0')}°`
const signed = (value: number) => {
  const n = toUnit(value, chosenUnit('speed', view.choice))
  return Math.abs(n) < 0.05 ? '0.0' : `${n > 0 ? '+' : '−'}${Math.abs(n).toFixed(1)}`
}
const rows = computed(() =>
  props.day.legs.map((leg, i) => {
    const run = props.report?.legs[i]
    return { leg, i, run }
  }),
)
const open = computed(() => props.day.legs[props.chosen])
const keys = computed(() => {
  const leg = open.value
  if (!leg) return []
  if (leg.does === 'waits') return ['to', 'duration', 'plugged', ...(leg.plugged ? ['amps', 'price'] : []), 'house']
  return [
    'to',
    'course',
    'measure',
    ...(leg.measure === 'distance' ? ['distance'] : ['duration']),
    'by',
    ...(leg.by === 'power' ? ['power'] : leg.by === 'arrive' ? ['arrive'] : ['speed']),
    ...(props.day.streams.length > 0 ? ['stream'] : []),
    'sea',
    'sailing',
    ...(leg.sailing > 0 ? ['regenerates'] : []),
    'house',
  ]
})
const picks = computed(() => ({
  stream: [{ value: 0, label: words.noStream }, ...props.day.streams.map((s, i) => ({ value: i + 1, label: s.name }))],
}))
const costs = computed(() => props.report?.costs[props.chosen] ?? null)
const cheapest = computed(() => {
  const c = costs.value
  if (!c || open.value?.does !== 'goes') return null
  const known = c.costs.filter(cost => cost !== null)
  if (known.length === 0) return null
  return { speed: c.cheapest, cost: text(Math.min(...known), 'energyPerDistance') }
})
function key(event: KeyboardEvent, i: number) {
  if (!event.altKey) return
  const to = event.key === 'ArrowUp' ? i - 1 : event.key === 'ArrowDown' ? i + 1 : null
  if (to === null) return
  event.preventDefault()
  emit('move', i, to)
}
</script>

<template>
  <section :aria-label="words.legs" data-legs>
    <div class="wide">
      <VTable class="legs">
        <thead>
          <tr>
            <th />
            <th>{{ words.columns.leg }}</th>
            <th class="num">{{ words.columns.departs }}</th>
            <th v-if="!compact" class="num">{{ unit('distance') }}</th>
            <th v-if="!compact" class="num">{{ words.columns.course }}</th>
            <th class="num">{{ words.columns.speed }}, {{ unit('speed') }}</th>
            <th v-if="!compact" class="num">{{ words.columns.stream }}</th>
            <th v-if="!compact" class="num">{{ words.columns.ground }}</th>
            <th class="num">{{ words.columns.arrives }}</th>
            <th v-if="!compact" class="num">{{ unit('energy') }}</th>
            <th class="num">{{ words.columns.left }} %</th>
          </tr>
        </thead>
        <tbody ref="body">
          <tr
            v-for="{ leg, i, run } in rows"
            :key="i"
            :class="{ current: i === chosen }"
            :data-leg="i"
            @click="emit('choose', i)"
          >
            <td class="grip" :title="words.move">
              <svg width="16" height="20" viewBox="4 0 16 24" aria-hidden="true">
                <path :d="mdiDragVertical" fill="currentColor" />
              </svg>
            </td>
            <td>
              <VBtn
                variant="plain"
                class="name"
                :aria-pressed="i === chosen"
                @click.stop="emit('choose', i)"
                @keydown="key($event, i)"
              >
                {{ i + 1 }}&ensp;{{
                  leg.does === 'waits' ? words.waiting(text(leg.duration, 'duration')) : leg.to || words.editLeg(i + 1)
                }}
                <small v-if="leg.plugged">{{ words.socket }}</small>
              </VBtn>
            </td>
            <td class="num">{{ run ? clockText(run.departs) : '' }}</td>
            <td v-if="!compact" class="num">
              {{ leg.does === 'goes' ? number(run?.distance ?? leg.distance, 'distance', 1) : '' }}
            </td>
            <td v-if="!compact" class="num">{{ leg.does === 'goes' ? degrees(leg.course) : '' }}</td>
            <td class="num">
              <span v-if="leg.does === 'goes'" :class="{ tag: i === chosen }">{{
                number(run ? run.water : leg.speed, 'speed', 1)
              }}</span>
            </td>
            <td v-if="!compact" class="num">{{ run && leg.does === 'goes' ? signed(run.stream) : '' }}</td>
            <td v-if="!compact" class="num">{{ run && leg.does === 'goes' ? number(run.ground, 'speed', 1) : '' }}</td>
            <td class="num">{{ run ? clockText(run.arrives) : '' }}</td>
            <td v-if="!compact" class="num">{{ run ? number(run.energy, 'energy', 2) : '' }}</td>
            <td class="num">{{ run ? Math.round(100 * run.charge) : '' }}</td>
          </tr>
        </tbody>
      </VTable>
    </div>
    <div v-if="open" class="open" data-leg-fields>
      <h3 class="section-head">{{ words.editLeg(chosen + 1) }}</h3>
      <RowFields
        :key="chosen"
        :fields="DAY_LEG.fields"
        :value="open"
        :keys="keys"
        :clocks="['arrive']"
        :options="words.options"
        :picks="picks"
        @change="emit('change', chosen, $event as Partial<Leg>)"
      />
      <p v-if="cheapest" class="small" data-cheapest>
        {{ words.cheapest(text(cheapest.speed, 'speed'), cheapest.cost) }}
        <VBtn
          v-if="Math.abs(cheapest.speed - open.speed) > 0.03"
          variant="text"
          @click="emit('change', chosen, { by: 'water', speed: cheapest.speed })"
        >
          {{ words.take }}
        </VBtn>
      </p>
      <div class="tools no-print">
        <VBtn :disabled="chosen === 0" @click="emit('move', chosen, chosen - 1)"> {{ words.up }}</VBtn><VBtn
          :disabled="chosen === day.legs.length - 1"
          @click="emit('move', chosen, chosen + 1)"
        >
          {{ words.down }}</VBtn
        ><VBtn @click="emit('duplicate', chosen)">{{ words.duplicate }}</VBtn
        ><VBtn data-remove-leg @click="emit('remove', chosen)">{{ words.remove }}</VBtn>
      </div>
    </div>
  </section>
</template>

<style scoped>
.wide {
  overflow-x: auto;
}
.legs td,
.legs th {
  white-space: nowrap;
}
.legs tr {
  cursor: pointer;
}
.grip {
  cursor: grab;
  color: var(--soft);
  width: 18px;
}
.name {
  text-align: left;
  min-height: 28px;
  white-space: normal;
}
.tag {
  background: var(--signal);
  color: var(--on-signal);
  padding: 2px 6px;
  font-weight: 600;
}
.open {
  margin: 10px 0;
}
.open p {
  margin: 8px 0;
}
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-top: 8px;
}
@media (pointer: coarse) {
  .name {
    min-height: 44px;
  }
}
</style>
