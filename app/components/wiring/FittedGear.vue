<script setup lang="ts">
import { computed } from 'vue'
import { FITTINGS, type Fitting, edit } from '@remigo/core'
import { wiringWords } from '~/messages/wiring'
import { useDocumentStore } from '~/stores/document'

/** The usual gear, each fitted or left out, and where the pack stands. */
const document = useDocumentStore()
const wiring = computed(() => document.shown.design.wiring)
const toggle = (fitting: Fitting) =>
  document.edit(wiringWords.fittings[fitting], [edit(`design.wiring.fitted.${fitting}`, !wiring.value.fitted[fitting])])
</script>

<template>
  <section class="block" :aria-label="wiringWords.fitted" data-fitted>
    <h2 class="section-head">{{ wiringWords.fitted }}</h2>
    <VCheckboxBtn
      v-for="fitting in FITTINGS"
      :key="fitting"
      class="fit"
      :model-value="wiring.fitted[fitting]"
      :label="wiringWords.fittings[fitting]"
      :data-fit="fitting"
      @update:model-value="toggle(fitting)"
    />
    <ChoiceField
      :label="wiringWords.place"
      :options="wiringWords.places"
      :model-value="wiring.place"
      @update:model-value="document.edit(wiringWords.place, [edit('design.wiring.place', $event)])"
    />
    <ChoiceField
      :label="wiringWords.vented"
      :options="wiringWords.vents"
      :model-value="wiring.vented ? 'yes' : 'no'"
      @update:model-value="document.edit(wiringWords.vented, [edit('design.wiring.vented', $event === 'yes')])"
    />
  </section>
</template>

<style scoped>
.fit {
  border-top: 0.75px solid var(--rule);
}
</style>
