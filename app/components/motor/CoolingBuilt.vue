<script setup lang="ts">
import { computed } from 'vue'
import { coolingReport, edit, PROJECT_FIELDS, type CoolingGearKind, type ControllerCooling } from '@remigo/core'
import { driveWords } from '~/messages/drive'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'

/** Hull tube, radiator, exchanger or raw water as they are built, and where the controller stands. */
const answer = useAnswerStore()
const document = useDocumentStore()
const { text, difference } = useQuantities()
const rise = computed(() => {
  const { text: warmer, unit } = difference(report.value.boxRise, 'temperature')
  return `${warmer} ${unit}`
})
const FIELDS = PROJECT_FIELDS.design.fields.cooler.fields
const cooler = computed(() => document.shown.design.cooler)
const report = computed(() => coolingReport(answer.model, answer.summary.cruise.drive))
const needed = computed(() => {
  const size = report.value.answer?.needed ?? 0,
    { kind } = cooler.value
  return text(size, kind === 'hull tube' ? 'length' : kind === 'raw water' ? 'flow' : 'area')
})
const setKind = (kind: CoolingGearKind) => document.edit(FIELDS.kind.label, [edit('design.cooler.kind', kind)])
const setController = (kind: ControllerCooling) =>
  document.edit(FIELDS.controller.label, [edit('design.cooler.controller', kind)])
</script>

<template>
  <section class="block" :aria-label="driveWords.builtCooling" data-cooling-built>
    <h2 class="section-head">
      {{ driveWords.builtCooling }}<span>{{ driveWords.builtCoolingHint }}</span>
    </h2>
    <ChoiceField
      :columns="2"
      :label="FIELDS.kind.label"
      :options="driveWords.coolingGear"
      :model-value="cooler.kind"
      @update:model-value="setKind"
    />
    <div class="rows">
      <template v-if="cooler.kind === 'hull tube'"
        ><QuantityField path="design.cooler.tubeLength" /><QuantityField path="design.cooler.tubeDiameter"
      /></template>
      <QuantityField
        v-else-if="cooler.kind === 'radiator' || cooler.kind === 'plate exchanger'"
        path="design.cooler.area"
      />
      <QuantityField v-else-if="cooler.kind === 'raw water'" path="design.cooler.flow" />
      <template v-if="cooler.kind !== 'none'"
        ><QuantityField v-if="cooler.kind !== 'radiator'" path="design.cooler.warmWater" /><QuantityField
          path="design.cooler.packHeat"
      /></template>
    </div>
    <p v-if="report.answer" class="small" data-cooling-answer>
      {{
        driveWords.coolingSays(
          text(report.heat, 'smallPower'),
          text(report.answer.carries, 'smallPower'),
          text(report.answer.coolant, 'temperature'),
        )
      }}
      {{ driveWords.coolingNeeds(needed) }}
    </p>
    <ChoiceField
      :columns="2"
      :label="FIELDS.controller.label"
      :options="driveWords.controllerStands"
      :model-value="cooler.controller"
      @update:model-value="setController"
    />
    <template v-if="cooler.controller === 'box'">
      <QuantityField path="design.cooler.boxArea" />
      <p class="small soft">{{ driveWords.boxRise(rise) }}</p>
    </template>
  </section>
</template>
