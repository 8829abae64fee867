<script setup lang="ts">
import { computed } from 'vue'
import { useViewStore } from '~/stores/view'

/** What the word that was touched means. */
const view = useViewStore()
const open = computed({
  get: () => view.term !== null,
  set: value => {
    if (!value) {
      view.term?.anchor.focus({ preventScroll: true })
      view.term = null
    }
  },
})
</script>

<template>
  <VMenu v-model="open" :target="view.term?.anchor" location="bottom start" :offset="6" :max-width="320">
    <section v-if="view.term" class="term-box" role="dialog" :aria-label="view.term.word" data-term>
      <b>{{ view.term.word }}</b>
      <p>{{ view.term.meaning }}</p>
    </section>
  </VMenu>
</template>

<style scoped>
.term-box {
  background: var(--sheet);
  color: var(--text);
  border: 1.25px solid var(--ink);
  box-shadow: 3px 3px 0 var(--rule);
  padding: 10px 12px;
  font-size: 14px;
  line-height: 19px;
}
b::first-letter {
  text-transform: uppercase;
}
</style>
