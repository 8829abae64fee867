<script setup lang="ts">
import { ref } from 'vue'
import { instrumentWords as words } from '~/messages/instruments'
import { useDocumentStore } from '~/stores/document'
import { useInstrumentStore } from '~/stores/instruments'
import TransducerNames from './TransducerNames.vue'

/** Ways to hear instruments: a simulated boat, a serial port, a relay. Nothing opens by itself. */
const emit = defineEmits<{ simulate: [] }>()
const instruments = useInstrumentStore()
const document = useDocumentStore()
const address = ref('ws://')
const baud = ref(4800)
const BAUDS = [4800, 9600, 38_400, 115_200]
const SEEDS = 997
function simulate() {
  instruments.simulate(document.shown, 1 + Math.floor(Math.random() * SEEDS))
  emit('simulate')
}
</script>

<template>
  <div class="connect" data-connect>
    <section>
      <VBtn variant="flat" data-simulate @click="simulate">{{ words.simulate }}</VBtn>
      <p class="small soft">{{ words.simulateHint }}</p>
    </section>
    <section>
      <div class="line">
        <PickField
          v-model="baud"
          class="ask"
          :label="words.baud"
          :items="BAUDS.map(b => ({ value: b, title: String(b) }))"
        />
        <VBtn data-serial @click="instruments.serial(baud)">{{ words.serial }}</VBtn>
      </div>
      <p class="small soft">{{ words.serialHint }}</p>
    </section>
    <section>
      <div class="line">
        <label class="ask wide"
          >{{ words.socket }}
          <VTextField v-model="address" inputmode="url" spellcheck="false" data-socket />
        </label>
        <VBtn data-socket-open @click="instruments.socket(address.trim())">
          {{ words.open }}
        </VBtn>
      </div>
      <p class="small soft">{{ words.socketHint }}</p>
    </section>
    <TransducerNames :unknown="instruments.unknown" />
    <p v-if="instruments.trouble" class="trouble" role="alert">{{ instruments.trouble }}</p>
  </div>
</template>

<style scoped>
.connect {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(240px, 1fr));
  gap: 14px 24px;
  padding: 12px 16px;
  border-bottom: 1.25px solid var(--ink);
}
.line {
  display: flex;
  gap: 8px;
  align-items: end;
}
.ask {
  display: grid;
  gap: 2px;
  font-size: 12.5px;
}
.wide {
  flex: 1;
  min-width: 0;
}
.trouble {
  grid-column: 1 / -1;
  color: var(--clash);
  font-size: 14px;
}
</style>
