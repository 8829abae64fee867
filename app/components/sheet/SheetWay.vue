<script setup lang="ts">
import { computed } from 'vue'
import {
  designMass,
  designPrice,
  doubtShares,
  firstVerdict,
  HELD_PARTS,
  wholeDriveOf,
  type PartName,
} from '@remigo/core'
import { benchWords } from '~/messages/benches'
import { boardWords } from '~/messages/board'
import { pathOf, type BenchId } from '~/benches'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useLibraryStore } from '~/stores/library'
import NotLikeThis from '~/components/start/NotLikeThis.vue'
import { useQuantities } from '~/composables/useQuantities'
import { useRangeEnd } from '~/composables/useRangeEnd'

/** The answer in three sentences, then the way on: what is decided, what is still a guess, what to do next. */
const answer = useAnswerStore()
const { longer, kept } = useRangeEnd()
const document = useDocumentStore()
const { text } = useQuantities()
const words = benchWords.way
const BENCH_OF: Record<PartName, BenchId> = {
  pack: 'pack',
  controller: 'motor',
  motor: 'motor',
  propeller: 'propeller',
  hull: 'curve',
}
const library = useLibraryStore()
/** nothing is told to be fitted over a clash, or a weight that she cannot carry */
const verdict = computed(() => firstVerdict(document.shown, null, library.library))
const sentences = computed(() => {
  const { design } = document.shown,
    { cruise } = answer.summary,
    { stop, caution } = answer.findings.counts
  return [
    ...(verdict.value.word === 'notThis'
      ? []
      : [
          words.fit(
            (wholeDriveOf(design) ?? design.motor).name,
            text(answer.model.pack.energy, 'energy'),
            text(designPrice(answer.model), 'price'),
            text(designMass(answer.model), 'mass'),
          ),
        ]),
    words.far(
      text(cruise.distanceLeft * longer.value, 'distance'),
      text(cruise.timeLeft * longer.value, 'duration'),
      text(cruise.speed, 'speed'),
      kept.value,
    ),
    stop > 0
      ? words.against(stop, answer.findings.findings[0]!.title)
      : caution > 0
        ? words.tight(caution)
        : words.none,
  ]
})
const held = computed(() => HELD_PARTS.filter(part => document.shown.held[part]))
const decided = computed(() => [
  ...held.value.map(part => boardWords.held.names[part]),
  ...(Object.keys(document.shown.typed).length > 0 ? [words.typed(Object.keys(document.shown.typed).length)] : []),
])
/** what most of the range comes of, and what settles it; a reading stands on the power curve */
const guesses = computed(() =>
  doubtShares(answer.summary.cruise.resistance)
    .filter(d => d.share > 0.08)
    .slice(0, 3)
    .map(d => ({
      ...d,
      to: pathOf(
        d.id === 'weight' || d.id === 'form' ? 'boat' : d.id === 'bottom' || d.id === 'margin' ? 'use' : 'curve',
      ),
    })),
)
const next = computed(() => [
  ...answer.findings.findings
    .filter(f => f.severity !== 'note')
    .slice(0, 3)
    .map(f => ({ words: words.mend(f.title), to: pathOf(BENCH_OF[f.part]) })),
  ...(document.shown.boat.compartments.length === 0 ? [{ words: words.measure, to: pathOf('pack') }] : []),
  { words: words.wiring, to: pathOf('wiring') },
  { words: words.charging, to: pathOf('charging') },
])
</script>

<template>
  <section class="way" data-way>
    <NotLikeThis v-if="verdict.word === 'notThis'" :project="document.shown" :verdict="verdict" tries />
    <p v-for="sentence in sentences" :key="sentence" class="answer">{{ sentence }}</p>
    <div class="no-print three">
      <div>
        <h3>{{ words.decided }}</h3>
        <p v-if="decided.length">{{ decided.join(', ').replace(/^./, c => c.toUpperCase()) }}.</p>
        <p v-else class="soft">{{ words.nothingYet }}</p>
      </div>
      <div>
        <h3>{{ words.guess }}</h3>
        <ul>
          <li v-for="g in guesses" :key="g.id">
            <NuxtLink :to="g.to">{{ words.because(g.label, Math.round(100 * g.share), g.advice) }}</NuxtLink>
          </li>
        </ul>
      </div>
      <div>
        <h3>{{ words.next }}</h3>
        <ol>
          <li v-for="n in next" :key="n.words">
            <NuxtLink :to="n.to">{{ n.words }}</NuxtLink>
          </li>
        </ol>
      </div>
    </div>
  </section>
</template>

<style scoped>
.way {
  margin-top: 12px;
}
.answer {
  font: 500 17px/23px var(--labels);
  max-width: 62ch;
  margin-bottom: 3px;
}
.three {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(200px, 1fr));
  gap: 12px 24px;
  margin-top: 12px;
  font-size: 14px;
  line-height: 18px;
}
h3 {
  font: 600 15px/19px var(--labels);
  padding-bottom: 3px;
  margin-bottom: 4px;
  border-bottom: 1.25px solid var(--ink);
}
li {
  padding: 4px 0;
  border-bottom: 0.75px solid var(--rule);
}
a {
  color: var(--text);
}
</style>
