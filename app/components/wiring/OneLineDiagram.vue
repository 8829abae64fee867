<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import Panzoom, { type PanzoomObject } from '@panzoom/panzoom'
import { findingDevice, oneLine, placeOneLine, type Severity } from '@remigo/core'
import { boardWords } from '~/messages/board'
import { sunWords } from '~/messages/sun'
import { wiringWords } from '~/messages/wiring'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useCompact } from '~/composables/useCompact'
import { useRoom } from '~/composables/useRoom'
import { useQuantities } from '~/composables/useQuantities'
import { downloadDrawing } from '~/composables/useDrawingFile'
import { fileOf } from '~/files/download'

/**
 * The one-line diagram, drawn from the document by rule. The first touch on a device chooses it, here and in the parts
 * list; the second opens its bench. On a phone it is panned and pinched like a map.
 */
const document = useDocumentStore()
const answer = useAnswerStore()
const router = useRouter()
const { fill } = useQuantities()
const chosen = defineModel<string | null>({ required: true })
const compact = useCompact()
const { on: roomy } = useRoom()
const placed = computed(() => placeOneLine(oneLine(document.shown)))
const device = computed(() => placed.value.devices.find(d => d.id === chosen.value))
const BENCH = {
  pack: boardWords.benches.pack,
  motor: boardWords.benches.motor,
  wiring: boardWords.benches.wiring,
  charging: boardWords.benches.charging,
  solar: sunWords.head,
}
const PATH = {
  pack: '/drive/pack',
  motor: '/drive/motor',
  wiring: '',
  charging: '/drive/charging',
  solar: '/days/year',
}

/** The worst of what does not fit at each device. */
const states = computed(() => {
  const worst = new Map<string, Severity>()
  for (const f of answer.findings.findings) {
    const id = findingDevice(f)
    if (id && !worst.has(id)) worst.set(id, f.severity)
  }
  return worst
})
/** what is told of the device chosen: the sentences of its findings */
const found = computed(() =>
  answer.findings.findings.filter(f => findingDevice(f) === chosen.value).map(f => fill(f.sentence)),
)
const name = (id: string) => placed.value.devices.find(d => d.id === id)?.label ?? id

function choose(id: string) {
  const path = PATH[placed.value.devices.find(d => d.id === id)!.bench]
  if (chosen.value === id && path) void router.push(path)
  else chosen.value = id
}

const frame = ref<HTMLElement>()
const bus = computed(() => placed.value.devices.find(d => d.kind === 'bus'))
const svg = ref<SVGSVGElement>()
let map: PanzoomObject | undefined
/** the whole of it in its frame */
const whole = () => (frame.value ? Math.min(1, frame.value.clientWidth / placed.value.width) : 1)
function startMap() {
  map?.destroy()
  map = undefined
  if (!svg.value || !compact.value) {
    svg.value?.removeAttribute('style')
    return
  }
  map = Panzoom(svg.value, { maxScale: 3, minScale: whole(), origin: '0 0', step: 0.35, cursor: 'grab' })
  // as high as its frame, so that it can be read; the rest lies at the right
  map.zoom(Math.min(1, frame.value!.clientHeight / placed.value.height))
  map.pan(0, 0)
}
function showWhole() {
  map?.zoom(whole())
  map?.pan(0, 0)
}
onMounted(startMap)
watch([compact, () => placed.value.width], startMap, { flush: 'post' })
onBeforeUnmount(() => map?.destroy())

const save = () => svg.value && downloadDrawing(svg.value, fileOf(document.shown, 'one-line'))
const print = () => window.print()
</script>

<template>
  <section class="block" :aria-label="wiringWords.diagram" data-one-line>
    <h2 class="section-head">
      {{ wiringWords.diagram }}<span>{{ compact ? wiringWords.mapHint : wiringWords.diagramHint }}</span>
    </h2>
    <div ref="frame" class="place" :class="{ map: compact, roomy }">
      <svg
        ref="svg"
        :viewBox="`0 0 ${placed.width} ${placed.height}`"
        :width="placed.width"
        :height="placed.height"
        role="group"
        :aria-label="`${wiringWords.diagram}, ${document.shown.name}`"
      >
        <g v-for="(w, i) in placed.wires" :key="i"><path :d="w.path" class="wire" :class="w.kind" /></g>
        <polyline
          v-if="bus"
          :points="placed.bus.map(p => `${p.x},${p.y}`).join(' ')"
          class="bus"
          :class="{ on: chosen === 'bus' }"
          tabindex="0"
          role="button"
          :aria-pressed="chosen === 'bus'"
          :aria-label="`${bus.label}: ${bus.lines.map(fill).join(', ')}`"
          data-device="bus"
          @click="choose('bus')"
          @keydown.enter.prevent="choose('bus')"
          @keydown.space.prevent="choose('bus')"
        />
        <circle v-for="(n, i) in placed.nodes" :key="`n${i}`" :cx="n.x" :cy="n.y" r="3.5" class="node" />
        <template v-for="(w, i) in placed.wires" :key="`l${i}`">
          <g
            v-if="w.label && w.labelAt"
            tabindex="0"
            role="img"
            class="cable"
            :aria-label="wiringWords.cable(name(w.from), name(w.to), fill(w.label))"
          >
            <text
              v-for="(row, k) in w.labelAt.rows === 2 ? fill(w.label).split(', ') : [fill(w.label)]"
              :key="k"
              :x="w.labelAt.x"
              :y="w.labelAt.y + 13 * k"
              text-anchor="middle"
              class="label"
              :class="{ first: k === 0 }"
            >
              {{ row }}
            </text>
          </g>
        </template>
        <DeviceBox
          v-for="d in placed.devices.filter(d => d.kind !== 'bus')"
          :key="d.id"
          :device="d"
          :on="chosen === d.id"
          :state="states.get(d.id) ?? null"
          @choose="choose(d.id)"
        />
        <LeverAmps :tags="placed.tags" />
      </svg>
    </div>
    <div class="under">
      <p v-if="device" class="told" role="status">
        <b>{{ device.label }}</b> {{ device.lines.map(fill).join(', ') }}.
        <NuxtLink v-if="device.bench !== 'wiring'" class="link" :to="PATH[device.bench]">{{
          wiringWords.open(BENCH[device.bench])
        }}</NuxtLink>
        <span v-for="sentence in found" :key="sentence" class="found">{{ sentence }}</span>
      </p>
      <p v-else class="told soft">{{ wiringWords.choose }}</p>
      <div class="tools no-print">
        <template v-if="compact">
          <VBtn :aria-label="wiringWords.larger" @click="map?.zoomIn()">+</VBtn
          ><VBtn :aria-label="wiringWords.smaller" @click="map?.zoomOut()">−</VBtn
          ><VBtn @click="showWhole">{{ wiringWords.whole }}</VBtn>
        </template>
        <VBtn data-save-svg @click="save">{{ wiringWords.svg }}</VBtn><VBtn @click="print">
          {{ wiringWords.print }}
        </VBtn>
      </div>
    </div>
  </section>
</template>

<style scoped>
.block {
  max-width: none;
}
.place {
  background: var(--sheet);
  border: 0.75px solid var(--rule);
  overflow: hidden;
}
svg {
  display: block;
}
.place:not(.map) svg {
  width: 100%;
  height: auto;
  /* whole on the screen, below strip and lead */
  max-height: max(520px, 100dvh - 480px);
  min-height: 340px;
  margin: 0 auto;
}
.place.roomy:not(.map) svg {
  max-height: calc(100dvh - 280px);
}
.map {
  height: min(62dvh, 430px);
}
.wire {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.5;
}
.wire.phase {
  stroke-width: 4;
}
.wire.ac {
  stroke-width: 1.75;
}
.wire.signal {
  stroke: var(--soft);
  stroke-width: 1.25;
  stroke-dasharray: 5 4;
}
.bus {
  fill: none;
  stroke: var(--ink);
  stroke-width: 8;
  cursor: pointer;
}
.bus.on,
.bus:focus-visible {
  outline: none;
  stroke: var(--text);
  stroke-width: 10;
}
.node {
  fill: var(--ink);
}
.label {
  font: 400 12px var(--labels);
  fill: var(--text);
  paint-order: stroke;
  stroke: var(--sheet);
  stroke-width: 4px;
}
.label.first {
  font-weight: 600;
}
.cable:focus-visible {
  outline: 2px solid var(--text);
}
.under {
  display: flex;
  gap: 16px;
  align-items: flex-start;
  justify-content: space-between;
  margin-top: 8px;
}
.told {
  min-height: 36px;
  font-size: 13.5px;
}
.found {
  display: block;
}
.tools {
  display: flex;
  gap: 6px;
  flex: none;
}
@media (max-width: 899px) {
  .under {
    flex-direction: column-reverse;
  }
}
@media print {
  [data-one-line] {
    page: drawing;
    break-inside: avoid;
  }
  .place:not(.map) svg {
    max-height: 150mm;
  }
}
</style>
