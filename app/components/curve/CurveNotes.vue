<script setup lang="ts">
import { computed } from 'vue'
import { IDLE_DRAG, planingReading, propellerDrag, schoolPowers, type IdlePropeller } from '@remigo/core'
import { m } from '~/messages'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'
import { vLive } from '~/directives/live'

/** Beside the curve: what the schools of kW a tonne would fit, the propeller towed under sail, how she planes. */
const answer = useAnswerStore()
const document = useDocumentStore()
const { text, format } = useQuantities()
const schools = computed(() => schoolPowers(document.shown.boat.mass))
const sails = computed(() => document.shown.boat.hullType === 'keelYacht' || document.shown.boat.variant === 'sail')
const states = Object.keys(IDLE_DRAG) as IdlePropeller[]
const towed = (state: IdlePropeller) => {
  const { speed } = answer.evaluation.point
  const { diameter, areaRatio } = document.shown.design.propeller
  return text(propellerDrag(state, diameter, areaRatio, speed * (1 - answer.model.interaction.wakeFraction), answer.model.water.density), 'force')
}
const planing = computed(() => answer.model.form.bottom ? planingReading(answer.model, answer.evaluation.point.speed) : null)
const planes = computed(() => {
  const p = planing.value
  return p ? `${m.curve.trim} ${text(p.trim, 'angle')}, ${m.curve.porpoise} ${text(p.porpoisingTrim, 'angle')}; ${m.curve.wet} ${text(p.keelLength, 'length')}. ${m.curve.packMoved(text(p.trimForward, 'angle'), text(p.trimAft, 'angle'))}` : m.curve.noPlane
})
</script>

<template>
  <section v-if="answer.model.form.bottom" class="block" :aria-label="m.curve.planing">
    <h2 class="section-head">{{ m.curve.planing }}<span v-if="planing?.porpoises"><StateMark state="caution" :size="13" /></span></h2>
    <p v-live="() => planes" class="small" data-planing />
  </section>
  <section class="block" :aria-label="m.curve.rules">
    <h2 class="section-head">{{ m.curve.rules }}<span>{{ m.curve.rulesHint }}</span></h2>
    <p v-for="s in schools" :key="s.id" class="line"><span>{{ m.curve.schools[s.id] }}</span><span class="figures">{{ format(s.from, 'electricPower').text }}–{{ text(s.to, 'electricPower') }}</span></p>
  </section>
  <section v-if="sails" class="block" :aria-label="m.curve.idle">
    <h2 class="section-head">{{ m.curve.idle }}</h2>
    <p v-for="s in states" :key="s" class="line"><span>{{ m.curve.idleStates[s] }}</span><span v-live="() => towed(s)" class="figures" /></p>
  </section>
</template>

<style scoped>
.line { display: flex; justify-content: space-between; gap: 8px; align-items: center; min-height: 28px; border-top: .75px solid var(--rule); font-size: 13.5px; }
</style>
