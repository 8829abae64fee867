<script setup lang="ts">
import { computed } from 'vue'
import { changedParts, compareDesigns } from '@remigo/core'
import { boardWords } from '~/messages/board'
import { useDocumentStore } from '~/stores/document'
import { useViewStore } from '~/stores/view'
import { useQuantities } from '~/composables/useQuantities'

/** The change on trial: before and after of the figures that move most, and what to do with it. */
const document = useDocumentStore()
const view = useViewStore()
const { text } = useQuantities()
/** every part that differs, by name: nothing is swapped unseen */
const parts = computed(() =>
  document.trial ? changedParts(document.project, document.trial.project, view.choice) : [],
)
const changes = computed(() =>
  document.trial ? compareDesigns(document.project, document.trial.project, view.speed) : [],
)
</script>

<template>
  <article v-if="document.trial" class="trial" data-trial>
    <header>
      <svg width="15" height="15" viewBox="0 0 16 16" aria-hidden="true">
        <path d="M.8.8h14.400v14.400H.8Z" fill="none" stroke="currentColor" stroke-width="1.6" />
        <path d="M1 1h7v14H1Z" fill="currentColor" />
      </svg>
      <h3>
        {{ boardWords.trial.head }}<b>{{ document.trial.label }}</b>
      </h3>
    </header>
    <dl v-if="changes.length">
      <template v-for="c in changes" :key="c.id">
        <dt>{{ c.label }}</dt>
        <dd class="figures">
          <span class="before">{{ text(c.before, c.quantity) }}</span> <span aria-label="becomes">→</span>
          {{ text(c.after, c.quantity) }}
        </dd>
      </template>
    </dl>
    <p v-else>{{ boardWords.trial.same }}</p>
    <section v-if="parts.length" class="parts" data-changed-parts>
      <h4>{{ boardWords.trial.parts }}</h4>
      <ul>
        <li v-for="p in parts" :key="p.part">
          <b>{{ p.part }}</b> <span class="soft">{{ p.before }}</span> <span aria-label="becomes">→</span> {{ p.after }}
        </li>
      </ul>
    </section>
    <FoldedPart v-if="document.trial.reasons.length" :title="boardWords.trial.why" open>
      <summary>{{ boardWords.trial.why }}</summary>
      <ul>
        <li v-for="r in document.trial.reasons" :key="r">{{ r }}</li>
      </ul>
    </FoldedPart>
    <div class="actions">
      <VBtn variant="flat" @click="document.keep()">{{ boardWords.trial.keep }}</VBtn>
      <VBtn @click="document.putBack()">{{ boardWords.trial.back }}</VBtn>
    </div>
  </article>
</template>

<style scoped>
.trial {
  padding: 12px 14px;
  border-bottom: 2px solid var(--ink);
  background: var(--band);
  color: var(--text);
}
header {
  display: flex;
  gap: 8px;
  align-items: flex-start;
}
h3 {
  font: 400 13px/16px var(--labels);
}
h3 b {
  display: block;
  font: 600 16px/20px var(--labels);
}
dl {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 2px 10px;
  margin: 8px 0;
  font-size: 13.5px;
  line-height: 18px;
}
dd {
  font-size: 15px;
  text-align: right;
}
.before {
  font-weight: 500;
}
.parts {
  font-size: 13px;
  line-height: 17px;
  margin-bottom: 8px;
}
h4 {
  margin: 0;
  font: 600 13px/17px var(--labels);
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  padding: 3px 0;
  border-bottom: 0.75px solid var(--rule);
}
.actions {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}
</style>
