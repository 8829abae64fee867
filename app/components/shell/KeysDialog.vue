<script setup lang="ts">
import { BESIDE_SETS, SETS } from '~/benches'
import { boardWords } from '~/messages/board'
import { useViewStore } from '~/stores/view'

/** Every key, in one list. */
const view = useViewStore()
/** several of a kind in one row: their keys, and what they open */
const together = (of: readonly { key: string; label: string }[]) =>
  [of.map(each => each.key).join(', '), of.map(each => each.label).join(', ')] as const
const most = Math.max(...SETS.map(set => set.benches.length))
const rows = [
  together(SETS),
  [`1 to ${most}`, boardWords.keys.within],
  together(BESIDE_SETS),
  ...boardWords.keys.rows,
] as const
</script>

<template>
  <VDialog v-model="view.keysOpen" :max-width="430" :aria-label="boardWords.keys.title">
    <section class="keys" data-keys>
      <h2 class="section-head">{{ boardWords.keys.title }}</h2>
      <dl>
        <template v-for="[key, what] in rows" :key="key"
          ><dt>{{ key }}</dt>
          <dd>{{ what }}</dd></template
        >
      </dl>
      <VBtn @click="view.keysOpen = false">{{ boardWords.find.close }}</VBtn>
    </section>
  </VDialog>
</template>

<style scoped>
.keys {
  background: var(--sheet);
  border: 1.25px solid var(--ink);
  padding: 14px 18px 18px;
  color: var(--text);
}
dl {
  display: grid;
  grid-template-columns: max-content 1fr;
  gap: 0 18px;
  margin-bottom: 14px;
  font-size: 14px;
}
dt,
dd {
  padding: 6px 0;
  border-bottom: 0.75px solid var(--rule);
}
dt {
  font-weight: 600;
}
</style>
