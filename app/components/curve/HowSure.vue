<script setup lang="ts">
import { computed } from 'vue'
import { USUAL_SAMPLES, type Band, type QuantityId } from '@remigo/core'
import { readingWords } from '~/messages/readings'
import { useQuantities } from '~/composables/useQuantities'
import { useBoatRun } from '~/composables/useBoatRun'
import { useDocumentStore } from '~/stores/document'

/** What the uncertain inputs do together, and which of them matters most. */
const document = useDocumentStore()
const run = useBoatRun(
  'uncertainty',
  () => document.shown,
  boat => boat,
)
const { result: report, progress: done, running, start, cancel } = run
const { text, format } = useQuantities()
const bands = computed(() => {
  const r = report.value
  if (!r) return []
  const row = (label: string, band: Band, quantity: QuantityId) => ({
    label,
    low: format(band.p10, quantity).text,
    middle: format(band.p50, quantity).text,
    high: text(band.p90, quantity),
  })
  return [
    row(readingWords.sure.power, r.cruisePower, 'electricPower'),
    row(readingWords.sure.range, r.range, 'distance'),
    row(readingWords.sure.top, r.topSpeed, 'speed'),
  ]
})
const shares = computed(() => report.value?.shares.filter(s => s.share >= 0.005) ?? [])
const first = computed(() => shares.value[0])
</script>

<template>
  <section class="block" :aria-label="readingWords.sure.head" data-how-sure>
    <h2 class="section-head">
      {{ readingWords.sure.head }}<span>{{ readingWords.sure.hint }}</span>
    </h2>
    <div class="row">
      <VBtn v-if="!running" data-sample @click="start">
        {{ report ? readingWords.sure.again : readingWords.sure.go }}
      </VBtn>
      <template v-else
        ><VBtn @click="cancel">{{ readingWords.sure.cancel }}</VBtn
        ><VProgressLinear :model-value="(100 * done) / USUAL_SAMPLES" :aria-label="readingWords.sure.head" /><span
          class="small soft figures"
          >{{ readingWords.sure.progress(done, USUAL_SAMPLES) }}</span
        ></template
      >
    </div>
    <RunState :run="run" />
    <template v-if="report">
      <p v-if="first" class="prose lead" data-first>
        {{ readingWords.sure.most(first.advice, first.label, text(first.share, 'ratio')) }}
      </p>
      <VTable>
        <tbody>
          <tr v-for="b in bands" :key="b.label">
            <th scope="row">{{ b.label }}</th>
            <td class="num figures">{{ b.low }}</td>
            <td class="num figures middle">{{ b.middle }}</td>
            <td class="num figures">{{ b.high }}</td>
          </tr>
        </tbody>
        <caption class="small soft">
          {{
            readingWords.sure.of
          }}
        </caption>
      </VTable>
      <ul class="shares">
        <li v-for="s in shares" :key="s.id">
          <span>{{ s.label }}</span><i><b :style="{ width: `${100 * s.share}%` }" /></i
          ><span class="figures">{{ text(s.share, 'ratio') }}</span>
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
.row {
  display: flex;
  gap: 10px;
  align-items: center;
}
.lead {
  margin: 8px 0;
  font-weight: 500;
}
.v-table {
  max-width: 460px;
}
caption {
  caption-side: bottom;
  text-align: left;
  padding-top: 3px;
}
.middle {
  font-size: 17px;
}
.shares {
  margin-top: 8px;
  max-width: 460px;
}
.shares li {
  display: grid;
  grid-template-columns: 150px 1fr 44px;
  gap: 10px;
  align-items: center;
  min-height: 24px;
  font-size: 13px;
}
.shares i {
  height: 9px;
  border: 1px solid var(--rule);
  background: var(--sheet);
}
.shares b {
  display: block;
  height: 100%;
  background: var(--ink);
}
.shares .figures {
  text-align: right;
}
</style>
