<script setup lang="ts">
import { computed } from 'vue'
import { FIELDS, HULL_TYPES, type FieldPath } from '@remigo/core'
import { m } from '~/messages'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'

/** What the boat is: hull, drive line, old engine; what is estimated, and what follows. */
const answer = useAnswerStore()
const document = useDocumentStore()
const { text } = useQuantities()
const boat = computed(() => document.shown.boat)
const payoff = computed(() => answer.summary.payoff)
const lead = computed(() => {
  const power = text(payoff.value.effectivePower, 'electricPower')
  return payoff.value.reason === 'steep' ? m.boat.leadSteep(power) : m.boat.leadHull(power)
})
const estimates = computed(() => answer.evaluation.model.form.estimates.map((e) => {
  const path = `boat.${e.field}` as FieldPath
  return { path, value: `${text(e.value, FIELDS[path].quantity)} ± ${Math.round(e.spread * 100)} %`, basis: e.basis }
}))
const estimateOf = (path: FieldPath) => estimates.value.find(e => e.path === path)?.value
const engine = computed(() => {
  const { ratedPower } = boat.value.oldEngine
  if (!ratedPower) return m.boat.noEngine
  return m.boat.oldEngine(text(ratedPower, 'power'), text(answer.summary.cruise.drive.shaftPower / ratedPower, 'ratio'))
})
const types = Object.fromEntries(HULL_TYPES.map(t => [t.id, t.label])) as Record<string, string>
const set = (label: string, path: string, value: unknown) => document.edit(label, [{ path, value }])
</script>

<template>
  <div class="bench">
    <div class="bench__main">
      <BenchLead figure="payoffSpeed" :head="m.boat.leadHead(text(answer.summary.hullSpeed, 'speed'))">{{ lead }}</BenchLead>
      <p v-if="document.shown.story" class="story prose">{{ document.shown.story }}</p>
      <div class="columns">
        <section class="block" :aria-label="m.boat.dimensions">
          <h2 class="section-head">{{ m.boat.dimensions }}</h2>
          <ChoiceField :label="m.boat.hullType" :options="types" :model-value="boat.hullType" @update:model-value="set(m.boat.hullType, 'boat.hullType', $event)" />
          <div class="rows">
            <QuantityField path="boat.lengthOverAll" /><QuantityField path="boat.lengthWaterline" optional :estimate="estimateOf('boat.lengthWaterline')" />
            <QuantityField path="boat.beam" /><QuantityField path="boat.beamWaterline" optional :estimate="estimateOf('boat.beamWaterline')" />
            <QuantityField path="boat.draught" /><QuantityField path="boat.mass" /><QuantityField path="boat.massUncertainty" />
          </div>
          <ChoiceField v-if="boat.hullType === 'keelYacht'" :label="m.boat.keel" :options="m.boat.keels" :model-value="boat.keel" @update:model-value="set(m.boat.keel, 'boat.keel', $event)" />
        </section>
        <div>
          <section class="block" :aria-label="m.boat.drive">
            <h2 class="section-head">{{ m.boat.drive }}</h2>
            <ChoiceField :label="m.boat.driveKind" :options="m.boat.drives" :model-value="boat.drive.kind" @update:model-value="set(m.boat.driveKind, 'boat.drive.kind', $event)" />
            <div class="rows">
              <QuantityField v-if="boat.drive.kind === 'sailDrive'" path="boat.drive.legRatio" />
              <QuantityField path="boat.drive.greatestDiameter" /><QuantityField path="boat.drive.shaftDepth" />
            </div>
          </section>
          <section class="block" :aria-label="m.boat.engine">
            <h2 class="section-head">{{ m.boat.engine }}</h2>
            <div class="rows"><QuantityField path="boat.oldEngine.ratedPower" /><QuantityField path="boat.oldEngine.mass" /></div>
            <p class="prose soft">{{ engine }}</p>
          </section>
          <section class="block" :aria-label="m.boat.water">
            <ChoiceField :label="m.boat.water" :options="m.boat.waters" :model-value="boat.water" @update:model-value="set(m.boat.water, 'boat.water', $event)" />
            <div class="rows"><QuantityField path="boat.waterTemperature" /></div>
          </section>
        </div>
      </div>
    </div>
    <aside class="bench__side">
      <NuxtLink to="/start" class="btn btn--best start" data-start>{{ m.boat.start }}</NuxtLink>
      <section class="block" :aria-label="m.boat.derived">
        <h2 class="section-head">{{ m.boat.derived }}</h2>
        <FigureRow id="hullSpeed" /><FigureRow id="displacedVolume" /><FigureRow id="wettedSurface" /><FigureRow id="waveLength" /><FigureRow id="froude" />
      </section>
      <section class="block" :aria-label="m.boat.estimates">
        <h2 class="section-head">{{ m.boat.estimates }}</h2>
        <p class="small soft">{{ m.boat.estimatesHint }}</p>
        <div class="rows">
          <QuantityField path="boat.prismatic" optional :estimate="estimateOf('boat.prismatic')" /><QuantityField path="boat.midship" optional :estimate="estimateOf('boat.midship')" hint="" />
          <QuantityField path="boat.waterplane" optional :estimate="estimateOf('boat.waterplane')" /><QuantityField path="boat.lcb" optional :estimate="estimateOf('boat.lcb')" />
        </div>
      </section>
    </aside>
  </div>
</template>

<style scoped>
.story { max-width: 64ch; border-left: 2px solid var(--ink); padding-left: 12px; }
.start { width: 100%; }
</style>
