<script setup lang="ts">
import { figureOn, type FigureId } from '@remigo/core'
import { useDocumentStore } from '~/stores/document'
import { useAfloat } from '~/composables/useAfloat'
import { boardWords } from '~/messages/board'

/** The lever with the readings that it moves, beside it. */
const document = useDocumentStore()
const afloat = useAfloat()
/** both ends of the pack are always at hand */
const ENDS = [
  { end: 'reserve', way: 'distanceLeft', time: 'timeLeft' },
  { end: 'empty', way: 'distanceToEmpty', time: 'timeToEmpty' },
] as const satisfies { end: keyof typeof boardWords.ends; way: FigureId; time: FigureId }[]
const READINGS: FigureId[] = ['packPower', 'packCurrent', 'thrust', 'propellerRpm', 'motorTorque', 'heat']
</script>

<template>
  <section class="panel" :aria-label="boardWords.lever.label">
    <div class="column">
      <header>
        <b>{{ boardWords.lever.label }}</b><span class="soft">{{ boardWords.lever.width }}</span>
      </header>
      <div class="body"><SpeedLever /></div>
      <footer class="soft">{{ boardWords.lever.keys }}</footer>
    </div>
    <div class="readings" :class="{ plan: afloat }">
      <p v-if="afloat" class="tag" data-lever-plan>{{ boardWords.lever.plan }}</p>
      <dl>
        <div v-for="e in ENDS" :key="e.end" class="end">
          <dt>{{ boardWords.ends[e.end] }}</dt>
          <dd><FigureValue :id="e.way" size="reading" exact /> <FigureValue :id="e.time" exact /></dd>
        </div>
        <div v-for="id in READINGS" :key="id">
          <dt>{{ figureOn(id, document.shown).label }}</dt>
          <dd><FigureValue :id="id" size="reading" exact /></dd>
        </div>
      </dl>
      <CalmWater />
    </div>
  </section>
</template>

<style scoped>
.panel {
  display: grid;
  grid-template-columns: 115px 1fr;
  height: 100%;
  min-height: 0;
  background: var(--sheet);
}
.column {
  display: grid;
  grid-template-rows: auto 1fr auto;
  min-height: 0;
  border-right: 1px solid var(--rule);
}
header {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  padding: 8px 6px 4px 12px;
  font-size: 13px;
  white-space: nowrap;
}
header span {
  font-size: 12px;
}
.body {
  min-height: 0;
}
footer {
  padding: 2px 12px 6px;
  font-size: 12px;
}
/* plain blocks of fixed height: a figure that changes lays out its own row and nothing else */
.readings {
  display: grid;
  grid-template-rows: auto minmax(0, 1fr) auto;
  min-height: 0;
}
/* what is planned is outlined, so that it cannot be taken for what instruments read */
.plan {
  margin: 3px;
  border: 1.25px dashed var(--soft);
}
.plan :deep(.figure) {
  font-weight: 400;
}
.plan dl {
  padding: 0 3px 0 6px;
}
.tag {
  padding: 3px 6px 0;
  font: 600 13px/16px var(--labels);
}
dl {
  grid-row: 2;
  padding: 4px 8px 4px 11px;
  min-height: 0;
  overflow: hidden;
}
dl div {
  contain: size layout;
  height: 11.4%;
  max-height: 74px;
  display: grid;
  align-content: center;
  border-top: 0.75px solid var(--rule);
}
/* both miles and hours */
dl .end {
  height: 15.8%;
  max-height: 96px;
}
dl div:first-child {
  border-top: 0;
}
dt {
  font-size: 12.5px;
  line-height: 14px;
  white-space: nowrap;
  color: var(--soft);
}
</style>
