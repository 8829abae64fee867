<script setup lang="ts">
import { computed } from 'vue'
import { instrument, lastRead, type InstrumentId } from '@remigo/core'
import { instrumentWords as words } from '~/messages/instruments'
import { useQuantities } from '~/composables/useQuantities'
import { useInstrumentStore } from '~/stores/instruments'

/** What each instrument says now; what is old or cannot be says so in place of a number. */
const props = defineProps<{ show: readonly (keyof typeof words.short)[] }>()
const instruments = useInstrumentStore()
const { format, text } = useQuantities()
const cells = computed(() =>
  props.show.map(id => {
    const value = instruments.latest?.values[id as InstrumentId],
      mark = instruments.mark(id as InstrumentId)
    const { quantity } = instrument(id as InstrumentId),
      shown = value === undefined ? null : format(value, quantity),
      // what has become silent stays, greyed, with its age
      before = value === undefined ? lastRead(instruments.samples, id as InstrumentId) : null
    return {
      id,
      label: words.short[id],
      shown,
      old: before && { ...format(before.value, quantity), age: text(before.age, 'seconds') },
      mark: mark ? words.marks[mark] : '',
    }
  }),
)
</script>

<template>
  <section class="cells" :class="{ simulated: instruments.simulated }" :aria-label="words.head" data-instruments>
    <p class="head">
      <b>{{ words.head }}</b><span>{{
        instruments.source ? (instruments.simulated ? words.simulatedHint : words.liveHint) : words.none
      }}</span>
    </p>
    <dl>
      <div v-for="c in cells" :key="c.id" :data-instrument="c.id">
        <dt>{{ c.label }}</dt>
        <dd v-if="c.old" class="old">
          {{ c.old.text }}<span>{{ c.old.unit }}</span
          ><small>{{ words.old(c.old.age) }}</small>
        </dd>
        <dd v-else-if="c.mark" class="odd">{{ c.mark }}</dd>
        <dd v-else-if="c.shown">
          <b class="read">{{ c.shown.text }}</b><span>{{ c.shown.unit }}</span>
        </dd>
        <dd v-else class="none">–</dd>
      </div>
    </dl>
    <p v-if="instruments.broken" class="small soft">{{ words.broken(instruments.broken) }}</p>
  </section>
</template>

<style scoped>
.cells {
  border: 1.25px solid var(--ink);
  background: var(--sheet);
  margin-top: 10px;
}
.cells.simulated {
  border-style: dashed;
}
.head {
  display: flex;
  justify-content: space-between;
  gap: 8px;
  padding: 4px 10px;
  border-bottom: 1px solid var(--ink);
  font-size: 13.5px;
}
.simulated .head {
  background: repeating-linear-gradient(-45deg, var(--desk-line, var(--grid)) 0 8px, transparent 8px 16px);
  border-bottom-style: dashed;
}
.head b,
.head span {
  background: var(--sheet);
  padding: 0 5px;
}
dl {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
}
dl > div {
  padding: 4px 8px 6px;
  border-right: 0.75px solid var(--rule);
  border-bottom: 0.75px solid var(--rule);
  min-height: 54px;
}
dt {
  font-size: 12.5px;
  color: var(--soft);
  white-space: nowrap;
}
dd {
  font: 600 22px/26px var(--figures);
  white-space: nowrap;
}
/* what is read is filled, so that no plan can be taken for it */
.read {
  font-weight: 600;
  background: var(--ink);
  color: var(--sheet);
  padding: 0 4px;
}
.old {
  color: var(--soft);
}
.old small {
  display: block;
  font: 400 12px/14px var(--labels);
}
dd span {
  font: 500 12.5px var(--labels);
  margin-left: 3px;
}
.odd {
  font: 600 14px/26px var(--labels);
  color: var(--tight);
}
.none {
  color: var(--soft);
}
.small {
  padding: 3px 10px;
}
</style>
