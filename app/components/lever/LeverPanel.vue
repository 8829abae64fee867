<script setup lang="ts">
import { figureOn, type FigureId } from '@remigo/core'
import { useDocumentStore } from '~/stores/document'
import { useRangeEnd } from '~/composables/useRangeEnd'
import { boardWords } from '~/messages/board'

/** The lever with the readings that it moves, beside it. */
const document = useDocumentStore()
const { endId } = useRangeEnd()
const READINGS: FigureId[] = [
  'distanceLeft',
  'timeLeft',
  'packPower',
  'packCurrent',
  'thrust',
  'propellerRpm',
  'motorTorque',
  'heat',
]
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
    <dl>
      <div v-for="id in READINGS" :key="id">
        <dt>{{ figureOn(endId(id), document.shown).label }}</dt>
        <dd><FigureValue :id="id" size="reading" /></dd>
      </div>
    </dl>
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
dl {
  padding: 4px 8px 4px 11px;
  min-height: 0;
  overflow: hidden;
}
dl div {
  contain: size layout;
  height: calc(100% / 8);
  max-height: 74px;
  display: grid;
  align-content: center;
  border-top: 0.75px solid var(--rule);
}
dl div:first-child {
  border-top: 0;
}
dt {
  font-size: 12.5px;
  line-height: 14px;
  color: var(--soft);
}
</style>
