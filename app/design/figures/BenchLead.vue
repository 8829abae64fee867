<script setup lang="ts">
import type { FigureId } from '@remigo/core'
import { vLive } from '~/directives/live'

/**
 * The head of a bench: its one large figure, the range beside it (a function when it moves with the lever, a slot when
 * its numbers are figures), a line of words.
 */
const props = defineProps<{ figure: FigureId; head?: string | (() => string) }>()
const words = () => (typeof props.head === 'function' ? props.head() : '')
</script>

<template>
  <div class="bench__lead">
    <div class="bench__figure"><FigureValue :id="figure" size="bench" /></div>
    <p class="prose">
      <strong v-if="$slots.head"><slot name="head" /></strong
      ><strong v-else-if="typeof head === 'function'" v-live="words" class="live" /><strong
        v-else-if="head"
        class="words"
        >{{ head }}</strong
      ><slot />
    </p>
  </div>
</template>
