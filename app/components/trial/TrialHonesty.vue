<script setup lang="ts">
import { chosenUnit, toUnit, UNITS, type HonestWord } from '@remigo/core'
import { boardWords } from '~/messages/board'
import { trialWords as words } from '~/messages/trial'
import { useViewStore } from '~/stores/view'
import { useQuantities } from '~/composables/useQuantities'

/** Five words on how honest a trial is so far, each with what it costs in doubt. */
defineProps<{ wordsOf: readonly HonestWord[] }>()
const view = useViewStore()
const { text } = useQuantities()
/** to a hundredth: what a speed wanders by shows there */
const fine = (v: number) => {
  const unit = chosenUnit('speed', view.choice)
  return `${toUnit(v, unit).toFixed(2)} ${UNITS[unit].symbol}`
}
function says(word: HonestWord): string {
  if (word.value === null) return word.id === 'steady' && word.cost > 0 ? words.says.byHand : words.says.notHeard
  switch (word.id) {
    case 'ways':
      return words.says.ways(word.value, word.beside!)
    case 'steady':
      return words.says.steady(fine(word.value))
    case 'wind':
      return words.says.wind(text(word.value, 'speed'), text(word.beside!, 'speed'))
    case 'depth':
      return words.says.depth(text(word.value, 'length'), word.beside!.toFixed(word.beside! < 10 ? 1 : 0))
    default:
      return words.says.number(word.value, word.beside!)
  }
}
</script>

<template>
  <section>
    <h2 class="section-head">
      {{ words.honest }}<span>{{ words.honestHint }}</span>
    </h2>
    <ul class="honest">
      <li v-for="w in wordsOf" :key="w.id" :data-honest="w.id">
        <StateMark :state="w.state" />
        <span
          ><b>{{ words.words[w.id] }}</b
          ><em>{{ says(w) }}</em></span
        >
        <strong :class="w.state">{{
          w.cost > 0.005 ? words.cost(text(w.cost, 'ratio')) : boardWords.states[w.state]
        }}</strong>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.honest li {
  display: grid;
  grid-template-columns: 18px minmax(0, 1fr) auto;
  gap: 8px;
  align-items: center;
  padding: 4px 0;
  border-bottom: 0.75px solid var(--rule);
  font-size: 14px;
  line-height: 17px;
}
.honest em {
  display: block;
  font-style: normal;
  font-size: 12.5px;
}
.honest strong {
  font-size: 13px;
}
.honest strong.fits {
  color: var(--fits);
}
.honest strong.caution {
  color: var(--tight);
}
.honest strong.stop {
  color: var(--clash);
}
</style>
