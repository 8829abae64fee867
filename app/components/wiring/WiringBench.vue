<script setup lang="ts">
import { computed, ref } from 'vue'
import {
  converterPower,
  INSULATIONS,
  wiringReport,
  edit,
  type ProjectPath,
  type ValueAt,
  type Insulation,
} from '@remigo/core'
import { wiringWords } from '~/messages/wiring'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'

/** Cables, fuse, contactor, precharge and the rest of what guards the pack: one diagram, one parts list. */
const answer = useAnswerStore()
const document = useDocumentStore()
const { text } = useQuantities()
const wiring = computed(() => document.shown.design.wiring)
const report = computed(() => wiringReport(answer.model))
const chosen = ref<string | null>(null)
/** what stands beside the diagram: cables and gear, or what to buy */
const beside = ref<'gear' | 'parts'>('gear')
const set = <P extends ProjectPath>(label: string, path: P, value: ValueAt<P>) =>
  document.edit(label, [edit(path, value)])
const insulations = Object.fromEntries(INSULATIONS.map(i => [String(i), `${i} °C`]))
const sized = (mm2: number) => wiringWords.sized(text(mm2 * 1e-6, 'copperArea'))
</script>

<template>
  <div data-wiring>
    <div class="bench">
      <div class="bench__main">
        <BenchLead
          figure="mainArea"
          :head="
            report.main.parallel > 1
              ? wiringWords.parallel(report.main.parallel)
              : report.main.awg
                ? wiringWords.awg(report.main.awg)
                : ''
          "
          >{{ wiringWords.lead }}</BenchLead
        >
        <OneLineDiagram v-model="chosen" />
        <ul class="notes">
          <li v-for="note in wiringWords.notes" :key="note">{{ note }}</li>
        </ul>
        <p class="caution">{{ wiringWords.caution }}</p>
      </div>
      <div class="bench__side">
        <ChoiceField v-model="beside" class="no-print" :label="wiringWords.besideLabel" :options="wiringWords.beside" />
        <PartsList v-model="chosen" :class="{ 'on-paper': beside !== 'parts' }" />
        <div v-if="beside === 'gear'" class="no-print">
          <section :aria-label="wiringWords.runs">
            <h2 class="section-head">{{ wiringWords.runs }}</h2>
            <FigureRow id="wiringCurrent" /><FigureRow id="mainAmpacity" /><FigureRow id="mainDrop" /><FigureRow
              id="mainLoss"
            /><FigureRow id="mainCopper" />
            <div class="rows">
              <QuantityField path="design.wiring.mainLength" /><QuantityField
                path="design.wiring.mainArea"
                :estimate="sized(report.main.area)"
              />
            </div>
            <h2 class="section-head second">{{ wiringWords.toMotor }}</h2>
            <FigureRow id="motorArea" /><FigureRow id="motorAmpacity" /><FigureRow id="motorDrop" />
            <div class="rows">
              <QuantityField path="design.wiring.motorLength" /><QuantityField
                path="design.wiring.motorArea"
                :estimate="sized(report.motor.area)"
              />
            </div>
            <ChoiceField
              :columns="2"
              :label="wiringWords.insulation"
              :options="insulations"
              :model-value="String(wiring.insulation)"
              @update:model-value="
                set(wiringWords.insulation, 'design.wiring.insulation', Number($event) as Insulation)
              "
            />
            <ChoiceField
              :label="wiringWords.engine"
              :options="wiringWords.engines"
              :model-value="wiring.engineSpace ? 'yes' : 'no'"
              @update:model-value="set(wiringWords.engine, 'design.wiring.engineSpace', $event === 'yes')"
            />
            <QuantityField path="design.wiring.bundled" />
            <NuxtLink class="link small" to="/library?kind=cable">{{ wiringWords.chooseCable }}</NuxtLink>
          </section>
          <section class="block" :aria-label="wiringWords.protection">
            <h2 class="section-head">{{ wiringWords.protection }}</h2>
            <FigureRow id="shortCircuit" /><FigureRow v-if="report.fuse" id="fuseRating" />
            <p v-if="report.fuse" class="small" data-fuse>
              {{ wiring.fuse ? wiringWords.fuseOwn : wiringWords.fuseChosen }}: {{ report.fuse.name }}
            </p>
            <div class="tools">
              <VBtn v-if="wiring.fuse" data-fuse-auto @click="set(wiringWords.letChoose, 'design.wiring.fuse', null)">
                {{ wiringWords.letChoose }}</VBtn><NuxtLink class="link small" to="/library?kind=fuse">{{
                wiringWords.chooseFuse
              }}</NuxtLink>
            </div>
            <div class="rows">
              <QuantityField
                path="design.wiring.contactorVoltage"
                :estimate="text(report.contactor.voltage, 'voltage')"
              /><QuantityField
                path="design.wiring.contactorCurrent"
                :estimate="text(report.contactor.current, 'current')"
              /><QuantityField path="design.wiring.bmsCurrent" :estimate="text(answer.model.pack.current, 'current')" />
            </div>
            <FigureRow id="prechargeTime" /><FigureRow id="prechargeEnergy" />
            <div class="rows">
              <QuantityField path="design.wiring.capacitance" /><QuantityField
                path="design.wiring.prechargeResistance"
                :estimate="text(report.precharge.resistance, 'bigResistance')"
              />
            </div>
          </section>
          <section class="block" :aria-label="wiringWords.taps" data-taps>
            <h2 class="section-head">{{ wiringWords.taps }}</h2>
            <FigureRow id="chargeArea" /><FigureRow id="chargeDrop" /><QuantityField
              path="design.wiring.chargeLength"
            />
            <template v-if="document.shown.use.houseLoad > 0"
              ><FigureRow id="houseArea" /><FigureRow id="houseDrop" /><QuantityField path="design.wiring.houseLength"
            /></template>
            <template v-if="document.shown.design.solar.fitted"
              ><FigureRow id="panelArea" /><FigureRow id="panelDrop" /><QuantityField path="design.wiring.panelLength"
            /></template>
          </section>
          <section class="block" :aria-label="wiringWords.converter">
            <h2 class="section-head">{{ wiringWords.converter }}</h2>
            <div class="rows">
              <QuantityField path="design.wiring.dcdcLeast" :estimate="wiringWords.suits" /><QuantityField
                path="design.wiring.dcdcGreatest"
                :estimate="wiringWords.suits"
              /><QuantityField
                path="design.wiring.dcdcPower"
                :estimate="text(converterPower(document.shown.use.houseLoad), 'smallPower')"
              />
            </div>
          </section>
          <FittedGear />
        </div>
      </div>
    </div>
  </div>
</template>

<style scoped>
.second {
  margin-top: 12px;
}
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  min-height: 30px;
}
.notes {
  margin-top: 16px;
}
.notes li {
  padding: 6px 0;
  border-top: 0.75px solid var(--rule);
  font-size: 13.5px;
  line-height: 18px;
  max-width: 70ch;
}
.caution {
  margin-top: 10px;
  padding: 8px 10px;
  border: 1.25px solid var(--ink);
  font-size: 13.5px;
}
</style>
