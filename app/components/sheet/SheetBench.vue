<script setup lang="ts">
import { computed } from 'vue'
import { area, line } from 'd3-shape'
import { CHEMISTRIES, decided, figureOn, hullLabel, resistanceMethodOf, FIGURES, type FigureId } from '@remigo/core'
import { benchWords } from '~/messages/benches'
import { boardWords } from '~/messages/board'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'
import { useBoatFiles } from '~/composables/useBoatFiles'
import { useRangeEnd } from '~/composables/useRangeEnd'
import { dateText, isoDate } from '~/design/times'

/** The answer on one sheet, in words and numbers, to read and to print. */
const answer = useAnswerStore()
const { longer, kept, endId } = useRangeEnd()
const document = useDocumentStore()
const { text, fill, format } = useQuantities()
const { exportBoat } = useBoatFiles()
const boat = computed(() => document.shown.boat)
const design = computed(() => document.shown.design)
const s = computed(() => answer.summary)
const pack = computed(() => answer.model.pack)
const jet = computed(() => answer.model.propulsor.kind === 'jet')
const date = dateText(isoDate(new Date()))

const fit = computed(() => [
  [
    boardWords.parts.motor,
    design.value.motor.name,
    `${text(design.value.motor.ratedPower, 'power')}, ${text(design.value.motor.mass, 'partMass')}`,
  ],
  [
    benchWords.motor.reduction,
    design.value.reduction.kind === 'direct'
      ? benchWords.motor.kinds.direct
      : `${benchWords.motor.kinds[design.value.reduction.kind]} ${design.value.reduction.ratio} : 1`,
    '',
  ],
  jet.value
    ? [
        boardWords.parts.jet,
        design.value.jet.name,
        `${benchWords.jet.impeller} ${text(design.value.jet.impellerDiameter, 'smallLength')}, ` +
          `${benchWords.jet.nozzle} ` +
          `${text(design.value.jet.nozzleDiameter, 'smallLength')}`,
      ]
    : [
        boardWords.parts.propeller,
        `${text(design.value.propeller.diameter, 'smallLength')} × ` +
          `${text(design.value.propeller.pitch, 'smallLength')}`,
        `${design.value.propeller.blades} blades, area ${design.value.propeller.areaRatio.toFixed(2)}`,
      ],
  [
    boardWords.parts.controller,
    design.value.controller.name,
    `${format(design.value.controller.leastVoltage, 'voltage').text} to ` +
      `${text(design.value.controller.greatestVoltage, 'voltage')}, ` +
      `${text(design.value.controller.batteryCurrent, 'current')}`,
  ],
  [
    boardWords.parts.pack,
    `${benchWords.pack.bank(design.value.pack.series, design.value.pack.parallel)}: ${design.value.pack.cell.name}`,
    `${text(pack.value.energy, 'energy')}, ${text(pack.value.nominalVoltage, 'voltage')} ` +
      `(${CHEMISTRIES[design.value.pack.cell.chemistry].label})`,
  ],
])
const TABLE: FigureId[] = [
  'designPrice',
  'designMass',
  'packFull',
  'packAvailable',
  'energyNeeded',
  'propellerEfficiency',
]
const speeds = computed(() =>
  [s.value.cruise, s.value.top].map((p, i) => ({
    label: i ? boardWords.lever.top : boardWords.lever.cruise,
    at: p.speed,
    speed: text(p.speed, 'speed'),
    band: `${format(p.packPowerLow, 'electricPower').text} to ${text(p.packPowerHigh, 'electricPower')}`,
  })),
)
const COLUMNS: FigureId[] = ['packCurrent', 'propellerRpm', 'timeLeft', 'distanceLeft']
const LEADS = { steep: boardWords.boat.leadSteep, hullSpeed: boardWords.boat.leadHull, top: boardWords.boat.leadTop }
const fast = computed(
  () =>
    `${FIGURES.allDaySpeed.label} ` +
    `${text('speed' in s.value.allDaySpeed ? s.value.allDaySpeed.speed : 0, 'speed')}; ` +
    `${FIGURES.minutesSpeed.label.toLowerCase()} ` +
    `${text('speed' in s.value.minutesSpeed ? s.value.minutesSpeed.speed : 0, 'speed')}. ` +
    (answer.model.hullType.waveBound ? `${FIGURES.hullSpeed.label} ${text(s.value.hullSpeed, 'speed')}. ` : '') +
    LEADS[s.value.payoff.reason](
      text(s.value.payoff.speed, 'speed'),
      text(s.value.payoff.effectivePower, 'electricPower'),
    ),
)
const far = computed(
  () =>
    `${text(s.value.cruise.distanceLeft * longer.value, 'distance')} at ${text(s.value.cruise.speed, 'speed')} ` +
    `(${text(s.value.cruise.distanceLow * longer.value, 'distance')} to ` +
    `${text(s.value.cruise.distanceHigh * longer.value, 'distance')}), ` +
    `${text(s.value.cruise.timeLeft * longer.value, 'duration')}, ${kept.value}. ` +
    `${boardWords.use.lead(text(s.value.energy.distance, 'distance'), text(s.value.energy.duration, 'duration'))} ` +
    (s.value.energy.needed <= s.value.energy.available ? boardWords.use.enough : boardWords.use.short),
)
const methods = computed(() => answer.model.methods.map(x => resistanceMethodOf(x.method.id).source).join('; '))

const W = 640,
  H = 190
const chart = computed(() => {
  const points = answer.curve.filter(p => p.speed <= Math.max(document.shown.use.topSpeed * 1.05, s.value.cruise.speed))
  const vMax = points.at(-1)!.speed,
    pMax = Math.max(...points.map(p => p.packPowerHigh))
  const x = (v: number) => 52 + (v / vMax) * (W - 60),
    y = (p: number) => 8 + (1 - Math.min(1, p / pMax)) * (H - 40)
  type P = (typeof points)[number]
  return {
    band:
      area<P>()
        .x(p => x(p.speed))
        .y0(p => y(p.packPowerLow))
        .y1(p => y(p.packPowerHigh))(points) ?? '',
    centre:
      line<P>()
        .x(p => x(p.speed))
        .y(p => y(p.drive.packPower))(points) ?? '',
    ticksX: [0.25, 0.5, 0.75, 1].map(f => ({ at: x(f * vMax), label: text(f * vMax, 'speed') })),
    ticksY: [0, 0.5, 1].map(f => ({ at: y(f * pMax), label: text(f * pMax, 'electricPower') })),
    marks: [s.value.cruise, s.value.top]
      .filter(p => p.speed <= vMax)
      .map(p => ({ x: x(p.speed), y: y(p.drive.packPower) })),
  }
})
const lines = computed(() => decided(document.shown))
const print = () => window.print()
</script>

<template>
  <div class="sheet" data-sheet>
    <div class="actions no-print">
      <VBtn variant="flat" data-print @click="print">{{ benchWords.sheet.print }}</VBtn>
      <VBtn @click="exportBoat">{{ boardWords.boats.export }}</VBtn>
    </div>
    <header>
      <h2>{{ document.shown.name }}</h2>
      <p>
        {{ hullLabel(boat) }}, {{ text(boat.lengthOverAll, 'length') }}, {{ text(boat.mass, 'mass') }} ±
        {{ Math.round(boat.massUncertainty * 100) }} %. {{ document.shown.story }}
      </p>
    </header>
    <SheetWay />
    <section>
      <h3>{{ benchWords.sheet.fit }}</h3>
      <VTable class="fit">
        <tbody>
          <tr v-for="row in fit" :key="row[0]">
            <th scope="row">{{ row[0] }}</th>
            <td>{{ row[1] }}</td>
            <td class="num">{{ row[2] }}</td>
          </tr>
        </tbody>
      </VTable>
      <dl class="figures-list">
        <div v-for="id in TABLE" :key="id">
          <dt>{{ figureOn(id, document.shown).label }}</dt>
          <dd><FigureValue :id="id" /></dd>
        </div>
      </dl>
    </section>
    <section data-decided>
      <h3>{{ benchWords.sheet.decided }}</h3>
      <dl class="decided">
        <template v-for="(row, i) in lines" :key="i"
          ><dt>{{ row.what }}</dt>
          <dd>{{ fill(row.text) }}</dd></template
        >
      </dl>
    </section>
    <section>
      <h3>{{ benchWords.sheet.fast }}</h3>
      <p class="prose">{{ fast }}</p>
      <VTable class="speeds">
        <thead>
          <tr>
            <th />
            <th v-for="row in speeds" :key="row.label" scope="col" class="num">{{ row.label }}</th>
          </tr>
        </thead>
        <tbody>
          <tr>
            <th scope="row">{{ benchWords.curve.axisSpeed }}</th>
            <td v-for="row in speeds" :key="row.label" class="num">{{ row.speed }}</td>
          </tr>
          <tr>
            <th scope="row">{{ FIGURES.packPower.label }}</th>
            <td v-for="row in speeds" :key="row.label" class="num"><FigureValue id="packPower" :speed="row.at" /></td>
          </tr>
          <tr>
            <th scope="row">{{ boardWords.working.range }}</th>
            <td v-for="row in speeds" :key="row.label" class="num">{{ row.band }}</td>
          </tr>
          <tr v-for="id in COLUMNS" :key="id">
            <th scope="row">{{ figureOn(endId(id), document.shown).label }}</th>
            <td v-for="row in speeds" :key="row.label" class="num"><FigureValue :id="id" :speed="row.at" /></td>
          </tr>
        </tbody>
      </VTable>
    </section>
    <section>
      <h3>{{ benchWords.sheet.curve }}</h3>
      <svg :viewBox="`0 0 ${W} ${H}`" role="img" :aria-label="benchWords.sheet.curve" class="curve">
        <path v-for="t in chart.ticksY" :key="t.label" :d="`M52 ${t.at}H${W - 8}`" class="grid" />
        <path :d="chart.band" class="band" />
        <path :d="chart.centre" class="centre" />
        <circle v-for="p in chart.marks" :key="p.x" :cx="p.x" :cy="p.y" r="4" class="mark" />
        <text
          v-for="(t, i) in chart.ticksX"
          :key="t.label"
          :x="t.at"
          :y="H - 8"
          :text-anchor="i === chart.ticksX.length - 1 ? 'end' : 'middle'"
        >
          {{ t.label }}
        </text>
        <text v-for="t in chart.ticksY" :key="`y${t.label}`" x="48" :y="t.at + 4" text-anchor="end">{{ t.label }}</text>
      </svg>
    </section>
    <section>
      <h3>{{ benchWords.sheet.far }}</h3>
      <p class="prose">{{ far }}</p>
    </section>
    <section data-sheet-findings>
      <h3>{{ benchWords.sheet.not }}</h3>
      <p v-if="!answer.findings.findings.length" class="prose"><StateMark state="fits" /> {{ benchWords.sheet.all }}</p>
      <ul v-else>
        <li v-for="f in answer.findings.findings" :key="f.rule">
          <StateMark :state="f.severity" />
          <p>
            <b>{{ boardWords.states[f.severity] }}, {{ f.title }} {{ fill(f.amount) }}.</b> {{ fill(f.sentence) }}
            <span v-if="f.caution">{{ f.caution }}</span>
          </p>
        </li>
      </ul>
    </section>
    <section>
      <h3>{{ benchWords.sheet.working }}</h3>
      <p class="small">
        {{ methods }}. {{ figureOn('propellerEfficiency', document.shown).source }}. {{ benchWords.sheet.made(date) }}
      </p>
      <p class="small caution">{{ benchWords.sheet.caution }}</p>
    </section>
    <DesignChoices />
  </div>
</template>

<style scoped>
.sheet {
  padding: 16px 20px 32px;
  max-width: 820px;
}
.fit td {
  overflow-wrap: anywhere;
}
.fit .num {
  white-space: normal;
}
.actions {
  display: flex;
  gap: 8px;
  margin-bottom: 12px;
}
h2 {
  font: 600 34px/38px var(--figures);
}
h3 {
  font: 600 16px/20px var(--labels);
  margin: 18px 0 6px;
  padding-bottom: 3px;
  border-bottom: 1.25px solid var(--ink);
}
th[scope='row'] {
  color: var(--text);
  font-weight: 600;
}
.v-table td:nth-child(2) {
  min-width: 90px;
}
.speeds {
  max-width: 520px;
}
.figures-list {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(200px, 1fr));
  gap: 0 22px;
}
.figures-list div {
  display: flex;
  justify-content: space-between;
  align-items: center;
  min-height: 30px;
  border-bottom: 0.75px solid var(--rule);
  font-size: 13.5px;
}
.decided {
  display: grid;
  grid-template-columns: minmax(90px, 130px) minmax(0, 1fr);
  gap: 0 12px;
  font-size: 13.5px;
  line-height: 18px;
}
.decided dt,
.decided dd {
  padding: 4px 0;
  border-bottom: 0.75px solid var(--rule);
}
.decided dt {
  font-weight: 600;
}
li {
  display: flex;
  gap: 8px;
  padding: 5px 0;
  border-bottom: 0.75px solid var(--rule);
  font-size: 14px;
  line-height: 18px;
}
li svg {
  margin-top: 2px;
}
.curve {
  width: 100%;
  max-width: 720px;
}
.curve text {
  font: 500 12px var(--figures);
  fill: var(--text);
}
.grid {
  stroke: var(--grid);
}
.band {
  fill: var(--band);
}
.centre {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}
.mark {
  fill: var(--ink);
}
.caution {
  margin-top: 8px;
  padding: 8px 10px;
  border: 1.25px solid var(--ink);
}
</style>
