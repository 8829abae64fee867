<script setup lang="ts">
import { computed, defineAsyncComponent, ref, shallowRef, watch } from 'vue'
import { useElementSize, watchDebounced } from '@vueuse/core'
import { hullLabel, type FirstDesign, type Had, type Project, type ToldReading } from '@remigo/core'
import { benchWords } from '~/messages/benches'
import { useCompact } from '~/composables/useCompact'
import { useStages } from '~/composables/useStages'
import { whenIdle } from '~/composables/whenIdle'
import BoatSketch from './BoatSketch.vue'

const WhatTheyDo = defineAsyncComponent(() => import('~/components/use/WhatTheyDo.vue'))
const FirstFigures = defineAsyncComponent(() => import('./FirstFigures.vue'))
/** The boat as she is answered so far: drawn, with what she takes, and a first design once the hand rests. */
const props = defineProps<{
  project: Project | null
  asked: string
  design: () => Promise<FirstDesign | null>
  /** what is told of her power: another reading is another design */
  told: readonly ToldReading[]
  /** what he has: the design is made around it */
  have: readonly Had[]
}>()
const emit = defineEmits<{ sized: [design: FirstDesign | null] }>()
const words = benchWords.start
const compact = useCompact()
const box = ref<HTMLElement>()
const { width } = useElementSize(box)
/** the questions stand there first */
const { stage } = useStages()
/** an answer that makes no sense leaves the last drawing that did */
const shown = shallowRef<Project | null>(props.project)
watch(
  () => props.project,
  now => {
    if (now) shown.value = now
  },
)
const sized = shallowRef<FirstDesign | null>(null)
/** the figures are those of the answers before the last */
const behind = ref(true)
const answered = () => [props.project, props.told, props.have] as const
watch(answered, () => (behind.value = true), { flush: 'sync' })
watchDebounced(
  answered,
  () => {
    whenIdle(async () => {
      const asked = props.project,
        { told, have } = props,
        design = await props.design()
      if (asked !== props.project || told !== props.told || have !== props.have) return
      sized.value = design
      behind.value = false
      emit('sized', design)
    })
  },
  { debounce: 600, immediate: true },
)
/** how the answer that has the caret is measured */
const where = computed(() => {
  const jet = props.asked === 'greatestDiameter' && shown.value?.boat.drive.kind === 'jet'
  return jet ? words.where.impeller : ((words.where as Partial<Record<string, string>>)[props.asked] ?? '')
})
const title = computed(() => shown.value && (shown.value.name || hullLabel(shown.value.boat)))
</script>

<template>
  <section class="first" :aria-label="words.sofar" :aria-busy="behind" data-first-sketch>
    <div ref="box" class="paper">
      <BoatSketch
        v-if="shown && width && stage >= 1"
        :project="shown"
        :design="sized?.project.design"
        :width="width"
        :height="compact ? 130 : Math.min(260, 0.6 * width)"
        :asked="asked"
      />
      <VProgressLinear v-if="behind && sized" class="behind" indeterminate :aria-label="words.working" />
    </div>
    <p class="where" data-where>{{ where }}</p>
    <h2>{{ title }}</h2>
    <FirstFigures v-if="sized" :project="sized.project" :note="sized.note" />
    <WhatTheyDo v-if="!compact && sized && have.length > 0" :project="sized.project" />
    <p v-if="!sized" class="soft small">{{ words.noneYet }}</p>
  </section>
</template>

<style scoped>
.paper {
  position: relative;
  border: 1px solid var(--ink);
  background: var(--paper);
  overflow: hidden;
  min-height: 150px;
}
/* over the drawing's edge, so that nothing moves */
.paper .behind {
  position: absolute;
  inset: auto 0 0;
  width: auto;
  border-width: 1px 0 0;
}
/* two lines are kept free, so that nothing below moves as one goes from answer to answer */
.where {
  min-height: 40px;
  margin-top: 6px;
  font-size: 14.5px;
  line-height: 20px;
}
h2 {
  font: 600 22px/26px var(--figures);
  margin: 10px 0 2px;
  overflow-wrap: anywhere;
}
/* on the phone the drawing stays in sight while one answers; the rest follows on the sheet */
@media (max-width: 899px) {
  .first {
    padding-bottom: 6px;
    background: var(--paper);
    border-bottom: 1px solid var(--ink);
  }
  .paper {
    min-height: 120px;
  }
  h2,
  .soft {
    display: none;
  }
  .where {
    min-height: 34px;
    font-size: 13px;
    line-height: 17px;
  }
}
</style>
