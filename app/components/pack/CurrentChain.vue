<script setup lang="ts">
import { computed } from 'vue'
import { FUSE_MARGIN, wiringReport, type FigureId } from '@remigo/core'
import { packWords } from '~/messages/pack'
import { useAnswerStore } from '~/stores/answer'

/** Everything that the pack's amps pass through, and what each lets through all day. */
const answer = useAnswerStore()
const report = computed(() => wiringReport(answer.model))
/** what each bank has of its own: the figure is one bank's, the chain counts them all */
const of = (label: string) => (report.value.banks > 1 ? packWords.links.each(label, report.value.banks) : label)
const links = computed<{ id: FigureId; label: string; amps: number }[]>(() => [
  { id: 'cellsAllDay', label: packWords.links.cells, amps: answer.model.pack.current },
  { id: 'guardAllDay', label: of(packWords.links.guard), amps: report.value.banks * report.value.bmsCurrent },
  {
    id: 'contactorAllDay',
    label: of(packWords.links.contactor),
    amps: report.value.banks * report.value.contactor.current,
  },
  ...(report.value.fuse
    ? [
        {
          id: 'fuseRating' as const,
          label: of(packWords.links.fuse),
          amps: (report.value.banks * report.value.fuse.rating) / FUSE_MARGIN,
        },
      ]
    : []),
  { id: 'mainAmpacity', label: packWords.links.cable, amps: report.value.main.ampacity },
])
const weakest = computed(() => Math.min(...links.value.map(l => l.amps)))
</script>

<template>
  <section class="block" :aria-label="packWords.chain" data-chain>
    <h2 class="section-head">
      {{ packWords.chain }}<span>{{ packWords.chainHint }}</span>
    </h2>
    <FigureRow id="wiringCurrent" />
    <ul>
      <li v-for="l in links" :key="l.label" :class="{ weakest: l.amps === weakest }">
        <span>{{ l.label }}</span><FigureValue :id="l.id" /><StateMark
          :state="l.amps < report.current ? 'stop' : 'fits'"
          :size="13"
        />
      </li>
    </ul>
  </section>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 1fr auto 16px;
  gap: 8px;
  align-items: center;
  min-height: 28px;
  border-top: 0.75px solid var(--rule);
  font-size: 13.5px;
}
.weakest {
  background: var(--band);
}
</style>
