<script setup lang="ts">
import { continuousNeed, edit, isOwn, wholeDriveOf, withFigures } from '@remigo/core'
import { computed, ref } from 'vue'
import type { ControllerSpec, MotorSpec, PlateFormId, ReductionSpec, Edit } from '@remigo/core'
import { benchWords } from '~/messages/benches'
import { boardWords } from '~/messages/board'
import { driveWords } from '~/messages/drive'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useLibraryStore } from '~/stores/library'
import { fewOf } from '~/design/figures/fewOf'
import { useQuantities } from '~/composables/useQuantities'
import HeatChart from '~/components/motor/HeatChart.vue'
import PlateForms from '~/components/library/PlateForms.vue'
import MatchingChart from '~/components/motor/MatchingChart.vue'
import TorqueChart from '~/components/motor/TorqueChart.vue'

/** Motor, reduction and controller: torque, match and heat as charts, the nameplate, and the library to try from. */
const answer = useAnswerStore()
const document = useDocumentStore()
const library = useLibraryStore()
const { text } = useQuantities()
const design = computed(() => document.shown.design)
const whole = computed(() => wholeDriveOf(design.value))
const CHARTS = { torque: TorqueChart, matching: MatchingChart, heat: HeatChart }
const shown = ref<keyof typeof CHARTS>('torque')

const packVolts = computed(() => answer.model.pack)
const fitsPack = (p: MotorSpec | ControllerSpec) =>
  p.greatestVoltage >= packVolts.value.fullVoltage && p.leastVoltage <= packVolts.value.nominalVoltage
const need = computed(() => {
  const { cruise, top } = answer.summary
  return (
    continuousNeed(cruise.drive.shaftPower, top.drive.shaftPower, document.shown.use.headroom) / answer.model.drives
  )
})
const ampsNeed = computed(() => {
  const { cruise, top } = answer.summary
  return continuousNeed(cruise.drive.controllerCurrent, top.drive.controllerCurrent, document.shown.use.headroom)
})
/** what is fitted has the mark that its findings give it; what is not, by volts and power alone */
const markOf = (part: 'motor' | 'controller', fitted: boolean, volts: boolean, strong: boolean) =>
  fitted ? answer.stateOf(part) : !volts ? ('stop' as const) : strong ? ('fits' as const) : ('caution' as const)
const motors = computed(() =>
  fewOf(
    library.library.motors.map(motor => ({
      motor,
      price: motor.price,
      own: isOwn(motor),
      fitted: motor.id === design.value.motor.id,
      state: markOf('motor', motor.id === design.value.motor.id, fitsPack(motor), motor.ratedPower >= need.value),
    })),
  ),
)
const controllers = computed(() =>
  fewOf(
    library.library.controllers.map(controller => ({
      controller,
      price: controller.price,
      own: isOwn(controller),
      fitted: controller.id === design.value.controller.id,
      state: markOf(
        'controller',
        controller.id === design.value.controller.id,
        fitsPack(controller),
        controller.batteryCurrent >= ampsNeed.value,
      ),
    })),
  ),
)
const tryPart = (part: MotorSpec | ControllerSpec, change: Edit) => document.startTrial(part.id, part.name, [change])
function setKind(kind: ReductionSpec['kind']) {
  document.edit(benchWords.motor.reduction, [
    edit('design.reduction', { kind, ratio: kind === 'direct' ? 1 : Math.max(1.5, design.value.reduction.ratio) }),
  ])
}
function saidOtherwise(change: Record<string, unknown>, form: PlateFormId) {
  const motor = withFigures('motor', design.value.motor, change)
  document.edit(driveWords.forms[form], [edit('design.motor', motor as unknown as MotorSpec)])
}
const typedIn = computed(
  () =>
    !library.library.motors.some(
      x =>
        x.id === design.value.motor.id &&
        x.ratedPower === design.value.motor.ratedPower &&
        x.ratedRpm === design.value.motor.ratedRpm,
    ),
)
</script>

<template>
  <div class="bench">
    <div class="bench__main">
      <BenchLead
        figure="motorUse"
        :head="(whole ?? design.motor).name + (typedIn && !whole ? `, ${benchWords.motor.typed.toLowerCase()}` : '')"
        >{{ benchWords.motor.lead }}</BenchLead
      >
      <ChartViews v-model="shown" :label="driveWords.view" :views="driveWords.views" />
      <component :is="CHARTS[shown]" />
      <ThrottleEditor />
      <ReductionChoices />
      <WholeDrives />
      <section class="block" :aria-label="benchWords.motor.library">
        <h2 class="section-head">
          {{ benchWords.motor.library
          }}<NuxtLink class="link" to="/library?kind=motor">{{ benchWords.motor.all }}</NuxtLink>
        </h2>
        <VTable data-motors>
          <tbody>
            <tr v-for="row in motors" :key="row.motor.id" :class="{ current: row.fitted }">
              <td><StateMark :state="row.state" :size="13" /></td>
              <td>
                {{ row.motor.name
                }}<span v-if="row.state" class="visually-hidden"> {{ boardWords.states[row.state] }}</span>
              </td>
              <td class="num">{{ text(row.motor.mass, 'partMass') }}</td>
              <td class="num">{{ text(row.motor.price, 'price') }}</td>
              <td class="num">
                <TryButton
                  :fitted="row.fitted"
                  :name="row.motor.name"
                  @try="tryPart(row.motor, edit('design.motor', row.motor))"
                />
              </td>
            </tr>
          </tbody>
        </VTable>
      </section>
      <section class="block" :aria-label="benchWords.motor.controllers">
        <h2 class="section-head">
          {{ benchWords.motor.controllers
          }}<NuxtLink class="link" to="/library?kind=controller">{{ benchWords.motor.all }}</NuxtLink>
        </h2>
        <VTable>
          <tbody>
            <tr v-for="row in controllers" :key="row.controller.id" :class="{ current: row.fitted }">
              <td><StateMark :state="row.state" :size="13" /></td>
              <td>
                {{ row.controller.name
                }}<span v-if="row.state" class="visually-hidden"> {{ boardWords.states[row.state] }}</span>
              </td>
              <td class="num">
                {{ row.controller.leastVoltage }}–{{ text(row.controller.greatestVoltage, 'voltage') }}
              </td>
              <td class="num">{{ text(row.controller.batteryCurrent, 'current') }}</td>
              <td class="num">{{ text(row.controller.price, 'price') }}</td>
              <td class="num">
                <TryButton
                  :fitted="row.fitted"
                  :name="row.controller.name"
                  @try="tryPart(row.controller, edit('design.controller', row.controller))"
                />
              </td>
            </tr>
          </tbody>
        </VTable>
      </section>
    </div>
    <div class="bench__side">
      <section :aria-label="benchWords.motor.numbers">
        <h2 class="section-head with-hold">{{ boardWords.parts.motor }} <HoldPin part="motor" /></h2>
        <FigureRow id="shaftPower" /><FigureRow id="motorRpm" /><FigureRow id="motorTorque" /><FigureRow
          id="motorEfficiency"
        /><FigureRow id="phaseCurrent" /><FigureRow id="controllerCurrent" /><FigureRow id="heat" />
      </section>
      <HeatNotes />
      <section class="block" :aria-label="benchWords.motor.reduction">
        <h2 class="section-head with-hold">{{ benchWords.motor.reduction }} <HoldPin part="reduction" /></h2>
        <ChoiceField
          :label="benchWords.motor.reduction"
          :options="benchWords.motor.kinds"
          :model-value="design.reduction.kind"
          @update:model-value="setKind"
        />
        <QuantityField path="design.reduction.ratio" />
      </section>
      <section class="block" :aria-label="benchWords.motor.nameplate">
        <h2 class="section-head">{{ benchWords.motor.nameplate }}</h2>
        <div class="rows">
          <QuantityField path="design.motor.ratedPower" /><QuantityField path="design.motor.ratedRpm" /><QuantityField
            path="design.motor.ratedVoltage"
          /><QuantityField path="design.motor.ratedEfficiency" />
          <QuantityField path="design.motor.kvRpmPerVolt" /><QuantityField
            path="design.motor.noLoadCurrent"
          /><QuantityField path="design.motor.peakPower" /><QuantityField
            path="design.motor.peakSeconds"
          /><QuantityField path="design.motor.greatestRpm" /><QuantityField
            path="design.motor.leastVoltage"
          /><QuantityField path="design.motor.greatestVoltage" /><QuantityField path="design.motor.mass" />
        </div>
        <PlateForms kind="motor" :plate="() => design.motor" @said="saidOtherwise" />
        <ChoiceField
          :label="driveWords.weaker"
          :options="driveWords.directions"
          :model-value="design.motor.weakerDirection"
          @update:model-value="document.edit(driveWords.weaker, [edit('design.motor.weakerDirection', $event)])"
        />
      </section>
      <section class="block" :aria-label="benchWords.motor.controller">
        <h2 class="section-head with-hold">{{ benchWords.motor.controller }} <HoldPin part="controller" /></h2>
        <p class="small soft">{{ design.controller.name }}</p>
        <div class="rows">
          <QuantityField path="design.controller.leastVoltage" /><QuantityField
            path="design.controller.greatestVoltage"
          /><QuantityField path="design.controller.batteryCurrent" /><QuantityField
            path="design.controller.batteryCurrentPeak"
          /><QuantityField path="design.controller.phaseCurrent" /><QuantityField
            path="design.controller.phaseCurrentPeak"
          /><QuantityField path="design.controller.regenCurrent" />
        </div>
      </section>
      <CouplingNotes />
    </div>
  </div>
</template>
