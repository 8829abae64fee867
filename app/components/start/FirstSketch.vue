<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { useElementSize, watchDebounced } from '@vueuse/core'
import { designPrice, doubtShares, evaluate, hullLabel, type Project } from '@remigo/core'
import { benchWords } from '~/messages/benches'
import { useQuantities } from '~/composables/useQuantities'
import { whenIdle } from '~/composables/whenIdle'
import BoatSketch from './BoatSketch.vue'

/** The boat as she is answered so far: drawn, with what she takes, and a first design once the hand rests. */
const props = defineProps<{ project: Project | null; asked: string; design: () => Project | null }>()
const words = benchWords.start
const { text } = useQuantities()
const box = ref<HTMLElement>()
const { width } = useElementSize(box)
/** an answer that makes no sense leaves the last drawing that did */
const shown = shallowRef<Project | null>(props.project)
watch(
  () => props.project,
  now => {
    if (now) shown.value = now
  },
)
const sized = shallowRef<Project | null>(null)
watchDebounced(
  () => props.project,
  () => {
    whenIdle(() => {
      sized.value = props.design()
    })
  },
  { debounce: 600, immediate: true },
)
const now = computed(() => {
  if (!shown.value) return null
  const e = evaluate(shown.value, shown.value.use.cruiseSpeed)
  return {
    title: shown.value.name || hullLabel(shown.value.boat),
    takes: words.takes(
      text(e.point.speed, 'speed'),
      text(e.point.drive.packPower, 'electricPower'),
      text(e.point.packPowerLow, 'electricPower'),
      text(e.point.packPowerHigh, 'electricPower'),
    ),
    matters: doubtShares(e.point.resistance)[0] ?? null,
  }
})
const first = computed(() => {
  if (!sized.value) return null
  const { design } = sized.value
  const e = evaluate(sized.value, sized.value.use.cruiseSpeed)
  return [
    [words.fits, (design.wholeDrive ?? design.motor).name],
    [words.pack, `${text(e.model.pack.energy, 'energy')}, ${text(e.model.pack.nominalVoltage, 'voltage')}`],
    [words.lasts, text(e.cruise.timeLeft, 'duration')],
    [words.costs, text(designPrice(e.model), 'price')],
  ] as const
})
</script>

<template>
  <section class="first" :aria-label="words.sofar" data-first-sketch>
    <div ref="box" class="paper">
      <BoatSketch
        v-if="shown && width"
        :project="shown"
        :width="width"
        :height="Math.min(260, 0.6 * width)"
        :asked="asked"
      />
    </div>
    <template v-if="now">
      <h2>{{ now.title }}</h2>
      <p class="prose">{{ now.takes }}</p>
      <p v-if="now.matters" class="prose soft">{{ words.matters(now.matters.label, now.matters.advice) }}</p>
    </template>
    <dl v-if="first">
      <template v-for="[label, value] in first" :key="label"
        ><dt>{{ label }}</dt>
        <dd class="figures">{{ value }}</dd></template
      >
    </dl>
    <p v-else class="soft small">{{ words.noneYet }}</p>
  </section>
</template>

<style scoped>
.paper {
  border: 1px solid var(--ink);
  background: var(--paper);
  overflow: hidden;
  min-height: 150px;
}
h2 {
  font: 600 22px/26px var(--figures);
  margin: 10px 0 2px;
  overflow-wrap: anywhere;
}
dl {
  display: grid;
  grid-template-columns: max-content minmax(0, 1fr);
  gap: 0 16px;
  margin-top: 10px;
}
dt,
dd {
  padding: 5px 0;
  border-bottom: 0.75px solid var(--rule);
  font-size: 14.5px;
}
dd {
  text-align: right;
  overflow-wrap: anywhere;
}
</style>
