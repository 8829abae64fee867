<script setup lang="ts">
import { computed } from 'vue'
import { FUSE_MARGIN, wiringReport } from '@remigo/core'
import { f } from '~/messages/storage'
import { useAnswerStore } from '~/stores/answer'
import { useQuantities } from '~/composables/useQuantities'

/** Everything that the pack's amps pass through, and what each lets through all day. */
const answer = useAnswerStore()
const { text } = useQuantities()
const report = computed(() => wiringReport(answer.model))
const links = computed(() => [
  { label: f.links.cells, amps: answer.model.pack.current }, { label: f.links.guard, amps: report.value.bmsCurrent }, { label: f.links.contactor, amps: report.value.contactor.current },
  ...(report.value.fuse ? [{ label: f.links.fuse, amps: report.value.fuse.rating / FUSE_MARGIN }] : []), { label: f.links.cable, amps: report.value.main.ampacity },
])
const weakest = computed(() => Math.min(...links.value.map(l => l.amps)))
</script>

<template>
  <section class="block" :aria-label="f.chain" data-chain>
    <h2 class="section-head">{{ f.chain }}<span>{{ f.chainHint }}</span></h2>
    <FigureRow id="wiringCurrent" />
    <ul><li v-for="l in links" :key="l.label" :class="{ weakest: l.amps === weakest }"><span>{{ l.label }}</span><span class="figures">{{ text(l.amps, 'current') }}</span><StateMark :state="l.amps < report.current ? 'stop' : 'fits'" :size="13" /></li></ul>
  </section>
</template>

<style scoped>
li { display: grid; grid-template-columns: 1fr auto 16px; gap: 8px; align-items: center; min-height: 28px; border-top: .75px solid var(--rule); font-size: 13.5px; }
.weakest { background: var(--band); }
</style>
