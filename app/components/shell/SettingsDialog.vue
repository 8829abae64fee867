<script setup lang="ts">
import { computed } from 'vue'
import {
  chosenUnit,
  CURRENCIES,
  currencyOf,
  QUANTITIES,
  UNITS,
  type Currency,
  type QuantityId,
  type Quantity,
  type UnitChoice,
  type UnitId,
} from '@remigo/core'
import { boardWords } from '~/messages/board'
import { useViewStore } from '~/stores/view'

/** The owner's units, as a profile and one by one, and day or night. */
const view = useViewStore()
/** quantities of which an owner may want one in another unit than the rest */
const shown: [QuantityId, string][] = [
  ['speed', 'Speed'],
  ['length', 'Length'],
  ['smallLength', 'Propeller'],
  ['distance', 'Distance'],
  ['mass', 'Weight of the boat'],
  ['partMass', 'Weight of parts'],
  ['power', 'Power of engines'],
  ['electricPower', 'Electric power'],
  ['force', 'Pull'],
  ['torque', 'Torque'],
  ['temperature', 'Temperature'],
  ['energyPerDistance', 'Energy for a distance'],
  ['copperArea', 'Cable'],
  ['fuelRate', 'Fuel in an hour'],
  ['duration', 'Times'],
  ['area', 'Areas'],
]
const unitsOf = (id: QuantityId) => (QUANTITIES[id] as Quantity).units
const money = computed(() => currencyOf(view.choice))
const known = computed(
  () => CURRENCIES.find(c => c.name === money.value.name && c.sign === money.value.sign)?.name ?? '',
)
function chooseMoney(currency: Partial<Currency>) {
  view.units = { ...view.units, currency: { ...money.value, ...currency } }
}
/** a known money whole; another from its name, sign and place */
function pickMoney(name: string) {
  chooseMoney(CURRENCIES.find(c => c.name === name) ?? { name: '', sign: '¤', before: false })
}
function chooseProfile(profile: UnitChoice['profile']) {
  view.unitsFollow = false
  view.units = { profile, overrides: {}, currency: view.units.currency }
}
function choose(id: QuantityId, unit: string) {
  view.unitsFollow = false
  view.units = { ...view.units, overrides: { ...view.units.overrides, [id]: unit as UnitId } }
}
</script>

<template>
  <VDialog v-model="view.settingsOpen" :max-width="460" :aria-label="boardWords.settings.title">
    <div class="settings">
      <h2 class="section-head">{{ boardWords.settings.title }}</h2>
      <ChoiceField
        :label="boardWords.settings.profile"
        :options="boardWords.settings.profiles"
        :model-value="view.units.profile"
        @update:model-value="chooseProfile"
      />
      <ChoiceField v-model="view.theme" :label="boardWords.settings.theme" :options="boardWords.settings.themes" />
      <ChoiceField
        v-model="view.rangeEnd"
        :label="boardWords.settings.rangeEnd"
        :options="boardWords.settings.rangeEnds"
      />
      <p class="small soft">{{ boardWords.settings.rangeHint }}</p>
      <h3 class="section-head">{{ boardWords.settings.each }}</h3>
      <div class="grid">
        <PickField
          v-for="[id, label] in shown"
          :key="id"
          :label="label"
          :model-value="chosenUnit(id, view.choice)"
          :items="unitsOf(id).map(unit => ({ value: unit, title: UNITS[unit].symbol }))"
          :data-unit="id"
          @update:model-value="choose(id, $event)"
        />
      </div>
      <h3 class="section-head">{{ boardWords.settings.money }}</h3>
      <div class="grid">
        <PickField
          :label="boardWords.settings.money"
          :model-value="known"
          :items="[
            ...CURRENCIES.map(c => ({ value: c.name, title: `${c.name} ${c.sign}` })),
            { value: '', title: boardWords.settings.otherMoney },
          ]"
          data-money
          @update:model-value="pickMoney($event)"
        />
        <template v-if="!known">
          <WordField
            :label="boardWords.settings.moneyName"
            :value="money.name"
            :most="6"
            data-money-name
            @change="chooseMoney({ name: $event })"
          />
          <WordField
            :label="boardWords.settings.moneySign"
            :value="money.sign"
            :most="6"
            data-money-sign
            @change="chooseMoney({ sign: $event || '¤' })"
          />
          <PickField
            :label="boardWords.settings.moneyPlace"
            :model-value="money.before ? 'before' : 'after'"
            :items="boardWords.settings.moneyPlaces"
            @update:model-value="chooseMoney({ before: $event === 'before' })"
          />
        </template>
      </div>
      <p class="small soft">{{ boardWords.settings.moneyHint }}</p>
      <VBtn variant="flat" @click="view.settingsOpen = false">
        {{ boardWords.boats.close }}
      </VBtn>
    </div>
  </VDialog>
</template>

<style scoped>
.settings {
  background: var(--sheet);
  border: 1.25px solid var(--ink);
  padding: 16px;
  color: var(--text);
  overflow: auto;
}
h3 {
  margin-top: 10px;
}
.grid {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0 20px;
  margin-bottom: 14px;
}
.grid label {
  display: flex;
  justify-content: space-between;
  align-items: center;
  min-height: 40px;
  border-bottom: 0.75px solid var(--rule);
  font-size: 13.5px;
}
.small {
  margin: 4px 0 12px;
}
@media (max-width: 480px) {
  .grid {
    grid-template-columns: 1fr;
  }
}
</style>
