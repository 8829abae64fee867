<script setup lang="ts">
import { meanSpeed, STRETCH, usualOf, type Trip } from '@remigo/core'
import { tripsWords as words } from '~/messages/trips'
import { useQuantities } from '~/composables/useQuantities'
import RowFields from '~/design/fields/RowFields.vue'

/** Parts of a trip at one speed and power: as instruments heard them, or its legs as the owner wrote them down. */
const props = defineProps<{ trip: Trip; power: number | null }>()
const emit = defineEmits<{ change: [stretches: Trip['stretches']] }>()
const { text } = useQuantities()
type Stretch = Trip['stretches'][number]
const KEYS = ['speed', 'power', 'time', 'water'] as const
const change = (at: number, part: Record<string, unknown>) =>
  emit(
    'change',
    props.trip.stretches.map((s, i) => (i === at ? { ...s, ...part } : s)),
  )
const remove = (at: number) =>
  emit(
    'change',
    props.trip.stretches.filter((_, i) => i !== at),
  )
/** begins with what the whole trip says */
function add() {
  const leg: Stretch = {
    ...usualOf(STRETCH.fields),
    speed: meanSpeed(props.trip) ?? 1,
    power: props.power ?? 0,
    time: Math.max(60, props.trip.time),
  }
  emit('change', [...props.trip.stretches, leg])
}
</script>

<template>
  <div v-if="trip.source === 'hand' || trip.stretches.length" :class="{ typed: trip.source === 'hand' }" data-stretches>
    <h3 class="section-head">
      {{ trip.source === 'hand' ? words.legs : words.stretches }}<span>{{ words.stretchesHint }}</span>
    </h3>
    <template v-if="trip.source === 'hand'">
      <div v-for="(s, i) in trip.stretches" :key="i" class="leg" data-stretch>
        <RowFields :fields="STRETCH.fields" :value="{ ...s }" :keys="KEYS" @change="change(i, $event)" />
        <VBtn variant="text" class="small" @click="remove(i)">{{ words.stretchOut }}</VBtn>
      </div>
      <VBtn data-stretch-add @click="add">
        {{ words.stretchAdd }}
      </VBtn>
    </template>
    <template v-else>
      <p v-for="(s, i) in trip.stretches" :key="i" class="small">
        {{ words.stretch(text(s.speed, 'speed'), text(s.power, 'electricPower'), text(s.time, 'shortTime')) }}
      </p>
    </template>
  </div>
</template>

<style scoped>
/* what is typed wants the whole row */
.typed {
  grid-column: 1 / -1;
}
.leg {
  display: grid;
  gap: 4px;
  justify-items: start;
  margin-bottom: 10px;
  padding-bottom: 8px;
  border-bottom: 0.75px solid var(--rule);
}
</style>
