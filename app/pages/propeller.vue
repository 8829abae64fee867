<script setup lang="ts">
import { useAnswerStore } from '~/stores/answer'

/** What pushes her: the propeller, or the jet of a jet boat. */
const answer = useAnswerStore()
definePageMeta({ parts: ['propeller'] })
</script>

<template>
  <JetBench v-if="answer.model.propulsor.kind === 'jet'" />
  <PropellerBench v-else />
</template>
