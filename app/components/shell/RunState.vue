<script setup lang="ts">
import { computed } from 'vue'
import { troubleWords } from '~/messages/trouble'
import type { useWorkerRun } from '~/composables/useWorkerRun'

/** What a long run has to say beside its result: that it is under way, or that it failed, and a way on. */
const { run, says = '' } = defineProps<{
  run: Pick<ReturnType<typeof useWorkerRun>, 'running' | 'failed' | 'again'>
  /** said while it runs; nothing where its progress is shown otherwise */
  says?: string
}>()
const running = computed(() => run.running.value)
const failed = computed(() => run.failed.value)
</script>

<template>
  <p v-if="failed" class="prose failed" role="alert" data-run-failed>
    {{ troubleWords.notWorkedOut(failed) }}
    <VBtn @click="run.again()">{{ troubleWords.again }}</VBtn>
  </p>
  <p v-else-if="running && says" class="prose">{{ says }}</p>
</template>

<style scoped>
.failed {
  color: var(--clash);
}
</style>
