<script setup lang="ts">
import { onMounted, ref, watch } from 'vue'
import { troubleWords } from '~/messages/trouble'
import { useStages } from '~/composables/useStages'

/** What one came to see, under its bands. Another bench begins at its top, or where its address points. */
const page = ref<HTMLElement>()
defineExpose({ page })
const route = useRoute()
watch(
  () => route.path,
  () => {
    if (!route.hash && page.value) page.value.scrollTop = 0
  },
)
onMounted(useStages().start)
</script>

<template>
  <main id="bench" ref="page" tabindex="-1">
    <PrintHead />
    <NoticeBands />
    <PanelBoundary :panel="troubleWords.panels.bench"><slot /></PanelBoundary>
  </main>
</template>
