<script setup lang="ts">
import { computed, ref } from 'vue'
import { refDebounced } from '@vueuse/core'
import { curveCsv, explain, FIELDS, fromUnit, chosenUnit, toUnit, UNITS, type FieldPath } from '@remigo/core'
import { m } from '~/messages'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useViewStore } from '~/stores/view'
import { useQuantities } from '~/composables/useQuantities'
import { useEstimates } from '~/composables/useEstimates'
import { useLever } from '~/composables/useLever'
import { download } from '~/composables/useBoatFiles'
import type { ChartCurve } from '~/components/chart/chartTypes'

/** Power at the motor shaft against speed: every method, where each holds, the recommended band, what the motor gives. */
const answer = useAnswerStore()
const document = useDocumentStore()
const view = useViewStore()
const lever = useLever()
const { text, format } = useQuantities()
const hidden = ref(new Set<string>())

const powerUnit = computed(() => chosenUnit('electricPower', view.choice))
const speedUnit = computed(() => chosenUnit('speed', view.choice))
const kw = (w: number) => toUnit(w, powerUnit.value)
const kn = (v: number) => toUnit(v, speedUnit.value)
const speeds = computed(() => answer.curve.map(p => kn(p.speed)))
const DASHES = ['longdash', 'dash', 'dashdot', 'dot'] as const

const curves = computed<ChartCurve[]>(() => [
  { name: 'low', x: speeds.value, y: answer.curve.map(p => kw(p.shaftPowerLow)), fill: false },
  { name: 'high', x: speeds.value, y: answer.curve.map(p => kw(p.shaftPowerHigh)), fill: true },
  { name: m.curve.band, x: speeds.value, y: answer.curve.map(p => kw(p.drive.shaftPower)), width: 2.6 },
  ...answer.methods.flatMap((curve, i): ChartCurve[] => {
    const { method } = answer.model.methods[i]!
    const off = hidden.value.has(method.id)
    return [
      { name: method.label, x: speeds.value, y: curve.shaftPower.map((p, k) => curve.holds[k] ? kw(p) : null), dash: DASHES[i % 4], hidden: off, tag: method.letter },
      { name: `${method.label}, ${m.curve.outside}`, x: speeds.value, y: curve.shaftPower.map((p, k) => curve.holds[k] && curve.holds[k - 1] !== false && curve.holds[k + 1] !== false ? null : kw(p)), dash: 'dot', width: 1.1, colour: 'soft', hidden: off },
    ]
  }),
])
const point = computed(() => answer.evaluation.point)
const motor = computed(() => document.shown.design.motor)
/** the axis ends a little above what the motor or the wished top takes */
const ceiling = computed(() => kw(Math.max(1.5 * motor.value.ratedPower, 1.35 * answer.summary.top.drive.shaftPower)))
const axes = computed(() => ({
  x: { title: `${m.curve.axisSpeed}, ${UNITS[speedUnit.value].symbol}`, from: 0, to: speeds.value.at(-1)! },
  y: { title: `${m.curve.axisPower}, ${UNITS[powerUnit.value].symbol}`, from: 0, to: ceiling.value },
}))
const marker = () => {
  const p = point.value
  return { x: kn(p.speed), y: kw(p.drive.shaftPower), low: kw(p.shaftPowerLow), high: kw(p.shaftPowerHigh), tag: text(p.speed, 'speed'), value: text(p.drive.shaftPower, 'electricPower') }
}
const across = computed(() => [
  { at: kw(motor.value.ratedPower), label: `${m.curve.rated} ${text(motor.value.ratedPower, 'electricPower')}` },
  { at: kw(motor.value.ratedPower * (1 - document.shown.use.headroom)), label: m.curve.usable, dash: 'dash' as const },
])
const upright = computed(() => [{ at: kn(answer.summary.hullSpeed), label: m.curve.hullSpeed, dash: 'dashdot' as const }])
/** the strength of each input follows the lever a moment later: it takes some twenty evaluations */
const settled = refDebounced(computed(() => lever.speed.value), 200)
const moves = computed(() => explain('shaftPower', document.shown, settled.value).sensitivities.filter(s => s.path !== 'design.reduction.ratio').slice(0, 5))
const csv = () => download(`${document.shown.name.toLowerCase()}-curve.csv`, curveCsv(document.shown), 'text/csv')
const spread = (lower: number, higher: number) => format(Math.abs(higher - lower) / 2, 'electricPower').text
const { estimateOf } = useEstimates()
const label = (path: FieldPath) => FIELDS[path].label
</script>

<template>
  <div class="bench">
    <div class="bench__main">
      <BenchLead figure="shaftPower" :head="() => m.curve.range(format(point.shaftPowerLow, 'electricPower').text, text(point.shaftPowerHigh, 'electricPower'))">{{ m.curve.lead }}</BenchLead>
      <PlotChart
        :label="m.curve.chart" :curves="curves" :marker="marker" :across="across" :upright="upright" :height="400" over-lever
        :x="axes.x" :y="axes.y"
        @pick="lever.set(fromUnit($event, speedUnit))"
      />
      <p class="small soft">{{ m.curve.note }}</p>
    </div>
    <aside class="bench__side">
      <MethodsList v-model="hidden" />
      <section class="block" :aria-label="m.curve.moves">
        <h2 class="section-head">{{ m.curve.moves }}<span>{{ m.curve.movesHint }}</span></h2>
        <div class="rows">
          <QuantityField v-for="s in moves" :key="s.path" :path="s.path" :label="label(s.path)" :hint="`± ${spread(s.lower, s.higher)} ${UNITS[powerUnit].symbol}`" :optional="s.path === 'boat.lengthWaterline' || s.path === 'boat.beamWaterline'" :estimate="estimateOf(s.path)" />
        </div>
      </section>
      <button type="button" class="btn" @click="csv">{{ m.curve.csv }}</button>
    </aside>
  </div>
</template>

<style scoped>
aside .btn { margin-top: 14px; width: 100%; }
</style>
