<script setup lang="ts">
import { computed } from 'vue'
import type { Elevation, PlacedBox, Project } from '@remigo/core'
import { strokesToPath, type StripScale } from './strokesToPath'

/** The drawn boat: water is behind it, leaders and marks come on top. */
const props = defineProps<{
  elevation: Elevation
  scale: StripScale
  /** parts of it that are still to be found are dashed */
  design?: Project['design'] | null | undefined
}>()
const path = (line: Parameters<typeof strokesToPath>[0] | null) => (line ? strokesToPath(line, props.scale) : '')

const box = (part: PlacedBox, least: number) => {
  const k = props.scale.pixelsPerMetre
  const width = Math.max(least, part.width * k),
    height = Math.max(least * 0.62, part.height * k)
  return {
    width,
    height,
    x: -width / 2,
    y: -height / 2,
    at: `translate(${props.scale.bowX + part.x * k} ${props.scale.waterY - part.z * k}) rotate(${part.tilt ?? 0})`,
  }
}
const pack = computed(() => box(props.elevation.pack, 30))
const controller = computed(() => box(props.elevation.controller, 15))
const motor = computed(() => box(props.elevation.motor, 22))
const wheel = computed(() => {
  const { x, z, diameter } = props.elevation.propeller
  const k = props.scale.pixelsPerMetre,
    r = Math.max(7, (diameter / 2) * k)
  const cx = props.scale.bowX + x * k,
    cy = props.scale.waterY - z * k
  return (
    `M${cx - 2} ${cy}C${cx - 4} ${cy - r * 0.6} ${cx - 1} ${cy - r} ${cx + 1} ${cy - r}C${cx + 4} ${cy - r} ` +
    `${cx + 3} ${cy - r * 0.4} ${cx + 2} ${cy}C${cx + 3} ${cy + r * 0.4} ${cx + 4} ${cy + r} ${cx + 1} ` +
    `${cy + r}C${cx - 1} ${cy + r} ${cx - 4} ${cy + r * 0.6} ${cx - 2} ${cy}Z`
  )
})
const cable = computed(() => {
  const k = props.scale.pixelsPerMetre
  const p = (part: PlacedBox) => [props.scale.bowX + part.x * k, props.scale.waterY - part.z * k] as const
  const [px, py] = p(props.elevation.pack),
    [cx, cy] = p(props.elevation.controller),
    [mx, my] = p(props.elevation.motor)
  return `M${px} ${py}H${cx}V${cy}M${cx} ${cy}H${mx}V${my}`
})
</script>

<template>
  <g>
    <path :d="path(elevation.keel)" class="body" />
    <path v-if="elevation.ballast" :d="path(elevation.ballast)" class="ballast" />
    <path :d="path(elevation.rudder)" class="body" />
    <path v-if="elevation.roof" :d="path(elevation.roof)" class="body roof" />
    <path v-if="elevation.mast" :d="path(elevation.mast)" class="line" />
    <path :d="path(elevation.hull)" class="body hull" />
    <path v-for="(line, i) in elevation.deck" :key="i" :d="path(line)" class="line hidden" />
    <path v-for="(line, i) in elevation.windows" :key="`w${i}`" :d="path(line)" class="window" />
    <path :d="cable" class="cable" />
    <path :d="path(elevation.shaft)" class="shaft" />
    <path :d="wheel" class="wheel" />
    <g :transform="pack.at"
      ><rect
        v-bind="{ x: pack.x, y: pack.y, width: pack.width, height: pack.height }"
        class="part"
        :class="{ find: design?.pack.cell.standIn }" /><rect
        v-bind="{ x: pack.x, y: pack.y, width: pack.width, height: pack.height }"
        fill="url(#cells)"
    /></g>
    <g :transform="controller.at"
      ><rect
        v-bind="{ x: controller.x, y: controller.y, width: controller.width, height: controller.height }"
        class="part"
        :class="{ find: design?.controller.standIn }" /><rect
        v-bind="{ x: controller.x, y: controller.y, width: controller.width, height: controller.height }"
        fill="url(#ribs)"
    /></g>
    <g :transform="motor.at">
      <rect
        v-bind="{ x: motor.x, y: motor.y, width: motor.width, height: motor.height }"
        class="part"
        :class="{ find: design?.motor.standIn }"
      />
      <rect v-bind="{ x: motor.x, y: motor.y, width: motor.width, height: motor.height }" fill="url(#ribs)" />
      <path :d="`M${motor.x} 0h${motor.width}`" class="line" />
    </g>
  </g>
</template>

<style scoped>
.body {
  fill: var(--hull);
  stroke: var(--ink);
  stroke-width: 1.5;
  stroke-linejoin: round;
}
.hull {
  stroke-width: 1.75;
}
.ballast {
  fill: url(#ballast);
  stroke: var(--ink);
  stroke-width: 1;
}
.line {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.25;
}
.hidden {
  stroke-width: 0.75;
}
.window {
  fill: var(--water);
  stroke: var(--ink);
  stroke-width: 1;
}
.find {
  stroke-dasharray: 4 3;
}
.part {
  fill: var(--hull);
  stroke: var(--ink);
  stroke-width: 1.5;
}
.cable {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}
.shaft {
  fill: none;
  stroke: var(--ink);
  stroke-width: 3;
}
.wheel {
  fill: var(--ink);
}
</style>
