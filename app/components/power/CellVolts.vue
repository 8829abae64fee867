<script setup lang="ts">
import { computed, ref } from 'vue'
import { CELL_READING, edit, modelOf, readCellVolts, readField } from '@remigo/core'
import { powerWords as words } from '~/messages/firstPower'
import { useDocumentStore } from '~/stores/document'
import { useViewStore } from '~/stores/view'
import { isoMinute } from '~/design/times'

/** Cell volts typed, pasted, or out of the export of any BMS. */
const props = defineProps<{ kind: 'rest' | 'load' }>()
const document = useDocumentStore()
const view = useViewStore()
const typed = ref('')
const amps = ref('')
const error = ref('')
const cells = computed(() => modelOf(document.shown).pack.cellsInSeries)
function keep() {
  const read = readCellVolts(typed.value, cells.value)
  if (!read.ok) return (error.value = read.message)
  let current = 0
  if (props.kind === 'load') {
    const got = readField(CELL_READING.fields.current, amps.value, view.choice, 0)
    if (!got.ok || got.value === null || got.value <= 0) return (error.value = got.ok ? words.ampsMissing : got.message)
    current = got.value
  }
  error.value = ''
  const reading = { at: isoMinute(), current, volts: read.volts }
  if (document.edit(words.cellsRead, [edit('yard.cells', [...document.shown.yard.cells, reading])])) typed.value = ''
}
</script>

<template>
  <div class="cell-volts">
    <label
      ><span>{{ words.paste(cells) }}</span
      ><VTextarea v-model="typed" :rows="3" :data-cell-volts="kind" spellcheck="false" />
    </label>
    <label v-if="kind === 'load'"
      ><span>{{ words.amps }}</span
      ><VTextField v-model="amps" class="amps" autocomplete="off" data-cell-amps
    /></label>
    <p v-if="error" class="error" role="alert">{{ error }}</p>
    <VBtn data-cells-keep @click="keep">{{ words.keep }}</VBtn>
  </div>
</template>

<style scoped>
.cell-volts {
  display: grid;
  gap: 6px;
  justify-items: start;
  margin: 6px 0;
}
label {
  display: grid;
  gap: 2px;
  font-size: 12.5px;
  width: 100%;
  max-width: 480px;
}
.amps {
  width: 112px;
}
.error {
  color: var(--clash);
  font-size: 13px;
}
</style>
