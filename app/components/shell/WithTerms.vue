<script setup lang="ts">
import { computed } from 'vue'
import { useTerms } from '~/composables/useTerms'
import { useViewStore } from '~/stores/view'

/** A text whose first word of the trade has a dotted line and explains itself at a touch. */
const props = defineProps<{ text: string }>()
const view = useViewStore()
const { explain } = useTerms()
const found = computed(() => explain(props.text))
function open(event: Event) {
  const anchor = event.currentTarget as HTMLElement
  view.term = { word: found.value!.word, meaning: found.value!.meaning, anchor }
}
</script>

<template>
  <template v-if="found"
    >{{ found.before
    }}<span
      class="term"
      role="button"
      tabindex="0"
      aria-haspopup="dialog"
      @click.stop.prevent="open"
      @keydown.enter.stop.prevent="open"
      @keydown.space.stop.prevent="open"
      >{{ found.word }}</span
    >{{ found.after }}</template
  ><template v-else>{{ text }}</template>
</template>

<style scoped>
.term {
  text-decoration: underline dotted 1.5px var(--soft);
  text-underline-offset: 3px;
  cursor: help;
}
</style>
