<script setup lang="ts">
import BoardShell from '~/components/shell/BoardShell.vue'
import { useAutosave } from '~/composables/useAutosave'
import { useBoardTheme } from '~/composables/useBoardTheme'
import { useBoatsStore } from '~/stores/boats'

const boats = useBoatsStore()
const route = useRouter().currentRoute.value
useBoardTheme().follow()
useAutosave()
void boats.start(typeof route.query.boat === 'string' ? route.query.boat : undefined)
// fetched beside the bench, not after the store has answered
if (!route.meta.alone) void import('~/components/shell/BoardFrame.vue')
</script>

<template>
  <VApp>
    <BoardShell v-if="boats.ready"><NuxtPage /></BoardShell>
  </VApp>
</template>
