<script setup lang="ts">
import { useAutosave } from '~/composables/useAutosave'
import { useBoardTheme } from '~/composables/useBoardTheme'
import { useBoatsStore } from '~/stores/boats'

const boats = useBoatsStore()
const route = useRoute()
useBoardTheme().follow()
useAutosave()
void boats.start(typeof route.query.boat === 'string' ? route.query.boat : undefined)
</script>

<template>
  <VApp>
    <NuxtLayout v-if="boats.ready"><NuxtPage /></NuxtLayout>
  </VApp>
</template>
