<script setup lang="ts">
import { computed, ref } from 'vue'
import { mdiPin } from '@mdi/js'
import {
  energyOfCells,
  estimatesOf,
  keptText,
  PART_KINDS,
  quantityText,
  type Had,
  type HadPart,
  type LeftOut,
  type Part,
  type PartKindId,
  type Text,
} from '@remigo/core'
import PartEditor from '~/components/library/PartEditor.vue'
import { boardWords } from '~/messages/board'
import { haveWords } from '~/messages/have'
import { useQuantities } from '~/composables/useQuantities'
import { useViewStore } from '~/stores/view'

/** What was understood of what the owner has: what he told, what is estimated with its range, whether it is used. */
const props = defineProps<{ have: readonly Had[]; left: readonly LeftOut[]; bought: Text | null }>()
const emit = defineEmits<{ correct: [had: HadPart, part: Part] }>()
const view = useViewStore()
const { fill, text } = useQuantities()
/** Estimates that a row shows: more stand in its editor. */
const SHOWN = 3
const correcting = ref<HadPart | null>(null)

/** Figures that an owner asks for first, where nobody told them. */
const ASKED_FIRST: Partial<Record<PartKindId, readonly string[]>> = {
  cell: ['mass', 'current', 'currentPeak'],
  pack: ['mass', 'current', 'currentPeak'],
  motor: ['ratedPower', 'ratedRpm', 'peakPower', 'mass', 'ratedEfficiency'],
  wholeDrive: ['ratedPower', 'mass', 'diameter'],
  controller: ['phaseCurrent', 'batteryCurrentPeak', 'mass'],
  charger: ['greatestVoltage', 'current', 'mass'],
  panel: ['voltage', 'length', 'mass'],
  jet: ['ratedPower', 'ratedRpm', 'mass'],
}
/** What follows from what was told: energy of all cells, watts of all panels, what a drive takes; and what it costs. */
function followsOf({ kind, part, count }: HadPart): string {
  const price = Number(part.price)
  return [
    kind === 'cell' || kind === 'pack' ? haveWords.inAll(text(energyOfCells(part, count), 'energy')) : '',
    kind === 'panel' && count > 1 ? haveWords.inAll(text(count * Number(part.power), 'electricPower')) : '',
    kind === 'wholeDrive' ? haveWords.takes(text(Number(part.inputPower), 'electricPower')) : '',
    price > 0 ? text(price, 'price') : haveWords.paid,
  ]
    .filter(Boolean)
    .join(', ')
}
function estimatedOf({ kind, part }: HadPart): string {
  const { columns } = PART_KINDS[kind],
    first = ASKED_FIRST[kind] ?? columns.map(c => c.key)
  return estimatesOf(kind, part)
    .filter(e => first.includes(e.key))
    .sort((x, y) => first.indexOf(x.key) - first.indexOf(y.key))
    .flatMap(e => {
      const c = columns.find(column => column.key === e.key)
      if (c?.kind !== 'number' || e.low === null || e.high === null) return []
      const said = (value: number) => keptText(c, value, view.choice)
      return [`${c.label.toLowerCase()} ${haveWords.range(said(e.value as number), said(e.low), said(e.high))}`]
    })
    .slice(0, SHOWN)
    .join('; ')
}
/** As it was typed, without what the row says already. */
const shortName = ({ kind, part, line }: HadPart) =>
  part.name.replace(new RegExp(`^Own ${PART_KINDS[kind].label}\\s*`, 'i'), '') || line
const rows = computed(() =>
  props.have.map(had => {
    const left = props.left.find(l => l.had.line === had.line)
    const doubts = had.doubts.map(fill)
    const base = { had, left: left ? fill(left.why) : null, doubts }
    if (had.what === 'part')
      return {
        ...base,
        label: PART_KINDS[had.kind].label,
        name: haveWords.times(had.count, shortName(had)),
        told: followsOf(had),
        estimated: estimatedOf(had),
      }
    const label = haveWords.things[had.what]
    const told =
      had.what === 'budget'
        ? [text(had.amount, 'price'), props.bought ? fill(props.bought) : ''].filter(Boolean).join('. ')
        : had.what === 'oldEngine'
          ? haveWords.engine(
              quantityText(had.power, 'power', view.choice),
              had.rpm ? quantityText(had.rpm / 60, 'rotation', view.choice) : null,
            )
          : had.what === 'leg'
            ? `${boardWords.boat.drives[had.drive]}, ${had.ratio ? `${had.ratio.toFixed(2)} : 1` : haveWords.ratioOpen}`
            : `${haveWords.gears[had.kind]} ${had.ratio.toFixed(2)} : 1`
    return { ...base, label, name: '', told, estimated: '' }
  }),
)
function keep(part: Part) {
  if (correcting.value) emit('correct', correcting.value, part)
  correcting.value = null
}
</script>

<template>
  <ul class="have" :aria-label="haveWords.understood" data-have-list>
    <li v-for="row in rows" :key="row.had.line" :data-had="row.had.what === 'part' ? row.had.kind : row.had.what">
      <b>{{ row.label }}</b>
      <div>
        <p>
          <strong v-if="row.name" class="figures">{{ row.name }}</strong> {{ row.told }}
        </p>
        <p v-if="row.estimated" class="small soft">{{ haveWords.estimated }}: {{ row.estimated }}</p>
        <p v-for="doubt in row.doubts" :key="doubt" class="small doubt"><StateMark state="caution" /> {{ doubt }}</p>
        <p v-if="row.left" class="small"><StateMark state="note" /> {{ row.left }}</p>
      </div>
      <div class="state">
        <span v-if="row.left">{{ haveWords.leftOut }}</span>
        <span v-else-if="row.had.what !== 'budget'" class="held"
          ><svg width="15" height="15" viewBox="0 0 24 24" aria-hidden="true">
            <path :d="mdiPin" fill="currentColor" /></svg
          >{{ haveWords.held }}</span
        >
        <VBtn
          v-if="row.had.what === 'part'"
          variant="plain"
          size="small"
          data-correct
          @click="correcting = row.had as HadPart"
        >
          {{ haveWords.correct }}
        </VBtn>
      </div>
    </li>
  </ul>
  <VDialog :model-value="correcting !== null" max-width="560" scrollable @update:model-value="correcting = null">
    <VCard v-if="correcting" class="editor" data-correct-dialog>
      <h2>{{ haveWords.correcting(correcting.part.name) }}</h2>
      <PartEditor
        :kind="correcting.kind"
        :part="correcting.part"
        editing
        :taken="[]"
        @keep="keep"
        @cancel="correcting = null"
      />
    </VCard>
  </VDialog>
</template>

<style scoped>
.have {
  list-style: none;
  border-top: 1px solid var(--ink);
  margin: 8px 0 4px;
}
li {
  display: grid;
  grid-template-columns: 96px minmax(0, 1fr) auto;
  gap: 2px 14px;
  padding: 7px 0;
  border-bottom: 0.75px solid var(--rule);
  font-size: 14px;
}
.small {
  line-height: 17px;
}
.doubt {
  color: var(--tight);
}
.state {
  display: grid;
  justify-items: end;
  align-content: start;
  font-size: 13px;
}
@media (pointer: coarse) {
  .state .v-btn {
    min-height: var(--hit);
  }
}
.held {
  display: inline-flex;
  gap: 4px;
  align-items: center;
  font-weight: 600;
}
.held svg {
  color: var(--signal);
}
.editor {
  padding: 14px 18px 18px;
  overflow-y: auto;
}
@media (max-width: 520px) {
  li {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  li > div:nth-child(2) {
    grid-column: 1 / -1;
    grid-row: 2;
  }
}
</style>
