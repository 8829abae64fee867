<script setup lang="ts">
import { computed, ref } from 'vue'
import { useElementSize } from '@vueuse/core'
import { DEVICE_BOX, NARROW_BOX, oneLine, placeOneLine } from '@remigo/core'
import { boardWords } from '~/messages/board'
import { sunWords } from '~/messages/sun'
import { wiringWords } from '~/messages/wiring'
import { useDocumentStore } from '~/stores/document'
import { useCompact } from '~/composables/useCompact'
import { useQuantities } from '~/composables/useQuantities'
import { download } from '~/composables/useBoatFiles'
import { deviceRows } from './deviceRows'
import OneLinePaths from './OneLinePaths.vue'

/** The one-line diagram, drawn from the document. The device chosen is shared with the parts list. */
const document = useDocumentStore()
const { fill } = useQuantities()
const chosen = defineModel<string | null>({ required: true })
const diagram = computed(() => oneLine(document.shown))
const frame = ref<HTMLElement>()
const { width } = useElementSize(frame)
const compact = useCompact()
/** with usual boxes, or with narrow ones where that would be wider than its place */
const usual = computed(() => placeOneLine(diagram.value))
const narrow = computed(() => width.value > 0 && usual.value.width > width.value)
const box = computed(() => (narrow.value ? NARROW_BOX : DEVICE_BOX))
const placed = computed(() => (narrow.value ? placeOneLine(diagram.value, NARROW_BOX) : usual.value))
const device = computed(() => placed.value.devices.find(d => d.id === chosen.value))
const svg = ref<SVGSVGElement>()
/** a label that would run out of the drawing stands left of its wire */
const LABEL_WIDTH = 96
const outside = (x: number) => x > placed.value.width - LABEL_WIDTH
const BENCH = {
  pack: boardWords.benches.pack,
  motor: boardWords.benches.motor,
  wiring: boardWords.benches.wiring,
  charging: boardWords.benches.charging,
  solar: sunWords.head,
}

/** The picture as a file: colours are written into it, since it leaves the page's style behind. */
function save() {
  const source = svg.value
  if (!source) return
  const copy = source.cloneNode(true) as SVGSVGElement
  const from = [source, ...source.querySelectorAll('*')],
    to = [copy, ...copy.querySelectorAll('*')]
  from.forEach((element, i) => {
    const style = getComputedStyle(element)
    for (const key of ['fill', 'stroke', 'stroke-width', 'stroke-dasharray', 'paint-order', 'font', 'color'])
      (to[i] as SVGElement).style.setProperty(key, style.getPropertyValue(key))
  })
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg')
  download(
    `${document.shown.name.toLowerCase()}-one-line.svg`,
    new XMLSerializer().serializeToString(copy),
    'image/svg+xml',
  )
}
const print = () => window.print()
</script>

<template>
  <section class="block" :aria-label="wiringWords.diagram" data-one-line>
    <h2 class="section-head">
      {{ wiringWords.diagram }}<span>{{ wiringWords.diagramHint }}</span>
    </h2>
    <OneLinePaths v-if="compact" v-model="chosen" :diagram="diagram" />
    <div v-else class="place">
      <div ref="frame">
        <svg
          ref="svg"
          :viewBox="`0 0 ${placed.width} ${placed.height}`"
          :width="placed.width"
          :height="placed.height"
          role="group"
          :aria-label="`${wiringWords.diagram}, ${document.shown.name}`"
        >
          <g v-for="(w, i) in placed.wires" :key="i"><path :d="w.path" class="wire" :class="w.kind" /></g>
          <g
            v-for="d in placed.devices"
            :key="d.id"
            class="device"
            :class="{ on: chosen === d.id }"
            :transform="`translate(${d.x - box.width / 2} ${d.y - box.height / 2})`"
            tabindex="0"
            role="button"
            :aria-pressed="chosen === d.id"
            :aria-label="`${d.label}: ${d.lines.map(fill).join(', ')}`"
            :data-device="d.id"
            @click="chosen = d.id"
            @keydown.enter.prevent="chosen = d.id"
            @keydown.space.prevent="chosen = d.id"
          >
            <rect :width="box.width" :height="box.height" class="box" />
            <g transform="translate(5 4)"><DeviceSymbol :kind="d.kind" /></g>
            <text
              v-for="(row, i) in narrow ? deviceRows([d.label], 11, 2) : [d.label]"
              :key="`n${i}`"
              x="35"
              :y="(narrow ? 17 : 22) + 14 * i"
              class="name"
            >
              {{ row }}
            </text>
            <text
              v-for="(row, i) in deviceRows(d.lines.map(fill), narrow ? 18 : 23, narrow ? 4 : 3)"
              :key="i"
              :x="8"
              :y="(narrow ? 50 : 41) + 13 * i"
              class="line"
            >
              {{ row }}
            </text>
          </g>
          <template v-for="(w, i) in placed.wires" :key="`l${i}`">
            <text
              v-if="w.label"
              :x="w.labelAt.x + (outside(w.labelAt.x) ? -6 : 6)"
              :y="w.labelAt.y + 4"
              :text-anchor="outside(w.labelAt.x) ? 'end' : 'start'"
              class="label"
            >
              {{ fill(w.label) }}
            </text>
          </template>
        </svg>
      </div>
    </div>
    <p v-if="!compact" class="small key"><i /> {{ wiringWords.power }} <i class="signal" /> {{ wiringWords.signal }}</p>
    <p v-if="device" class="told" role="status">
      <b>{{ device.label }}</b> {{ device.lines.map(fill).join(', ') }}.
      <NuxtLink v-if="device.bench !== 'wiring'" class="link" :to="`/${device.bench}`">{{
        wiringWords.open(BENCH[device.bench])
      }}</NuxtLink>
    </p>
    <p v-else class="told soft">{{ wiringWords.choose }}</p>
    <div class="tools no-print">
      <button v-if="!compact" type="button" class="btn" data-save-svg @click="save">
        {{ wiringWords.svg }}</button><button type="button" class="btn" @click="print">
        {{ wiringWords.print }}
      </button>
    </div>
  </section>
</template>

<style scoped>
.place {
  background: var(--sheet);
  border: 0.75px solid var(--rule);
  padding: 6px;
}
svg {
  display: block;
  max-width: 100%;
  height: auto;
  margin: 0 auto;
}
.box {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.25;
}
.device {
  cursor: pointer;
  color: var(--ink);
}
.device:hover .box {
  fill: var(--desk);
}
.device.on .box {
  fill: var(--band);
  stroke-width: 2.5;
}
.device:focus-visible {
  outline: none;
}
.device:focus-visible .box {
  stroke: var(--text);
  stroke-width: 3;
}
.name {
  font: 600 13px var(--labels);
  fill: var(--text);
}
.line,
.label {
  font: 400 12px var(--labels);
  fill: var(--text);
}
.label {
  paint-order: stroke;
  stroke: var(--sheet);
  stroke-width: 5px;
}
.wire {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.5;
}
.wire.phase {
  stroke-width: 4;
}
.wire.signal {
  stroke: var(--soft);
  stroke-width: 1.25;
  stroke-dasharray: 5 4;
}
.key {
  display: flex;
  gap: 6px;
  align-items: center;
  margin: 4px 0;
}
.key i {
  width: 26px;
  border-top: 2.5px solid var(--ink);
}
.key .signal {
  border-top: 1.25px dashed var(--soft);
  margin-left: 10px;
}
.told {
  min-height: 36px;
  font-size: 13.5px;
}
.tools {
  display: flex;
  gap: 6px;
}
</style>
