<script setup lang="ts">
import { computed } from 'vue'
import { clockText, goOrStay, type DayReport, type DayWorked, type Project } from '@remigo/core'
import { boardWords } from '~/messages/board'
import { dayWords as words } from '~/messages/day'
import { useViewStore } from '~/stores/view'
import { useQuantities } from '~/composables/useQuantities'

/** Whether to go: what speaks for it and against it, and the hour that would be better. */
const props = defineProps<{ project: Project; report: DayReport; worked: DayWorked }>()
const emit = defineEmits<{ depart: [time: number] }>()
const view = useViewStore()
const { fill, text } = useQuantities()
const said = computed(() => goOrStay(props.project, props.report))
/** a word where a number would say more than is known */
const chance = computed(() =>
  props.report.chance > 0.99
    ? words.sure
    : props.report.chance < 0.01
      ? words.never
      : text(Math.round(100 * props.report.chance) / 100, 'ratio'),
)
const openChance = (event: MouseEvent) => {
  view.working = { worked: props.worked.chance, anchor: event.currentTarget as HTMLElement }
}
/** an hour that leaves at least two per cent more */
const better = computed(() => {
  const best = props.report.departures.reduce<DayReport['departures'][number] | null>(
    (a, b) => (b.outcome === 'home' && (!a || b.left > a.left) ? b : a),
    null,
  )
  return best && best.left > props.report.left + 0.02 ? best : null
})
</script>

<template>
  <section class="card" :aria-label="said.go ? words.go : words.stay" data-go-or-stay>
    <h2>
      {{ said.go ? words.go : words.stay }}<span>{{ words.count(said.fits, said.against) }}</span>
    </h2>
    <ul>
      <li v-for="w in said.weighed" :key="w.id" :data-weighed="w.id">
        <StateMark :state="w.state" :size="15" />
        <b>{{ words.weighed[w.id] }}</b>
        <span>{{ fill(w.text) }}</span>
        <em :class="w.state">{{ boardWords.states[w.state] }}</em>
      </li>
    </ul>
    <p class="small">
      <button type="button" class="link" data-chance @click="openChance">{{ chance }}</button> {{ words.chance }}
    </p>
    <p v-if="report.turn && worked.turn && !report.turn.anywhere" class="small" data-last-turn>
      {{ words.turn(clockText(report.turn.time)) }}, {{ words.turnWith }}
      <WorkedValue :worked="worked.turn" size="inline" /> {{ words.turnOrMore }}
    </p>
    <button
      v-if="better"
      type="button"
      class="btn btn--best wide"
      data-better-hour
      @click="emit('depart', better.departs)"
    >
      <span>{{ words.goThen(clockText(better.departs)) }}</span><span>{{
        words.best(clockText(better.departs), text(better.left, 'ratio'))
      }}</span>
    </button>
  </section>
</template>

<style scoped>
.card {
  background: var(--sheet);
  border: 1.25px solid var(--ink);
  margin-top: 12px;
  padding: 0 12px 10px;
}
h2 {
  font: 600 24px/44px var(--figures);
  border-bottom: 1px solid var(--ink);
}
h2 span {
  font: 400 14px var(--labels);
  margin-left: 10px;
}
li {
  display: grid;
  grid-template-columns: 18px 68px minmax(0, 1fr) auto;
  gap: 6px;
  align-items: center;
  min-height: 36px;
  border-bottom: 0.75px solid var(--rule);
  font-size: 13.5px;
  line-height: 16px;
}
em {
  font-style: normal;
}
em.fits {
  color: var(--fits);
}
em.caution {
  color: var(--tight);
}
em.stop {
  color: var(--clash);
}
em.note {
  color: var(--soft);
}
p {
  margin: 8px 0;
}
.wide {
  display: flex;
  justify-content: space-between;
  gap: 10px;
  width: 100%;
  text-align: left;
}
</style>
