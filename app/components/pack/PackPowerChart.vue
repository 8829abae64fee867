<script setup lang="ts">
import { computed, ref } from 'vue'
import { coldSteps, packPower, withEdits, edit } from '@remigo/core'
import { packWords } from '~/messages/pack'
import { chargingWords } from '~/messages/charging'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'
import type { ChartCurve } from '~/components/chart/chartTypes'

/**
 * What the pack gives, and how far it sags, from empty to full, warm and cold; and what charging is allowed in the
 * cold.
 */
const answer = useAnswerStore()
const document = useDocumentStore()
const { text } = useQuantities()
const shown = ref<keyof typeof packWords.charts>('limit')
const rating = ref<'allDay' | 'minutes'>('minutes')
const TEMPERATURES = [263.15, 273.15, 283.15, 298.15]
const COLUMNS = ['coldPowerHalf', 'coldSagHalf', 'coldPowerLow', 'coldSagLow'] as const
const DASH = ['dot', 'dash', 'longdash', 'solid'] as const
const CHARGES = Array.from({ length: 41 }, (_, i) => i / 40)
const design = computed(() => document.shown.design)
/** steps of a tenth of a kilowatt, so that the curves do not follow every twitch of the lever */
const asked = computed(() => Math.round(answer.evaluation.point.drive.packPower / 100) * 100)
const least = computed(() => Math.max(design.value.controller.leastVoltage, design.value.motor.leastVoltage))
const at = (charge: number, temperature: number) =>
  packPower(
    design.value.pack,
    { power: asked.value, leastVoltage: least.value, which: rating.value },
    charge,
    temperature,
    design.value.banks,
  )
const lines = computed(() => TEMPERATURES.map(t => ({ t, points: CHARGES.map(charge => at(charge, t)) })))
const curves = computed<ChartCurve[]>(() =>
  lines.value.map(({ t, points }, i) => ({
    name: text(t, 'temperature'),
    x: CHARGES.map(x => 100 * x),
    y: points.map(p => (shown.value === 'limit' ? p.power / 1000 : p.loaded)),
    dash: DASH[i]!,
    width: i === 3 ? 2.6 : 1.6,
  })),
)
const axes = computed(() => {
  const all = curves.value.flatMap(k => k.y).filter((y): y is number => y !== null)
  const limit = shown.value === 'limit'
  const low = Math.min(least.value, ...all),
    high = Math.max(least.value, ...all, limit ? asked.value / 1000 : 0)
  return {
    x: { title: packWords.charge, unit: '%', from: 0, to: 100 },
    y: limit
      ? { title: packWords.kilowatts, unit: 'kW', from: 0, to: 1.1 * Math.max(0.1, high) }
      : { title: packWords.volts, unit: 'V', from: Math.max(0, low - 0.05 * high), to: 1.03 * high },
  }
})
const across = computed(() => [
  shown.value === 'limit'
    ? { at: asked.value / 1000, label: packWords.asked, dash: 'dash' as const }
    : { at: least.value, label: packWords.least, dash: 'dash' as const },
])
/** the boat with cells as cold as that: what its figures are worked out on */
const colder = (temperature: number) => withEdits(document.shown, [edit('design.charging.coldest', temperature)])
/** the power asked is more than it gives: then no sag is told */
const cannot = (t: number, charge: number) =>
  packPower(
    design.value.pack,
    { power: answer.evaluation.point.drive.packPower, leastVoltage: least.value, which: 'minutes' },
    charge,
    t,
    design.value.banks,
  ).loaded === null
const table = computed(() =>
  TEMPERATURES.map(t => ({
    t,
    of: colder(t),
    never: { coldSagHalf: cannot(t, 0.5), coldSagLow: cannot(t, 0.2) } as Partial<
      Record<(typeof COLUMNS)[number], boolean>
    >,
  })),
)
const steps = computed(() => coldSteps(document.shown).map(step => ({ ...step, of: colder(step.temperature) })))
</script>

<template>
  <section class="block" :aria-label="packWords.power" data-pack-power>
    <ChartViews v-model="shown" :label="packWords.chart" :views="packWords.charts" />
    <ChartKey :curves="curves" />
    <PlotChart :label="packWords.power" :curves="curves" :height="290" :x="axes.x" :y="axes.y" :across="across" />
    <div class="rating">
      <ChoiceField
        :label="packWords.rating"
        :options="{ minutes: packWords.minutes, allDay: packWords.allDay }"
        :model-value="rating"
        @update:model-value="rating = $event"
      />
    </div>
    <VTable>
      <thead>
        <tr>
          <th>{{ packWords.warmth }}</th>
          <th class="num">{{ packWords.capacity }}</th>
          <th class="num">50 %: {{ packWords.gives }}</th>
          <th class="num">{{ packWords.sags }}</th>
          <th class="num">20 %: {{ packWords.gives }}</th>
          <th class="num">{{ packWords.sags }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in table" :key="r.t">
          <td class="figures">{{ text(r.t, 'temperature') }}</td>
          <td class="num"><FigureValue id="coldCapacity" :of="r.of" /></td>
          <td v-for="id in COLUMNS" :key="id" class="num">
            <template v-if="r.never[id]">{{ packWords.cannot }}</template><FigureValue v-else :id="id" :of="r.of" />
          </td>
        </tr>
      </tbody>
    </VTable>
    <p class="small soft">{{ packWords.coldNote }}</p>
  </section>
  <section class="block" :aria-label="packWords.coldCharge" data-cold-charge>
    <h2 class="section-head">
      {{ packWords.coldCharge }}<span>{{ packWords.coldHint }}</span>
    </h2>
    <VTable>
      <thead>
        <tr>
          <th>{{ packWords.at }}</th>
          <th class="num">{{ packWords.flows }}</th>
          <th>{{ packWords.why }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="step in steps" :key="step.temperature">
          <td class="figures">
            <StateMark :state="step.current <= 0 ? 'stop' : step.limit === 'cold' ? 'caution' : 'fits'" :size="13" />
            {{ text(step.temperature, 'temperature') }}
          </td>
          <td class="num"><FigureValue id="chargeAmps" :of="step.of" /></td>
          <td>{{ chargingWords.limits[step.limit] }}</td>
        </tr>
      </tbody>
    </VTable>
  </section>
</template>

<style scoped>
.rating {
  max-width: 280px;
  margin: 4px 0 8px;
}
</style>
