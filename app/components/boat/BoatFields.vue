<script setup lang="ts">
import { computed } from 'vue'
import {
  PROJECT_FIELDS,
  weightAfloat,
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
import { boardWords } from '~/messages/board'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useEstimates } from '~/composables/useEstimates'
import { useQuantities } from '~/composables/useQuantities'

/** The boat's fields: hull, drive line, old engine, water. */
const answer = useAnswerStore()
const document = useDocumentStore()
const { estimateOf } = useEstimates()
const boat = computed(() => document.shown.boat)
const { text } = useQuantities()
const afloat = computed(() => {
  const weight = weightAfloat(document.shown)
  const mass = text(weight.mass, 'mass'),
    into = text(weight.in, 'partMass')
  return weight.out > 0
    ? boardWords.boat.afloat(mass, text(weight.out, 'partMass'), into)
    : boardWords.boat.afloatNothing(mass, into)
})
const hull = computed(() => answer.model.hullType)
const asks = (question: HullQuestion) => hull.value.asks.includes(question)
const drives = computed(
  () => Object.fromEntries(hull.value.drives.map(d => [d, boardWords.boat.drives[d]])) as Record<DriveKind, string>,
)
const geared = computed(() => hasLeg(boat.value.drive.kind))
const types = Object.fromEntries(HULL_TYPES.map(t => [t.id, t.label])) as Record<HullTypeId, string>
const setType = (id: HullTypeId) => document.edit(boardWords.boat.hullType, hullTypeEdits(document.shown, id))
const set = <P extends ProjectPath>(label: string, path: P, value: ValueAt<P>) =>
  document.edit(label, [edit(path, value)])
/** no diesel hangs on a transom */
const engines = computed(
  () =>
    Object.fromEntries(
      Object.entries(boardWords.boat.engineKinds).filter(
        ([kind]) =>
          boat.value.drive.kind !== 'outboard' || kind.startsWith('petrol') || boat.value.oldEngine.kind === kind,
      ),
    ) as Partial<typeof boardWords.boat.engineKinds> as typeof boardWords.boat.engineKinds,
)
</script>

<template>
  <div class="columns">
    <section class="block" :aria-label="boardWords.boat.dimensions">
      <h2 class="section-head">{{ boardWords.boat.dimensions }}</h2>
      <TextField path="name" :label="boardWords.boat.name" :most="60" />
      <ChoiceField
        :columns="2"
        :label="boardWords.boat.hullType"
        :options="types"
        :model-value="boat.hullType"
        @update:model-value="setType"
      />
      <ChoiceField
        v-if="boat.variant"
        :label="boardWords.boat.kind"
        :options="hull.variants"
        :model-value="boat.variant"
        @update:model-value="set(boardWords.boat.kind, 'boat.variant', $event)"
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
        :label="PROJECT_FIELDS.boat.fields.massHolds.label"
        :options="boardWords.boat.massHolds"
        :model-value="boat.massHolds"
        @update:model-value="set(PROJECT_FIELDS.boat.fields.massHolds.label, 'boat.massHolds', $event)"
      />
      <p v-if="boat.massHolds === 'before'" class="prose" data-afloat>{{ afloat }}</p>
      <ChoiceField
        :columns="2"
        :label="PROJECT_FIELDS.boat.fields.material.label"
        :options="boardWords.boat.materials"
        :model-value="boat.material"
        @update:model-value="set(PROJECT_FIELDS.boat.fields.material.label, 'boat.material', $event)"
      />
      <ChoiceField
        v-if="asks('tubes')"
        :label="boardWords.boat.tubes"
        :options="boardWords.boat.tubeCounts as Record<string, string>"
        :model-value="String(boat.tubes)"
        @update:model-value="set(boardWords.boat.tubes, 'boat.tubes', $event === '2' ? 2 : 3)"
      />
      <ChoiceField
        v-if="asks('keel')"
        :label="boardWords.boat.keel"
        :options="boardWords.boat.keels"
        :model-value="boat.keel"
        @update:model-value="set(boardWords.boat.keel, 'boat.keel', $event)"
      />
    </section>
    <div>
      <section class="block" :aria-label="boardWords.boat.drive">
        <h2 class="section-head">{{ boardWords.boat.drive }}</h2>
        <ChoiceField
          :label="boardWords.boat.driveKind"
          :options="drives"
          :model-value="boat.drive.kind"
          @update:model-value="set(boardWords.boat.driveKind, 'boat.drive.kind', $event)"
        />
        <ChoiceField
          :label="PROJECT_FIELDS.boat.fields.drive.fields.count.label"
          :options="boardWords.boat.driveCounts as Record<string, string>"
          :model-value="String(boat.drive.count)"
          @update:model-value="
            set(PROJECT_FIELDS.boat.fields.drive.fields.count.label, 'boat.drive.count', $event === '2' ? 2 : 1)
          "
        />
        <p v-if="boat.drive.count > 1" class="prose">{{ boardWords.boat.eachDrive }}</p>
        <ChoiceField
          v-if="boat.drive.kind !== 'jet'"
          :columns="2"
          :label="PROJECT_FIELDS.boat.fields.drive.fields.still.label"
          :options="boardWords.boat.stillScrews"
          :model-value="boat.drive.still"
          @update:model-value="set(PROJECT_FIELDS.boat.fields.drive.fields.still.label, 'boat.drive.still', $event)"
        />
        <p v-if="geared" class="hold-leg">{{ boardWords.boat.holdLeg }} <HoldPin part="leg" /></p>
        <div class="rows">
          <QuantityField v-if="geared" path="boat.drive.legRatio" />
          <QuantityField
            v-if="boat.drive.kind === 'jet'"
            path="boat.drive.greatestDiameter"
            :label="boardWords.boat.largestImpeller"
            :hint="boardWords.boat.largestImpellerHint"
          />
          <template v-else
            ><QuantityField path="boat.drive.greatestDiameter" /><QuantityField path="boat.drive.shaftDepth"
          /></template>
          <template v-if="boat.drive.kind !== 'jet' && boat.drive.kind !== 'pod'"
            ><QuantityField path="boat.drive.torqueLimit" :estimate="boardWords.boat.notKnown" /><QuantityField
              path="boat.drive.rpmLimit"
              :estimate="boardWords.boat.notKnown"
          /></template>
        </div>
        <ChoiceField
          v-if="boat.drive.kind !== 'jet' && boat.drive.kind !== 'pod'"
          :label="boardWords.boat.astern"
          :options="boardWords.boat.asternKinds"
          :model-value="boat.drive.astern"
          @update:model-value="set(boardWords.boat.astern, 'boat.drive.astern', $event)"
        />
        <ChoiceField
          v-if="boat.drive.kind !== 'jet' && boat.drive.kind !== 'pod'"
          :label="boardWords.boat.reverses"
          :options="boardWords.boat.reversesKinds"
          :model-value="boat.drive.reverses ? 'yes' : 'no'"
          @update:model-value="set(boardWords.boat.reverses, 'boat.drive.reverses', $event === 'yes')"
        />
      </section>
      <section class="block" :aria-label="boardWords.boat.engine">
        <h2 class="section-head">{{ boardWords.boat.engine }}</h2>
        <ChoiceField
          :label="boardWords.boat.engineKind"
          :options="engines"
          :model-value="boat.oldEngine.kind"
          @update:model-value="set(boardWords.boat.engineKind, 'boat.oldEngine.kind', $event)"
        />
        <div class="rows">
          <QuantityField path="boat.oldEngine.ratedPower" /><QuantityField path="boat.oldEngine.ratedRpm" />
          <QuantityField path="boat.oldEngine.usualRpm" :estimate="boardWords.boat.notKnown" /><QuantityField
            path="boat.oldEngine.fuelRate"
            :estimate="boardWords.boat.notKnown"
          />
          <QuantityField path="boat.oldEngine.mass" />
        </div>
        <OldEngineWords />
      </section>
      <section class="block" :aria-label="boardWords.boat.water">
        <ChoiceField
          :label="boardWords.boat.water"
          :options="boardWords.boat.waters"
          :model-value="boat.water"
          @update:model-value="set(boardWords.boat.water, 'boat.water', $event)"
        />
        <div class="rows">
          <QuantityField path="boat.waterTemperature" /><QuantityField
            path="boat.waterDepth"
            :estimate="boardWords.boat.deep"
          />
          <QuantityField v-if="boat.waterDepth !== null" path="boat.channelWidth" :estimate="boardWords.boat.open" />
        </div>
      </section>
      <TextField path="story" :label="boardWords.boat.story" :most="600" :lines="4" optional />
    </div>
  </div>
</template>
