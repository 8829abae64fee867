<script setup lang="ts">
import { computed } from 'vue'
import { chainRatings, wiringReport, type ChainName, type FigureId, type RuleId, type Severity } from '@remigo/core'
import { packWords } from '~/messages/pack'
import { useAnswerStore } from '~/stores/answer'

/** Everything that the pack's amps pass through, and what each lets through all day. */
const answer = useAnswerStore()
const report = computed(() => wiringReport(answer.model))
/** what each bank has of its own: the figure is one bank's, the chain counts all that drive at the same time */
const of = (label: string) => (report.value.banks > 1 ? packWords.links.each(label, report.value.banks) : label)
const WORDS = {
  bms: { id: 'guardAllDay', label: packWords.links.guard, own: true, rules: ['bmsAmps'] },
  contactor: { id: 'contactorAllDay', label: packWords.links.contactor, own: true, rules: ['contactorRating'] },
  fuse: {
    id: 'fuseRating',
    label: packWords.links.fuse,
    own: true,
    rules: ['fuseSmall', 'fuseVoltage', 'fuseInterrupt', 'fuseAboveCable'],
  },
  mainCable: { id: 'mainAmpacity', label: packWords.links.cable, own: false, rules: ['cableHeat', 'cableDrop'] },
} as const satisfies Record<ChainName, { id: FigureId; label: string; own: boolean; rules: readonly RuleId[] }>
const ORDER = ['bms', 'contactor', 'fuse', 'mainCable'] as const
/** the state of its findings, as on every other bench */
const stateOf = (rules: readonly RuleId[]): Severity | 'fits' =>
  answer.findings.findings.find(f => rules.includes(f.rule))?.severity ?? 'fits'
const links = computed<{ id: FigureId; label: string; amps: number; rules: readonly RuleId[] }[]>(() => {
  const chain = chainRatings(answer.model)
  return [
    { id: 'cellsAllDay', label: packWords.links.cells, amps: answer.model.pack.current, rules: ['packCurrent'] },
    ...ORDER.flatMap(name => {
      const { id, label, own, rules } = WORDS[name]
      return chain
        .filter(c => c.name === name)
        .map(c => ({ id, label: own ? of(label) : label, amps: c.allDay, rules }))
    }),
  ]
})
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
        <span>{{ l.label }}</span><FigureValue :id="l.id" /><StateMark :state="stateOf(l.rules)" :size="13" />
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
