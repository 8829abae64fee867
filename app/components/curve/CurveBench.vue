<script setup lang="ts">
import { computed, ref } from 'vue'
import { curveCsv, explain, FIELDS, isMeasured, measuredOf, UNITS, type FieldPath } from '@remigo/core'
import { benchWords } from '~/messages/benches'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'
import { useEstimates } from '~/composables/useEstimates'
import { useRestingSpeed } from '~/composables/useRestingSpeed'
import { download, fileOf } from '~/files/download'
import EnergyChart from '~/components/curve/EnergyChart.vue'
import EngineChart from '~/components/curve/EngineChart.vue'
import OthersChart from '~/components/curve/OthersChart.vue'
import PartsChart from '~/components/curve/PartsChart.vue'
import PowerChart from '~/components/curve/PowerChart.vue'
import { useCurveReading, useCurveScale } from '~/components/curve/curveScale'

/**
 * The power curve: its chart in five views, in words, how sure it is, the owner's own runs; beside it the methods and
 * what moves them.
 */
const answer = useAnswerStore()
const document = useDocumentStore()
const { text, format, difference, fill } = useQuantities()
const { unit } = useCurveScale()
const reading = useCurveReading()
const hidden = ref(new Set<string>())
type ChartView = keyof typeof benchWords.curve.views
const CHARTS = { power: PowerChart, energy: EnergyChart, parts: PartsChart, engine: EngineChart, others: OthersChart }
const shown = ref<ChartView>('power')
const powerUnit = ref<'kW' | 'hp'>(unit.value === 'hp' ? 'hp' : 'kW')
const scale = ref<'linear' | 'log'>('linear')
const options = computed(() =>
  shown.value === 'power' ? { hidden: hidden.value, unit: powerUnit.value, log: scale.value === 'log' } : {},
)

const point = computed(() => answer.evaluation.point)
const corrected = computed(() => isMeasured(answer.model) && measuredOf(document.shown).posterior !== null)
/** the strength of each input takes some twenty evaluations */
const settled = useRestingSpeed()
const moves = computed(() =>
  explain('shaftPower', document.shown, settled.value)
    .sensitivities.filter(
      s => s.path !== 'design.reduction.ratio' && difference(s.higher - s.lower, 'electricPower').text !== '0',
    )
    .slice(0, 5),
)
const sentences = computed(() => reading.value.sentences.map(fill))
const file = computed(() => fileOf(document.shown, 'curve'))
const csv = () => download(`${file.value}.csv`, curveCsv(document.shown), 'text/csv')
const spread = (lower: number, higher: number) => format(Math.abs(higher - lower) / 2, 'electricPower').text
const { estimateOf } = useEstimates()
const label = (path: FieldPath) => FIELDS[path].label
</script>

<template>
  <div class="bench">
    <div class="bench__main">
      <BenchLead
        figure="shaftPower"
        :head="
          () =>
            benchWords.curve.range(
              format(point.shaftPowerLow, 'electricPower').text,
              text(point.shaftPowerHigh, 'electricPower'),
            )
        "
        >{{ benchWords.curve.lead }}</BenchLead
      >
      <ChartViews v-model="shown" :label="benchWords.curve.view" :views="benchWords.curve.views" />
      <component :is="CHARTS[shown]" v-bind="options" />
      <div class="tools">
        <ChoiceField
          v-if="shown === 'power'"
          v-model="powerUnit"
          :label="benchWords.curve.unit"
          :options="benchWords.curve.units"
        />
        <ChoiceField
          v-if="shown === 'power'"
          v-model="scale"
          :label="benchWords.curve.scale"
          :options="benchWords.curve.scales"
        />
        <div class="keep">
          <VBtn data-csv @click="csv">{{ benchWords.curve.csv }}</VBtn>
        </div>
      </div>
      <p v-if="shown === 'power'" class="small soft">
        {{ benchWords.curve.note }} <template v-if="corrected">{{ benchWords.curve.before }}</template>
      </p>
      <section class="block" :aria-label="benchWords.curve.words" data-words>
        <h2 class="section-head">{{ benchWords.curve.words }}</h2>
        <p v-for="s in sentences" :key="s" class="prose">{{ s }}</p>
      </section>
      <BoatReadings />
      <HowSure />
    </div>
    <div class="bench__side">
      <MethodsList v-model="hidden" />
      <section class="block" :aria-label="benchWords.curve.moves">
        <h2 class="section-head">
          {{ benchWords.curve.moves }}<span>{{ benchWords.curve.movesHint }}</span>
        </h2>
        <div class="rows">
          <QuantityField
            v-for="s in moves"
            :key="s.path"
            :path="s.path"
            :label="label(s.path)"
            :hint="`± ${spread(s.lower, s.higher)} ${UNITS[unit].symbol}`"
            :optional="s.path === 'boat.lengthWaterline' || s.path === 'boat.beamWaterline'"
            :estimate="estimateOf(s.path)"
          />
        </div>
      </section>
      <CurveNotes />
    </div>
  </div>
</template>

<style scoped>
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 18px;
  align-items: end;
  margin-top: 4px;
}
.keep {
  display: flex;
  gap: 6px;
  align-items: center;
  margin-left: auto;
  padding: 5px 0;
  font-size: 13.5px;
}
.prose {
  max-width: 68ch;
}
.prose + .prose {
  margin-top: 4px;
}
</style>
