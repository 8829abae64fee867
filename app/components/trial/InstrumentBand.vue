<script setup lang="ts">
import { ref } from 'vue'
import { instrumentWords as words } from '~/messages/instruments'
import { useInstrumentStore } from '~/stores/instruments'
import ConnectInstruments from './ConnectInstruments.vue'

/** What is connected, said plainly; connecting and closing. */
defineProps<{
  idle: readonly [string, string]
  simulated: readonly [string, string]
  live: readonly [string, string]
}>()
const emit = defineEmits<{ simulate: [] }>()
const instruments = useInstrumentStore()
const connecting = ref(false)
const SPEEDS = [1, 10, 60]
function began() {
  connecting.value = false
  emit('simulate')
}
</script>

<template>
  <div class="instrument-band" :class="{ simulated: instruments.simulated }">
    <p>
      <b>{{ (!instruments.source ? idle : instruments.simulated ? simulated : live)[0] }}</b>
      {{ (!instruments.source ? idle : instruments.simulated ? simulated : live)[1] }}
    </p>
    <PickField
      v-if="instruments.simulated"
      class="fast"
      :label="words.hurry"
      :model-value="instruments.fast"
      :items="SPEEDS.map(n => ({ value: n, title: words.times(n) }))"
      data-fast
      @update:model-value="instruments.hurry($event)"
    />
    <VBtn
      :variant="!instruments.source ? 'flat' : 'outlined'"
      :aria-expanded="connecting"
      data-connect-open
      @click="connecting = !connecting"
    >
      {{ words.connect }}
    </VBtn>
    <VBtn v-if="instruments.source" data-instruments-stop @click="instruments.stop()">
      {{ words.close }}
    </VBtn>
  </div>
  <ConnectInstruments v-if="connecting" @simulate="began" />
  <p v-if="instruments.trouble && !connecting" class="trouble" role="alert">{{ instruments.trouble }}</p>
</template>

<style scoped>
.instrument-band {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 12px;
  padding: 6px 16px;
  border-bottom: 1px solid var(--ink);
}
p {
  flex: 1 1 auto;
  font-size: 15px;
}
.simulated {
  background: repeating-linear-gradient(-45deg, var(--desk) 0 9px, transparent 9px 18px);
}
.simulated p {
  background: var(--paper);
  padding: 4px 8px;
  flex: 0 1 auto;
  margin-right: auto;
}
.fast {
  display: flex;
  align-items: center;
  gap: 6px;
  font-size: 13px;
  background: var(--paper);
  padding-left: 6px;
}
.trouble {
  color: var(--clash);
  padding: 8px 16px;
}
</style>
