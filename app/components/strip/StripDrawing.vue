<script setup lang="ts">
import { computed } from 'vue'
import { quantityText, type Elevation } from '@remigo/core'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useViewStore } from '~/stores/view'
import { dimensionLine } from './dimensionLine'
import BoatElevation from './BoatElevation.vue'
import DrawingPatterns from './DrawingPatterns.vue'
import { STAGES } from './stages'
import type { StripScale } from './strokesToPath'

/**
 * What stands still on the strip while the lever moves: the boat, her parts with their marks and leaders, her
 * dimensions.
 */
const props = defineProps<{
  width: number
  height: number
  scale: StripScale
  elevation: Elevation
  compact: boolean
  ribbonY: number
}>()
const answer = useAnswerStore()
const document = useDocumentStore()
const view = useViewStore()
const places = computed(() => {
  const e = props.elevation
  return {
    pack: e.pack,
    controller: e.controller,
    motor: e.motor,
    propeller: e.propeller,
    hull: { x: Math.min(e.lengthOverAll * 0.99, e.waterlineTo), z: 0 },
  }
})
const leaders = computed(() =>
  STAGES.map((stage, i) => {
    const { pixelsPerMetre: k, bowX, waterY } = props.scale
    const place = places.value[stage.part]
    const px = bowX + place.x * k,
      lift = 'height' in place ? (place.height / 2) * k : 'diameter' in place ? (place.diameter / 2) * k : 0
    const py = waterY - place.z * k - lift
    const from = ((i + 0.5) * props.width) / STAGES.length
    const knee = 26
    return {
      part: stage.part,
      x: px,
      y: py,
      path: `M${from} ${props.ribbonY + 4}V${knee - 8}L${px} ${knee + 8}V${py}`,
      mark: { x: px - 8, y: py - 20 },
    }
  }),
)
/** a short boat fills the strip: her draught is written on the other side of its line */
const roomAft = computed(() => keelX.value + 52 < props.width)
const text = computed(() => ({
  length: quantityText(document.shown.boat.lengthOverAll, 'length', view.choice),
  draught: quantityText(document.shown.boat.draught, 'length', view.choice),
}))
const keelX = computed(
  () => props.scale.bowX + (props.elevation.lengthOverAll + 0.25) * props.scale.pixelsPerMetre + 14,
)
const bottomY = computed(() => props.scale.waterY - props.elevation.bottom * props.scale.pixelsPerMetre)
</script>

<template>
  <svg :width="width" :height="height" class="still" aria-hidden="true">
    <DrawingPatterns />
    <BoatElevation :elevation="elevation" :scale="scale" :design="document.shown.design" />
    <path v-for="l in leaders" :key="l.part" :d="l.path" class="leader" />
    <circle v-for="l in leaders" :key="`${l.part}-dot`" :cx="l.x" :cy="l.y" r="2" class="dot" />
    <g v-for="l in leaders" :key="`${l.part}-mark`" :transform="`translate(${l.mark.x} ${l.mark.y})`">
      <circle cx="8" cy="8" r="10" class="disc" />
      <StateMark :state="answer.stateOf(l.part)" :size="16" />
    </g>
    <template v-if="!compact">
      <path
        :d="dimensionLine(scale.bowX, scale.bowX + elevation.lengthOverAll * scale.pixelsPerMetre, height - 11)"
        class="dimension"
      />
      <text :x="width / 2" :y="height - 6" class="dimension-text boxed" text-anchor="middle">{{ text.length }}</text>
      <path
        :d="`M${keelX} ${scale.waterY}V${bottomY}M${keelX - 4} ${scale.waterY}h8M${keelX - 4} ${bottomY}h8`"
        class="dimension"
      />
      <text
        :x="roomAft ? keelX + 5 : keelX - 7"
        :y="(scale.waterY + bottomY) / 2 + 4"
        :text-anchor="roomAft ? 'start' : 'end'"
        class="dimension-text"
      >
        {{ text.draught }}
      </text>
    </template>
  </svg>
</template>

<style scoped>
svg {
  position: absolute;
  inset: 0;
  contain: strict;
  pointer-events: none;
}
.leader {
  fill: none;
  stroke: var(--text);
  stroke-width: 0.9;
}
.dot {
  fill: var(--text);
}
.disc {
  fill: var(--hull);
}
.dimension {
  fill: none;
  stroke: var(--soft);
  stroke-width: 0.75;
}
.dimension-text {
  font: 600 14px var(--figures);
  fill: var(--text);
  paint-order: stroke;
  stroke: var(--water);
  stroke-width: 6px;
}
</style>
