<script setup lang="ts">
import { computed } from 'vue'
import { chosenUnit, toUnit, UNITS } from '@remigo/core'
import { benchWords } from '~/messages/benches'
import { useAnswerStore } from '~/stores/answer'
import { useViewStore } from '~/stores/view'
import { vLive } from '~/directives/live'

/**
 * The methods that suit the hull: where each holds, what it says at the lever's speed; a press hides or shows its
 * curve.
 */
const hidden = defineModel<Set<string>>({ required: true })
const answer = useAnswerStore()
const view = useViewStore()
const unit = computed(() => chosenUnit('speed', view.choice))
const show = (v: number) => toUnit(v, unit.value).toFixed(1)
const rows = computed(() =>
  answer.model.methods.map(({ method, middle }, i) => ({
    i,
    ...method,
    range: middle.outside.length
      ? `${benchWords.curve.outside}: ${middle.outside.map(o => o.name.toLowerCase()).join(', ')}`
      : `${benchWords.curve.holds} ${show(middle.speedFrom)}–${show(middle.speedTo)} ${UNITS[unit.value].symbol}`,
  })),
)
const shareOf = (i: number) => answer.evaluation.point.resistance.methods[i]!.share
const holds = (i: number) => answer.evaluation.point.resistance.methods[i]!.holds
function toggle(id: string) {
  const next = new Set(hidden.value)
  if (!next.delete(id)) next.add(id)
  hidden.value = next
}
</script>

<template>
  <section :aria-label="benchWords.curve.methods">
    <h2 class="section-head">
      {{ benchWords.curve.methods }} <span class="soft small">{{ benchWords.curve.here }}</span>
    </h2>
    <div v-for="row in rows" :key="row.id" class="method" :class="{ off: hidden.has(row.id) }">
      <VBtn
        variant="plain"
        class="toggle"
        :aria-pressed="!hidden.has(row.id)"
        :title="row.source"
        @click="toggle(row.id)"
      >
        <span v-live:data-holds="() => String(holds(row.i))" class="letter">{{ row.letter }}</span>
        <span class="name"
          >{{ row.label }}<small>{{ row.range }}</small
          ><small v-live="() => benchWords.curve.counts(shareOf(row.i))" class="counts"
        /></span>
      </VBtn>
      <div class="value"><FigureValue id="shaftPower" :method="row.id" /></div>
    </div>
  </section>
</template>

<style scoped>
.method {
  position: relative;
  padding-right: 56px;
  min-height: 40px;
  border-top: 0.75px solid var(--rule);
}
.value {
  position: absolute;
  right: 0;
  top: 0;
  bottom: 0;
  width: 52px;
  contain: size layout;
  display: grid;
  align-items: center;
  justify-content: end;
}
.toggle {
  display: grid;
  grid-template-columns: 24px 1fr;
  gap: 8px;
  align-items: center;
  text-align: left;
  min-height: 40px;
}
.name .counts {
  /* of a fixed size: a share that moves with the lever lays out nothing but itself */
  height: 16px;
  contain: size layout;
  white-space: nowrap;
}
.method :deep(.unit) {
  display: none;
}
.letter {
  display: grid;
  place-items: center;
  width: 22px;
  height: 22px;
  border: 1.25px solid var(--ink);
  border-radius: 50%;
  font: 600 12px var(--labels);
}
.letter[data-holds='true'] {
  background: var(--ink);
  color: var(--sheet);
}
.name {
  font-size: 13.5px;
  line-height: 16px;
}
.name small {
  display: block;
  color: var(--soft);
  font-size: 12px;
}
.off {
  color: var(--soft);
}
.off .name {
  text-decoration: line-through;
}
</style>
