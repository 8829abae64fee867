<script setup lang="ts">
import { computed, ref } from 'vue'
import {
  evaluate,
  figureOn,
  formatIn,
  methodShaftPower,
  readFigure,
  unitFor,
  type FigureId,
  type MethodId,
  type Project,
} from '@remigo/core'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useViewStore } from '~/stores/view'
import { useRangeEnd } from '~/composables/useRangeEnd'
import { useQuantities } from '~/composables/useQuantities'
import { vLive } from '~/directives/live'

/**
 * The one way a computed number stands on the screen: digits, unit, and a press that opens its working. At the lever's
 * speed and of the boat on the board, unless others are given, or of one method alone; `still` leaves the press to what
 * is around it.
 */
const props = defineProps<{
  id: FigureId
  size?: 'bench' | 'strip' | 'reading' | 'row' | 'inline'
  band?: boolean
  speed?: number
  of?: Project
  method?: MethodId
  still?: boolean
  /** this figure, whichever end of the pack the reader counts to */
  exact?: boolean
}>()
const answer = useAnswerStore()
const document = useDocumentStore()
const view = useViewStore()
const { format } = useQuantities()
const { endId } = useRangeEnd()
const id = computed(() => (props.exact ? props.id : endId(props.id)))
const root = ref<HTMLElement>()

const figure = computed(() => figureOn(id.value, props.of ?? document.shown))
const evaluation = () =>
  props.speed === undefined && !props.of
    ? answer.evaluation
    : evaluate(props.of ?? document.shown, props.speed ?? answer.evaluation.point.speed)
const value = () =>
  props.method
    ? { value: methodShaftPower(evaluation(), props.method), low: undefined, high: undefined }
    : readFigure(id.value, evaluation())
const shown = () => format(value().value, figure.value.quantity)
const range = () => {
  const { low, high } = value()
  if (low === undefined || high === undefined) return ''
  // both ends in the unit of the value between them
  const unit = unitFor(figure.value.quantity, value().value, view.choice)
  return `${formatIn(low, unit, view.choice).text} to ${formatIn(high, unit, view.choice).text}`
}
const parts = () => {
  const { text, unit } = shown()
  return props.band ? [text, unit, range()] : [text, unit]
}

const said = () => [figure.value.label, ...parts()].filter(Boolean).join(' ')

function open() {
  if (!root.value) return
  const own = { id: id.value, anchor: root.value, speed: props.speed, project: props.of, method: props.method }
  // a press beside a working that is open closes it a moment from now: this one comes after
  if (view.working && view.working.anchor !== own.anchor)
    setTimeout(() => {
      view.working = own
    })
  else view.working = view.working ? null : own
}
</script>

<template>
  <span v-if="still" v-live:texts="parts" class="figure" :class="`figure--${size ?? 'row'}`"
    ><span class="digits" /><span class="unit"
  /></span>
  <!-- name and value in one attribute: a hidden text beside the digits would be laid out again with them -->
  <button
    v-else
    ref="root"
    v-live:texts="parts"
    v-live:aria-label="said"
    type="button"
    class="figure"
    :class="`figure--${size ?? 'row'}`"
    :data-figure="id"
    aria-haspopup="dialog"
    @click.stop="open"
  >
    <span class="digits" /><span class="unit" /><span class="band" />
  </button>
</template>

<style scoped>
.figure {
  font-family: var(--figures);
  font-weight: 600;
  text-align: left;
  white-space: nowrap;
  color: var(--text);
}
.unit:empty,
.band:empty {
  display: none;
}
.unit {
  font-weight: 500;
  color: var(--soft);
  margin-left: 0.22em;
  font-size: max(12px, 0.6em);
}
.band {
  font-weight: 500;
  color: var(--soft);
  font-size: 12px;
  margin-left: 6px;
}
.figure--bench {
  font-size: 60px;
  line-height: 58px;
  border-bottom: 2px dotted var(--text);
}
.figure--strip {
  font-size: 20px;
  line-height: 22px;
}
.figure--reading {
  font-size: 23px;
  line-height: 26px;
}
.figure--inline {
  font-size: 1em;
  line-height: inherit;
}
.figure--inline .unit {
  font-size: 1em;
  font-weight: inherit;
  color: inherit;
}
.figure--row {
  font-size: 16px;
  line-height: 20px;
}
.figure:hover .digits {
  text-decoration: underline;
  text-decoration-thickness: 1px;
  text-underline-offset: 3px;
}
.figure--bench:hover .digits {
  text-decoration: none;
}
@media (pointer: coarse) {
  .figure {
    position: relative;
  }
  .figure--row::after,
  .figure--inline::after,
  .figure--strip::after,
  .figure--reading::after {
    content: '';
    position: absolute;
    inset: -15px -8px;
  }
}
@media (max-width: 899px) {
  .figure--bench {
    font-size: 72px;
    line-height: 68px;
  }
}
</style>
