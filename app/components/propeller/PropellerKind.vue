<script setup lang="ts">
import { computed } from 'vue'
import { WHEEL_EFFICIENCY, edit, type ProjectPath, type ValueAt } from '@remigo/core'
import { driveWords } from '~/messages/drive'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'

/** What kind of propeller it is, how it compares with the tested series, and which way it turns. */
const document = useDocumentStore()
const { text } = useQuantities()
const propeller = computed(() => document.shown.design.propeller)
const set = <P extends ProjectPath>(label: string, path: P, value: ValueAt<P>) =>
  document.edit(label, [edit(path, value)])
</script>

<template>
  <ChoiceField
    :columns="2"
    :label="driveWords.kind"
    :options="driveWords.kinds"
    :model-value="propeller.kind"
    @update:model-value="set(driveWords.kind, 'design.propeller.kind', $event)"
  />
  <QuantityField
    path="design.propeller.efficiencyFactor"
    :estimate="driveWords.usualOf(text(WHEEL_EFFICIENCY[propeller.kind], 'ratio'))"
  />
  <ChoiceField
    :label="driveWords.hand"
    :options="driveWords.hands"
    :model-value="propeller.hand"
    @update:model-value="set(driveWords.hand, 'design.propeller.hand', $event)"
  />
</template>
