<script setup lang="ts">
import { computed } from 'vue'
import { RUN_SETUP, type RunSetup } from '@remigo/core'
import { readingWords } from '~/messages/readings'
import { setupKeys, type SetupNeeds } from './setupKeys'

/** What readings were made with, as far as it is asked for: none of it must be told. */
const props = defineProps<{ setup: Partial<RunSetup>; needs: SetupNeeds }>()
const emit = defineEmits<{ change: [change: Partial<RunSetup>] }>()
const words = readingWords.readings
/** a pack that nobody told is an empty field, not that of the design */
const fields = { ...RUN_SETUP.fields, packEnergy: { ...RUN_SETUP.fields.packEnergy, open: true as const } }
const value = computed(() => ({
  ...props.setup,
  packEnergy: props.setup.packKnown ? props.setup.packEnergy : null,
}))
function change(part: Record<string, unknown>) {
  if (!('packEnergy' in part)) emit('change', part)
  else if (part.packEnergy === null) emit('change', { packKnown: false })
  else emit('change', { ...part, packKnown: true })
}
</script>

<template>
  <RowFields
    :fields="fields"
    :value="value"
    :keys="setupKeys(setup, needs)"
    :options="words.setup"
    data-reading-setup
    @change="change"
  />
</template>
