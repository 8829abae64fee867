<script setup lang="ts">
import { computed } from 'vue'
import { WHEEL_EFFICIENCY, edit, type ProjectPath, type ValueAt } from '@remigo/core'
import { w } from '~/messages/match'
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
    :label="w.kind"
    :options="w.kinds"
    :model-value="propeller.kind"
    @update:model-value="set(w.kind, 'design.propeller.kind', $event)"
  />
  <QuantityField
    path="design.propeller.efficiencyFactor"
    :estimate="w.usualOf(text(WHEEL_EFFICIENCY[propeller.kind], 'ratio'))"
  />
  <ChoiceField
    :label="w.hand"
    :options="w.hands"
    :model-value="propeller.hand"
    @update:model-value="set(w.hand, 'design.propeller.hand', $event)"
  />
</template>
