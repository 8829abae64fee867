<script setup lang="ts">
import type { FigureId } from '@remigo/core'

/** The head of a bench: its one large figure, the range beside it, a line of words. */
defineProps<{ figure: FigureId, head?: string }>()
</script>

<template>
  <div class="bench__lead">
    <FigureValue :id="figure" size="bench" />
    <p class="prose"><strong v-if="head">{{ head }}</strong><slot /></p>
  </div>
</template>
