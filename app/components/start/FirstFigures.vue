<script setup lang="ts">
import { computed } from 'vue'
import type { Project, Text } from '@remigo/core'
import {
  designPrice,
  doubtShares,
  evaluate,
  firstVerdict,
  isFarOff,
  measuredOf,
  standInsOf,
  TOUCH_LIMIT,
} from '~/firstDesign'
import { useLibraryStore } from '~/stores/library'
import { benchWords } from '~/messages/benches'
import { useQuantities } from '~/composables/useQuantities'
import NotLikeThis from './NotLikeThis.vue'

/** What a first design takes and costs. Every figure is the design's own: it hangs on her motor and propeller. */
const props = defineProps<{ project: Project; note: Text | null }>()
const words = benchWords.start
const { text } = useQuantities()
const evaluation = computed(() => evaluate(props.project, props.project.use.cruiseSpeed))
const takes = computed(() => {
  const { speed, drive, packPowerLow, packPowerHigh } = evaluation.value.point
  return words.takes(
    text(speed, 'speed'),
    text(drive.packPower, 'electricPower'),
    text(packPowerLow, 'electricPower'),
    text(packPowerHigh, 'electricPower'),
  )
})
const library = useLibraryStore()
const verdict = computed(() => firstVerdict(props.project, props.note, library.library))
/** what leaves most open; who has told readings already is asked for better ones */
const matters = computed(() => {
  const first = doubtShares(evaluation.value.point.resistance)[0]
  if (!first) return null
  const told = first.id === 'methods' && props.project.trial.points.length > 0
  return { label: first.label, advice: told ? words.readAgain : first.advice }
})
/** a reading that hardly counts is told before anybody buys by what it leaves */
const odd = computed(() => measuredOf(props.project).points.find(isFarOff) ?? null)
/** parts that the library has not */
const toFind = computed(() => standInsOf(props.project))
/** a touch can kill: it is said before anything is bought or wired */
const high = computed(() => evaluation.value.model.pack.fullVoltage > TOUCH_LIMIT)
const rows = computed(() => {
  const { design } = props.project,
    { model, cruise } = evaluation.value
  return [
    [words.fits, (design.wholeDrive ?? design.motor).name],
    [words.pack, `${text(model.pack.energy, 'energy')}, ${text(model.pack.nominalVoltage, 'voltage')}`],
    [words.lasts, text(cruise.timeLeft, 'duration')],
    [words.costs, text(designPrice(model), 'price')],
  ] as const
})
</script>

<template>
  <p class="prose takes">{{ takes }}</p>
  <NotLikeThis v-if="verdict.word === 'notThis'" :project="project" :verdict="verdict" />
  <p v-if="odd" class="prose" data-odd-reading>
    {{ words.odd(text(odd.resistance / odd.theory, 'ratio'), text(odd.theory / odd.resistance, 'ratio')) }}
  </p>
  <p v-if="matters" class="prose soft">{{ words.matters(matters.label, matters.advice) }}</p>
  <p v-if="high" class="prose" data-touch>
    <StateMark state="caution" />
    {{ words.touch(text(evaluation.model.pack.fullVoltage, 'voltage'), text(TOUCH_LIMIT, 'voltage')) }}
  </p>
  <div v-if="toFind.length > 0" class="find" data-to-find>
    <p v-for="{ name } in toFind" :key="name">
      <StateMark state="note" /> <b>{{ name }}</b>
    </p>
    <p class="small soft">{{ words.toFind }}</p>
  </div>
  <dl v-if="verdict.word === 'fits'">
    <div v-for="[label, value] in rows" :key="label">
      <dt>{{ label }}</dt>
      <dd class="figures">{{ value }}</dd>
    </div>
  </dl>
</template>

<style scoped>
.find {
  margin-top: 10px;
  padding: 8px 12px;
  border: 1.25px dashed var(--ink);
}
dl {
  margin-top: 10px;
}
dl div {
  display: flex;
  justify-content: space-between;
  gap: 16px;
  padding: 5px 0;
  border-bottom: 0.75px solid var(--rule);
  font-size: 14.5px;
}
dd {
  text-align: right;
  overflow-wrap: anywhere;
}
/* on the phone the drawing stays in sight while one answers; the rest follows on the sheet */
@media (max-width: 899px) {
  .takes {
    margin-top: 4px;
    font-size: 14px;
  }
  .soft,
  .find,
  dl {
    display: none;
  }
}
</style>
