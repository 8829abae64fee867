<script setup lang="ts">
import { computed } from 'vue'
import { mdiClose } from '@mdi/js'
import { COMPARTMENT, packIntoCompartments, type Compartment, edit } from '@remigo/core'
import { packWords } from '~/messages/pack'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'

/** Spaces measured in the boat, and the pack's blocks drawn where they fit, to scale, seen from above. */
const document = useDocumentStore()
const { text } = useQuantities()
const spaces = computed(() => document.shown.boat.compartments)
const pack = computed(() => document.shown.design.pack)
const fit = computed(() =>
  packIntoCompartments(pack.value.cell, pack.value.series, pack.value.series * pack.value.parallel, spaces.value),
)
const SIZES = [
  ['length', packWords.length],
  ['width', packWords.width],
  ['height', packWords.height],
  ['clearance', packWords.clearance],
  ['along', packWords.along],
] as const
const keep = (what: string, value: Compartment[]) => document.edit(what, [edit('boat.compartments', value)])
const change = (i: number, of: Partial<Compartment>) =>
  keep(
    packWords.name,
    spaces.value.map((c, j) => (j === i ? { ...c, ...of } : c)),
  )
/** a first guess just large enough for the whole pack in one layer */
function add() {
  const { cell, series, parallel } = pack.value,
    columns = Math.min(16, series)
  const up = (v: number) => Math.min(6, Math.ceil(v * 20) / 20)
  keep(packWords.add, [
    ...spaces.value,
    {
      name: packWords.newSpace(spaces.value.length + 1),
      length: up(columns * cell.depth + 0.06),
      width: up(Math.ceil(series / columns) * parallel * cell.width + 0.06),
      height: up(cell.height + 0.1),
      clearance: 0.02,
      along: null,
    },
  ])
}
/** one scale for all drawings: the longest space fills the width */
const longest = computed(() => Math.max(0.1, ...spaces.value.map(c => c.length)))
const WIDE = 560
const drawings = computed(() =>
  fit.value.compartments.map(c => {
    const k = WIDE / longest.value
    return {
      ...c,
      k,
      w: c.compartment.length * k,
      h: c.compartment.width * k,
      top: c.blocks.filter(b => b.layer === 0),
    }
  }),
)
const HATCH = ['band', 'hull', 'desk', 'sheet']
</script>

<template>
  <section class="block" :aria-label="packWords.room" data-room>
    <h2 class="section-head">
      {{ packWords.room }}<span>{{ packWords.roomHint }}</span>
    </h2>
    <p v-if="spaces.length === 0" class="prose">{{ packWords.noRoom }}</p>
    <div v-for="(space, i) in spaces" :key="i" class="space">
      <div class="sizes">
        <WordField
          class="name"
          :label="packWords.name"
          :value="space.name"
          :most="40"
          @change="$event && change(i, { name: $event })"
        />
        <div v-for="[key, label] in SIZES" :key="key" class="size">
          <span class="soft" aria-hidden="true">{{ label }}</span><UnitInput
            bare
            :label="`${space.name}: ${label}`"
            :field="COMPARTMENT.fields[key]"
            :value="space[key]"
            @change="change(i, { [key]: $event })"
          />
        </div>
        <VBtn
          icon
          variant="plain"
          :aria-label="packWords.remove(space.name)"
          @click="
            keep(
              packWords.remove(space.name),
              spaces.filter((_, j) => j !== i),
            )
          "
        >
          <svg width="18" height="18" viewBox="0 0 24 24" aria-hidden="true">
            <path :d="mdiClose" fill="currentColor" />
          </svg>
        </VBtn>
      </div>
      <svg
        :viewBox="`0 0 ${WIDE + 2} ${drawings[i]!.h + 2}`"
        class="plan"
        role="img"
        :aria-label="`${space.name}: ${packWords.roomHolds(drawings[i]!.room)}`"
      >
        <rect x="1" y="1" :width="drawings[i]!.w" :height="drawings[i]!.h" class="wall" />
        <template v-for="(b, n) in drawings[i]!.top" :key="n">
          <rect
            :x="1 + b.x * drawings[i]!.k"
            :y="1 + b.y * drawings[i]!.k"
            :width="drawings[i]!.blockLength * drawings[i]!.k"
            :height="drawings[i]!.blockWidth * drawings[i]!.k"
            class="cell"
            :style="{ fill: `var(--${HATCH[b.string % HATCH.length]})` }"
          />
        </template>
      </svg>
      <p class="small soft">
        {{ text(space.length, 'length') }} × {{ text(space.width, 'length') }} × {{ text(space.height, 'length') }},
        {{ packWords.roomHolds(drawings[i]!.room) }}{{ packWords.layers(drawings[i]!.layers) }}. {{ packWords.seen }}
      </p>
    </div>
    <div class="below">
      <VBtn data-add-space @click="add">
        {{ packWords.add }}
      </VBtn>
      <p v-if="spaces.length" role="status" class="prose figures">
        {{ packWords.placed(fit.placed, fit.placed + fit.left) }}
      </p>
    </div>
    <p class="small soft">{{ packWords.roomCaution }}</p>
  </section>
</template>

<style scoped>
.space {
  border-top: 0.75px solid var(--rule);
  padding: 8px 0;
}
.sizes {
  display: grid;
  grid-template-columns: repeat(5, minmax(64px, 1fr)) auto;
  gap: 4px 8px;
  align-items: end;
}
.name {
  grid-column: 1 / -1;
}
.sizes .soft {
  display: block;
  font-size: 12px;
  line-height: 15px;
}
.size :deep(.unit-input) {
  min-height: 0;
}
.size :deep(.bare) {
  grid-template-columns: minmax(0, 1fr);
}
.plan {
  display: block;
  width: 100%;
  max-width: 640px;
  max-height: 300px;
  margin: 8px 0 2px;
}
.wall {
  fill: var(--water);
  stroke: var(--ink);
  stroke-width: 2;
}
.cell {
  stroke: var(--ink);
  stroke-width: 1;
}
.below {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
  margin: 8px 0;
}
@media (max-width: 560px) {
  .sizes {
    grid-template-columns: repeat(2, 1fr);
  }
  .name {
    grid-column: 1 / -1;
  }
}
</style>
