<script setup lang="ts">
import { INSTRUMENT_IDS, instrument, type InstrumentId } from '@remigo/core'
import { instrumentWords as words } from '~/messages/instruments'
import { useInstrumentStore } from '~/stores/instruments'

/** Names of transducers that say nothing by themselves: their owner says what they are, once. */
defineProps<{ unknown: readonly string[] }>()
const instruments = useInstrumentStore()
const name = (it: string, what: string) =>
  (instruments.names = { ...instruments.names, [it]: what === '' ? null : (what as InstrumentId) })
</script>

<template>
  <section v-if="unknown.length" data-transducers>
    <p class="small">{{ words.unknown }}</p>
    <PickField
      v-for="it in unknown"
      :key="it"
      class="name"
      :label="it"
      :model-value="instruments.names[it] ?? ''"
      :items="[
        { value: '', title: words.leaveOut },
        ...INSTRUMENT_IDS.map(id => ({ value: id as string, title: instrument(id).label })),
      ]"
      @update:model-value="name(it, $event)"
    />
    <p class="small soft">{{ words.unknownNext }}</p>
  </section>
</template>

<style scoped>
.name {
  display: grid;
  gap: 2px;
  font-size: 12.5px;
  max-width: 240px;
  margin-top: 4px;
}
</style>
