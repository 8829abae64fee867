<script setup lang="ts">
import { computed } from 'vue'
import { bestPitch, pitchChoices } from '@remigo/core'
import { m } from '~/messages'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'

/** The propeller: in its place to scale, at the lever, and other pitches tried at a touch. */
const answer = useAnswerStore()
const document = useDocumentStore()
const { text, format } = useQuantities()
const rows = computed(() => pitchChoices(document.project))
const best = computed(() => bestPitch(document.project))
const limited = computed(() => ({ efficiency: '', shaftSpeed: m.propeller.bestHint, series: '' })[best.value.limitedBy])
function tryPitch(pitch: number) {
  document.startTrial(`pitch/${pitch}`, `${m.propeller.pitch} ${text(pitch, 'smallLength')}`, [{ path: 'design.propeller.pitch', value: pitch }])
}
</script>

<template>
  <div class="bench">
    <div class="bench__main">
      <BenchLead figure="propellerEfficiency">{{ m.propeller.lead }} {{ answer.model.interaction.basis }}</BenchLead>
      <PropellerDrawing />
      <section class="block" :aria-label="m.propeller.sizes">
        <h2 class="section-head">{{ m.propeller.sizes }}<span>{{ m.propeller.sizesHint }}</span></h2>
        <table class="table" data-pitches>
          <thead><tr><th>{{ m.propeller.pitch }}</th><th class="num">{{ m.propeller.atCruise }}</th><th class="num">rpm</th><th class="num">{{ m.propeller.limit }}</th><th /></tr></thead>
          <tbody>
            <tr v-for="row in rows" :key="row.pitch" :class="{ current: row.fitted }">
              <td class="figures">{{ text(row.pitch, 'smallLength') }}</td><td class="num">{{ text(row.cruisePower, 'electricPower') }}</td><td class="num">{{ format(row.topShaftSpeed, 'rotation').text }}</td>
              <td class="num"><StateMark :state="row.state" :size="13" /> {{ row.tightest.share > 9 ? '' : text(row.tightest.share, 'ratio') }} {{ m.limits[row.tightest.name] }}</td>
              <td class="num"><span v-if="row.fitted">{{ m.propeller.fitted }}</span><button v-else type="button" class="btn small-btn" @click="tryPitch(row.pitch)">{{ m.propeller.try }}</button></td>
            </tr>
          </tbody>
        </table>
      </section>
    </div>
    <aside class="bench__side">
      <section :aria-label="m.propeller.dims">
        <h2 class="section-head head">{{ m.propeller.dims }} <HoldPin part="propeller" /></h2>
        <div class="rows"><QuantityField path="design.propeller.diameter" /><QuantityField path="design.propeller.pitch" /><QuantityField path="design.propeller.blades" /><QuantityField path="design.propeller.areaRatio" /><QuantityField path="boat.drive.greatestDiameter" /></div>
        <button type="button" class="btn btn--best wide" data-best-pitch @click="tryPitch(best.pitch)"><span>{{ m.propeller.best }}</span><span class="price">{{ text(best.pitch, 'smallLength') }}</span></button>
        <p class="small soft">{{ limited || m.propeller.bestHint }}</p>
      </section>
      <section class="block" :aria-label="m.propeller.numbers">
        <h2 class="section-head">{{ m.propeller.numbers }}</h2>
        <FigureRow id="thrust" /><FigureRow id="propellerRpm" /><FigureRow id="deliveredPower" /><FigureRow id="slip" /><FigureRow id="areaNeeded" />
      </section>
    </aside>
  </div>
</template>

<style scoped>
.head { display: flex; align-items: center; justify-content: space-between; }
.wide { width: 100%; margin: 8px 0 4px; }
.current td { background: var(--band); }
.small-btn { min-height: 28px; padding: 0 12px; }
@media (pointer: coarse) { .small-btn { min-height: 44px; } }
.num svg { vertical-align: -1px; }
</style>
