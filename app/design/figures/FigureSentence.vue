<script setup lang="ts">
import { computed } from 'vue'
import type { FigureId } from '@remigo/core'

/** A sentence whose numbers are figures: each opens its working. A text among them stands as it is. */
export type Said = FigureId | { id: FigureId; speed: number } | { text: string }
const props = defineProps<{ words: (...gaps: string[]) => string; figures: Said[] }>()

const GAP = '\u0001'
const pieces = computed(() =>
  props
    .words(...props.figures.map((_, i) => `${GAP}${i}${GAP}`))
    .split(GAP)
    .map((piece, i) => {
      const said = i % 2 ? props.figures[Number(piece)]! : { text: piece }
      if (typeof said === 'string') return { id: said, speed: undefined }
      return said
    }),
)
</script>

<template>
  <span
    ><template v-for="(piece, i) in pieces" :key="i"
      ><template v-if="'text' in piece">{{ piece.text }}</template
      ><FigureValue v-else :id="piece.id" :speed="piece.speed" size="inline" /></template
  ></span>
</template>
