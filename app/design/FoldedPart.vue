<script setup lang="ts">
import { ref } from 'vue'

/** What is folded under its title until it is asked for. */
const props = defineProps<{ title: string; /** it stands open at first */ open?: boolean }>()
const opened = ref(props.open ? 0 : undefined)
</script>

<template>
  <VExpansionPanels v-model="opened">
    <VExpansionPanel>
      <VExpansionPanelTitle>{{ title }}</VExpansionPanelTitle>
      <VExpansionPanelText><slot /></VExpansionPanelText>
    </VExpansionPanel>
  </VExpansionPanels>
</template>
