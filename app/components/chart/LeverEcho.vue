<script setup lang="ts">
import { computed } from 'vue'
import { vLive } from '~/directives/live'
import { FIGURES_FONT, type Tokens } from '~/composables/useTokens'
import type { ChartMarker } from './chartTypes'
import LiveCanvas from './LiveCanvas.vue'
import { textWidth } from './textWidth'

/** Where the lever stands in a chart: its line, point, range and tag, drawn over it without drawing the chart again. */
const props = defineProps<{ at: () => ChartMarker, px: (x: number) => number, py: (y: number) => number, width: number, height: number, top: number, bottom: number, most: { x: number, y: number } }>()

const marker = computed(() => props.at())
const LINE = 20
const fontOf = (size: number) => `600 ${size}px ${FIGURES_FONT}`

/** a word in a box of its own colour, `align` telling which of its sides stands at x */
function word(pen: CanvasRenderingContext2D, text: string, box: { x: number, y: number, width: number, size: number, fill: string, ink: string, align: 'left' | 'right' | 'center' }) {
  const left = box.align === 'left' ? box.x : box.align === 'right' ? box.x - box.width : box.x - box.width / 2
  pen.fillStyle = box.fill
  pen.fillRect(left, box.y, box.width, LINE)
  pen.fillStyle = box.ink
  pen.font = fontOf(box.size)
  pen.textAlign = 'center'
  pen.textBaseline = 'middle'
  pen.fillText(text, left + box.width / 2, box.y + LINE / 2 + 1)
}

function paint(pen: CanvasRenderingContext2D, colours: Tokens) {
  const { x: along, y: up, low, high, value, tag } = marker.value
  if (along < 0 || along > props.most.x) return
  const x = props.px(along), signal = colours.signal
  pen.fillStyle = signal
  pen.fillRect(x - 1.25, props.top, 2.5, props.bottom - props.top)
  word(pen, tag, { x, y: props.bottom + 1, width: 62, size: 14, fill: signal, ink: colours['on-signal'], align: 'center' })
  if (low !== undefined && high !== undefined) {
    const above = props.py(Math.min(props.most.y, high)), below = props.py(low)
    pen.strokeStyle = signal
    pen.lineWidth = 2
    pen.stroke(new Path2D(`M${x + 12} ${above}V${below}m-4 0h8M${x + 8} ${above}h8`))
  }
  if (up > props.most.y) return
  const y = props.py(up)
  const width = textWidth(pen, fontOf(16), value) + 6, late = x + 20 + width > props.width
  word(pen, value, { x: late ? Math.max(x - 12, width) : x + 20, y: y - 22, width, size: 16, fill: colours.sheet, ink: signal, align: late ? 'right' : 'left' })
  pen.beginPath()
  pen.arc(x, y, 5.75, 0, 2 * Math.PI)
  pen.fillStyle = signal
  pen.fill()
  pen.strokeStyle = colours.sheet
  pen.lineWidth = 1.5
  pen.stroke()
}
</script>

<template>
  <LiveCanvas v-live:aria-label="() => `${marker.tag}: ${marker.value}`" class="lever-echo" role="img" :width="width" :height="height" :paint="paint" />
</template>
