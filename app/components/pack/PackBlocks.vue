<script setup lang="ts">
import { computed } from 'vue'
import { packFootprint } from '@remigo/core'
import { benchWords } from '~/messages/benches'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'

/** The cells of one string drawn side by side, to scale with each other; strings are stacked, up to four are drawn. */
const document = useDocumentStore()
const { text } = useQuantities()
const pack = computed(() => document.shown.design.pack)
const SHOWN = 4
const strings = computed(() => Math.min(SHOWN, pack.value.parallel))
/** one row up to 16 blocks, then as many rows as needed */
const real = computed(() => packFootprint(pack.value))
const columns = computed(() => real.value.columns)
const rows = computed(() => real.value.rows)
const cell = computed(() => {
  const { width, depth } = pack.value.cell
  const across = Math.min(30, 500 / columns.value)
  return { w: across, h: Math.min(70, Math.max(26, ((across * width) / Math.max(depth, 0.01)) * 0.4)) }
})
const size = computed(() => ({
  width: columns.value * cell.value.w + 4,
  height: strings.value * (rows.value * cell.value.h + 10) + 4,
}))
const cells = computed(() =>
  Array.from({ length: strings.value * pack.value.series }, (_, n) => {
    const string = Math.floor(n / pack.value.series),
      i = n % pack.value.series
    const row = Math.floor(i / columns.value),
      column = i % columns.value
    return {
      x: 2 + column * cell.value.w,
      y: 2 + string * (rows.value * cell.value.h + 10) + row * cell.value.h,
      up: i % 2 === 0,
    }
  }),
)
</script>

<template>
  <section class="block" :aria-label="benchWords.pack.build">
    <h2 class="section-head">
      {{ benchWords.pack.bank(pack.series, pack.parallel)
      }}<span
        ><FigureValue id="packLength" size="inline" /> × <FigureValue id="packWidth" size="inline" /> ×
        {{ text(real.height, 'length') }}{{ pack.parallel > SHOWN ? `, ${SHOWN} of ${pack.parallel}` : '' }}</span
      >
    </h2>
    <svg
      :viewBox="`0 0 ${size.width} ${size.height}`"
      :style="{ maxWidth: `${size.width * 1.15}px`, maxHeight: '220px' }"
      class="blocks"
      role="img"
      :aria-label="benchWords.pack.bank(pack.series, pack.parallel)"
    >
      <g v-for="(c, i) in cells" :key="i">
        <rect :x="c.x" :y="c.y" :width="cell.w" :height="cell.h" class="cell" />
        <path :d="`M${c.x} ${c.y + cell.h}L${c.x + cell.w} ${c.y}`" class="diagonal" />
        <rect
          :x="c.x + cell.w * 0.25"
          :y="c.up ? c.y + 3 : c.y + cell.h - 7"
          :width="cell.w * 0.5"
          height="4"
          class="pole"
        />
      </g>
    </svg>
  </section>
</template>

<style scoped>
.blocks {
  width: 100%;
  display: block;
}
.cell {
  fill: var(--hull);
  stroke: var(--ink);
  stroke-width: 1.25;
}
.diagonal {
  stroke: var(--ink);
  stroke-width: 0.75;
}
.pole {
  fill: var(--ink);
}
</style>
