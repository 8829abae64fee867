<script setup lang="ts">
import { computed, ref } from 'vue'
import { evaluate, FIGURES, readFigure, type FigureId } from '@remigo/core'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useViewStore } from '~/stores/view'
import { useQuantities } from '~/composables/useQuantities'

/** The one way a computed number stands on the screen: digits, unit, and a press that opens its working. At the lever's speed, unless another is given; `still` leaves the press to what is around it. */
const props = defineProps<{ id: FigureId, size?: 'bench' | 'strip' | 'reading' | 'row', band?: boolean, speed?: number, still?: boolean }>()
const answer = useAnswerStore()
const document = useDocumentStore()
const view = useViewStore()
const { format } = useQuantities()
const root = ref<HTMLElement>()

const figure = computed(() => FIGURES[props.id])
const value = computed(() => readFigure(props.id, props.speed === undefined ? answer.evaluation : evaluate(document.shown, props.speed)))
const shown = computed(() => format(value.value.value, figure.value.quantity))
const low = computed(() => props.band && value.value.low !== undefined ? format(value.value.low, figure.value.quantity).text : null)
const high = computed(() => props.band && value.value.high !== undefined ? format(value.value.high, figure.value.quantity).text : null)

function open() {
  if (root.value) view.working = view.working?.anchor === root.value ? null : { id: props.id, anchor: root.value, speed: props.speed }
}
</script>

<template>
  <span v-if="still" class="figure" :class="`figure--${size ?? 'row'}`"><span class="digits">{{ shown.text }}</span><span v-if="shown.unit" class="unit">{{ shown.unit }}</span></span>
  <!-- the name is read from the content, so that the lever changes one text and nothing else -->
  <button v-else ref="root" type="button" class="figure" :class="`figure--${size ?? 'row'}`" :data-figure="id" aria-haspopup="dialog" @click.stop="open">
    <span class="visually-hidden">{{ figure.label }} </span><span class="digits">{{ shown.text }}</span><span v-if="shown.unit" class="unit">{{ shown.unit }}</span>
    <span v-if="low" class="band">{{ low }} to {{ high }}</span>
  </button>
</template>

<style scoped>
.figure { font-family: var(--figures); font-variant-numeric: tabular-nums lining-nums; font-weight: 600; text-align: left; white-space: nowrap; color: var(--text); position: relative; }
.unit { font-weight: 500; color: var(--soft); margin-left: .22em; font-size: max(12px, .6em); }
.band { font-weight: 500; color: var(--soft); font-size: 12px; margin-left: 6px; }
.figure--bench { font-size: 60px; line-height: 58px; border-bottom: 2px dotted var(--text); }
.figure--strip { font-size: 20px; line-height: 22px; }
.figure--reading { font-size: 23px; line-height: 26px; }
.figure--row { font-size: 16px; line-height: 20px; }
.figure:hover .digits { text-decoration: underline; text-decoration-thickness: 1px; text-underline-offset: 3px; }
.figure--bench:hover .digits { text-decoration: none; }
@media (pointer: coarse) { .figure--row::after, .figure--reading::after { content: ""; position: absolute; inset: -12px -8px; } }
@media (max-width: 899px) { .figure--bench { font-size: 72px; line-height: 68px; } }
</style>
