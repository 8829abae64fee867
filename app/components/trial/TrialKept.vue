<script setup lang="ts">
import { computed } from 'vue'
import { CHANGES, compareTrials, edit, keptPoints, type KeptTrial } from '@remigo/core'
import { trialWords as words } from '~/messages/trial'
import { useQuantities } from '~/composables/useQuantities'
import { useDocumentStore } from '~/stores/document'
import { dateText, isoDate } from '~/design/times'

/** Trials that are kept, each against the one before it: what the change made, and whether the scatter hides it. */
const document = useDocumentStore()
const { text } = useQuantities()
const trials = computed(() => document.shown.log.trials)
const here = computed(() => keptPoints(document.shown))
const set = (to: KeptTrial[]) => document.edit(words.kept, [edit('log.trials', to)])
const keep = () => {
  const date = isoDate(new Date())
  set([
    ...trials.value,
    {
      id: `trial-${Date.now()}`,
      date,
      name: words.keptName(trials.value.length + 1),
      changed: 'none',
      points: here.value,
    },
  ])
}
const change = (i: number, part: Partial<KeptTrial>) =>
  set(trials.value.map((t, k) => (k === i ? { ...t, ...part } : t)))
const signed = (share: number) => `${share >= 0 ? '+' : '−'}${text(Math.abs(share), 'ratio')}`
const rows = computed(() =>
  trials.value.map((trial, i) => {
    const before = trials.value[i - 1],
      c = before ? compareTrials(before.points, trial.points) : null
    return {
      trial,
      says: !before
        ? words.first
        : !c
          ? words.noOverlap
          : words.compared(signed(c.share), signed(c.low), signed(c.high), text(c.from, 'speed'), text(c.to, 'speed')),
      beyond: c ? (c.exceeds ? words.exceeds : words.within) : '',
    }
  }),
)
</script>

<template>
  <section v-if="trials.length || here.length" class="kept" data-trials-kept>
    <h2 class="section-head">
      {{ words.kept }}<span>{{ words.keptHint }}</span>
    </h2>
    <ol>
      <li v-for="(r, i) in rows" :key="r.trial.id">
        <p>
          <b>{{ r.trial.name }}</b> <span class="soft">{{ dateText(r.trial.date) }}</span>
        </p>
        <p>
          {{ r.says }} <b>{{ r.beyond }}</b>
        </p>
        <div class="line">
          <PickField
            bare
            :label="`${words.keptHint}, ${r.trial.name}`"
            :model-value="r.trial.changed"
            :items="CHANGES.map(c => ({ value: c, title: words.changed[c] }))"
            @update:model-value="change(i, { changed: $event })"
          /><VBtn variant="text" @click="set(trials.filter((_, k) => k !== i))">{{ words.remove }}</VBtn>
        </div>
      </li>
    </ol>
    <VBtn data-keep-trial :disabled="here.length < 2" @click="keep">
      {{ words.keep }}
    </VBtn>
  </section>
</template>

<style scoped>
.kept {
  margin-top: 16px;
}
li {
  padding: 6px 0;
  border-bottom: 0.75px solid var(--rule);
  font-size: 14px;
  line-height: 19px;
}
.line {
  display: flex;
  gap: 10px;
  align-items: center;
  margin-top: 3px;
}
.v-btn {
  margin-top: 8px;
}
</style>
