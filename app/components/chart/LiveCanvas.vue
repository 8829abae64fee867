<script setup lang="ts">
import { onMounted, ref, watchEffect } from 'vue'
import { useDevicePixelRatio } from '@vueuse/core'
import { useTokens, type Tokens } from '~/composables/useTokens'

/**
 * A drawing that moves with the lever, on a canvas: a browser lays out and composes every moved element of a page anew, a canvas it only paints.
 * `paint` gets the pen in CSS pixels and the theme's colours, and is called whenever what it reads changes.
 */
const props = defineProps<{ width: number, height: number, paint: (pen: CanvasRenderingContext2D, colours: Tokens) => void }>()
const canvas = ref<HTMLCanvasElement>()
const tokens = useTokens()
const { pixelRatio } = useDevicePixelRatio()
let size = '', pen: CanvasRenderingContext2D | null | undefined
/** a canvas does not draw itself again when its typeface arrives */
const fontsIn = ref(document.fonts.status === 'loaded')
void document.fonts.ready.then(() => { fontsIn.value = true })

onMounted(() => watchEffect(() => {
  pen ??= canvas.value?.getContext('2d')
  if (!pen) return
  void fontsIn.value
  const scale = pixelRatio.value, now = [props.width, props.height, scale].join()
  if (now !== size) {
    size = now
    pen.canvas.width = Math.round(props.width * scale)
    pen.canvas.height = Math.round(props.height * scale)
    pen.scale(scale, scale)
  }
  pen.clearRect(0, 0, props.width, props.height)
  pen.save()
  props.paint(pen, tokens.value)
  pen.restore()
}, { flush: 'post' }))
</script>

<template>
  <canvas ref="canvas" :style="{ width: `${width}px`, height: `${height}px` }" />
</template>

<style scoped>
canvas { position: absolute; left: 0; top: 0; pointer-events: none; }
</style>
