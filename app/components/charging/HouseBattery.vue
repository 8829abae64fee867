<script setup lang="ts">
import { computed } from 'vue'
import { edit, houseBattery, PROJECT_FIELDS, smallMotorNeeds } from '@remigo/core'
import { chargingWords } from '~/messages/charging'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'

/** A house battery sized from the loads, and a small motor with a battery of its own. */
const document = useDocumentStore()
const { text } = useQuantities()
const house = computed(() => houseBattery(document.shown))
const small = computed(() => smallMotorNeeds(document.shown))
const FIELDS = PROJECT_FIELDS.design.fields.smallMotor.fields
const ASKED = ['power', 'voltage', 'time', 'length'] as const
function toggle() {
  const { fitted } = document.shown.design.smallMotor
  document.edit(fitted ? chargingWords.smallMotorRemove : chargingWords.smallMotorAdd, [
    edit('design.smallMotor.fitted', !fitted),
  ])
}
</script>

<template>
  <section
    v-if="document.shown.use.houseLoad > 0"
    class="block"
    :aria-label="chargingWords.houseBattery"
    data-house-battery
  >
    <h2 class="section-head">{{ chargingWords.houseBattery }}</h2>
    <QuantityField path="use.houseHours" />
    <p class="small">
      {{
        chargingWords.houseSays(
          text(house.energy, 'energy'),
          text(house.lithiumAh, 'charge'),
          text(house.leadAh, 'charge'),
        )
      }}
      {{ chargingWords.houseCharger(text(house.charger, 'smallPower')) }}
    </p>
  </section>
  <section class="block" :aria-label="chargingWords.smallMotor" data-small-motor>
    <h2 class="section-head">{{ chargingWords.smallMotor }}</h2>
    <template v-if="small">
      <div class="rows">
        <QuantityField v-for="key in ASKED" :key="key" :path="`design.smallMotor.${key}`" />
      </div>
      <ChoiceField
        :label="FIELDS.chemistry.label"
        :options="chargingWords.smallKinds"
        :model-value="document.shown.design.smallMotor.chemistry"
        @update:model-value="document.edit(FIELDS.chemistry.label, [edit('design.smallMotor.chemistry', $event)])"
      />
      <p class="small">
        {{
          chargingWords.smallSays(
            text(small.amps, 'current'),
            text(small.ampHours, 'charge'),
            text(small.cable.area * 1e-6, 'copperArea'),
          )
        }}
      </p>
    </template>
    <VBtn @click="toggle">
      {{ small ? chargingWords.smallMotorRemove : chargingWords.smallMotorAdd }}
    </VBtn>
  </section>
</template>
