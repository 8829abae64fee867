<script setup lang="ts">
import { computed } from 'vue'
import {
  hasLeg,
  HULL_TYPES,
  hullTypeEdits,
  type DriveKind,
  type HullQuestion,
  edit,
  type ProjectPath,
  type ValueAt,
  type HullTypeId,
} from '@remigo/core'
import { m } from '~/messages'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useEstimates } from '~/composables/useEstimates'

/** The boat's fields: hull, drive line, old engine, water. */
const answer = useAnswerStore()
const document = useDocumentStore()
const { estimateOf } = useEstimates()
const boat = computed(() => document.shown.boat)
const hull = computed(() => answer.model.hullType)
const asks = (question: HullQuestion) => hull.value.asks.includes(question)
const drives = computed(
  () => Object.fromEntries(hull.value.drives.map(d => [d, m.boat.drives[d]])) as Record<DriveKind, string>,
)
const geared = computed(() => hasLeg(boat.value.drive.kind))
const types = Object.fromEntries(HULL_TYPES.map(t => [t.id, t.label])) as Record<HullTypeId, string>
const setType = (id: HullTypeId) => document.edit(m.boat.hullType, hullTypeEdits(document.shown, id))
const set = <P extends ProjectPath>(label: string, path: P, value: ValueAt<P>) =>
  document.edit(label, [edit(path, value)])
/** no diesel hangs on a transom */
const engines = computed(
  () =>
    Object.fromEntries(
      Object.entries(m.boat.engineKinds).filter(
        ([kind]) =>
          boat.value.drive.kind !== 'outboard' || kind.startsWith('petrol') || boat.value.oldEngine.kind === kind,
      ),
    ) as Partial<typeof m.boat.engineKinds> as typeof m.boat.engineKinds,
)
</script>

<template>
  <div class="columns">
    <section class="block" :aria-label="m.boat.dimensions">
      <h2 class="section-head">{{ m.boat.dimensions }}</h2>
      <TextField path="name" :label="m.boat.name" :most="60" />
      <ChoiceField
        :columns="2"
        :label="m.boat.hullType"
        :options="types"
        :model-value="boat.hullType"
        @update:model-value="setType"
      />
      <ChoiceField
        v-if="boat.variant"
        :label="m.boat.kind"
        :options="hull.variants"
        :model-value="boat.variant"
        @update:model-value="set(m.boat.kind, 'boat.variant', $event)"
      />
      <HullMeasure />
      <div class="rows">
        <QuantityField path="boat.lengthOverAll" /><QuantityField
          path="boat.lengthWaterline"
          :estimate="estimateOf('boat.lengthWaterline')"
        />
        <QuantityField path="boat.beam" /><QuantityField
          v-if="asks('beamWaterline')"
          path="boat.beamWaterline"
          :estimate="estimateOf('boat.beamWaterline')"
        />
        <QuantityField v-if="asks('hullBeam')" path="boat.hullBeam" :estimate="estimateOf('boat.hullBeam')" />
        <QuantityField v-if="asks('hullSpacing')" path="boat.hullSpacing" :estimate="estimateOf('boat.hullSpacing')" />
        <QuantityField v-if="asks('deadrise')" path="boat.deadrise" :estimate="estimateOf('boat.deadrise')" />
        <QuantityField v-if="asks('lcg')" path="boat.lcg" :estimate="estimateOf('boat.lcg')" />
        <QuantityField path="boat.draught" /><QuantityField path="boat.mass" /><QuantityField
          path="boat.massUncertainty"
        />
      </div>
      <ChoiceField
        v-if="asks('tubes')"
        :label="m.boat.tubes"
        :options="m.boat.tubeCounts as Record<string, string>"
        :model-value="String(boat.tubes)"
        @update:model-value="set(m.boat.tubes, 'boat.tubes', $event === '2' ? 2 : 3)"
      />
      <ChoiceField
        v-if="asks('keel')"
        :label="m.boat.keel"
        :options="m.boat.keels"
        :model-value="boat.keel"
        @update:model-value="set(m.boat.keel, 'boat.keel', $event)"
      />
    </section>
    <div>
      <section class="block" :aria-label="m.boat.drive">
        <h2 class="section-head">{{ m.boat.drive }}</h2>
        <ChoiceField
          :label="m.boat.driveKind"
          :options="drives"
          :model-value="boat.drive.kind"
          @update:model-value="set(m.boat.driveKind, 'boat.drive.kind', $event)"
        />
        <div class="rows">
          <QuantityField v-if="geared" path="boat.drive.legRatio" />
          <QuantityField
            v-if="boat.drive.kind === 'jet'"
            path="boat.drive.greatestDiameter"
            :label="m.boat.largestImpeller"
            :hint="m.boat.largestImpellerHint"
          />
          <template v-else
            ><QuantityField path="boat.drive.greatestDiameter" /><QuantityField path="boat.drive.shaftDepth"
          /></template>
          <template v-if="boat.drive.kind !== 'jet' && boat.drive.kind !== 'pod'"
            ><QuantityField path="boat.drive.torqueLimit" :estimate="m.boat.notKnown" /><QuantityField
              path="boat.drive.rpmLimit"
              :estimate="m.boat.notKnown"
          /></template>
        </div>
        <ChoiceField
          v-if="boat.drive.kind !== 'jet' && boat.drive.kind !== 'pod'"
          :label="m.boat.astern"
          :options="m.boat.asternKinds"
          :model-value="boat.drive.astern"
          @update:model-value="set(m.boat.astern, 'boat.drive.astern', $event)"
        />
        <ChoiceField
          v-if="boat.drive.kind !== 'jet' && boat.drive.kind !== 'pod'"
          :label="m.boat.reverses"
          :options="m.boat.reversesKinds"
          :model-value="boat.drive.reverses ? 'yes' : 'no'"
          @update:model-value="set(m.boat.reverses, 'boat.drive.reverses', $event === 'yes')"
        />
      </section>
      <section class="block" :aria-label="m.boat.engine">
        <h2 class="section-head">{{ m.boat.engine }}</h2>
        <ChoiceField
          :label="m.boat.engineKind"
          :options="engines"
          :model-value="boat.oldEngine.kind"
          @update:model-value="set(m.boat.engineKind, 'boat.oldEngine.kind', $event)"
        />
        <div class="rows">
          <QuantityField path="boat.oldEngine.ratedPower" /><QuantityField path="boat.oldEngine.ratedRpm" />
          <QuantityField path="boat.oldEngine.usualRpm" :estimate="m.boat.notKnown" /><QuantityField
            path="boat.oldEngine.fuelRate"
            :estimate="m.boat.notKnown"
          />
          <QuantityField path="boat.oldEngine.mass" />
        </div>
        <OldEngineWords />
      </section>
      <section class="block" :aria-label="m.boat.water">
        <ChoiceField
          :label="m.boat.water"
          :options="m.boat.waters"
          :model-value="boat.water"
          @update:model-value="set(m.boat.water, 'boat.water', $event)"
        />
        <div class="rows">
          <QuantityField path="boat.waterTemperature" /><QuantityField path="boat.waterDepth" :estimate="m.boat.deep" />
        </div>
      </section>
      <TextField path="story" :label="m.boat.story" :most="600" :lines="4" optional />
    </div>
  </div>
</template>
