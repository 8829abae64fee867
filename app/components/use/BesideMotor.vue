<script setup lang="ts">
import { computed } from 'vue'
import { besideMotor, edit, type Helper } from '@remigo/core'
import { benchWords } from '~/messages/benches'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'

/** What sails, pedals, oars or the old engine do beside the motor, and what its watts add. */
const document = useDocumentStore()
const { text } = useQuantities()
const words = benchWords.beside
const beside = computed(() => document.shown.use.beside)
const found = computed(() => besideMotor(document.shown))
/** an engine gives some kilowatts, a person some watts */
function setKind(kind: Helper) {
  const power = kind === 'engine' ? Math.max(1000, 0.4 * document.shown.boat.oldEngine.ratedPower) : 80
  document.edit(words.head, [edit('use.beside', { ...beside.value, kind, power })])
}
</script>

<template>
  <section class="block" :aria-label="words.head" data-beside>
    <h2 class="section-head">
      {{ words.head }}<span>{{ words.hint }}</span>
    </h2>
    <ChoiceField :label="words.who" :options="words.kinds" :model-value="beside.kind" @update:model-value="setKind" />
    <template v-if="found">
      <div class="columns">
        <QuantityField v-if="beside.kind === 'sails'" path="use.beside.sailSpeed" />
        <QuantityField v-else path="use.beside.power" />
        <QuantityField path="use.beside.motorPower" />
      </div>
      <p class="prose" data-beside-answer>
        {{ words.answer(text(found.alone, 'speed'), text(found.together, 'speed'), text(found.motorAlone, 'speed')) }}
      </p>
      <VTable>
        <thead>
          <tr>
            <th class="num">{{ words.speed }}</th>
            <th class="num">{{ words.kinds[beside.kind] }}</th>
            <th class="num">{{ words.motor }}</th>
            <th class="num">{{ words.takes }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in found.rows" :key="row.speed">
            <td class="num figures">{{ text(row.speed, 'speed') }}</td>
            <td class="num figures">{{ text(row.helper, 'force') }}</td>
            <td class="num figures">{{ text(row.motor, 'force') }}</td>
            <td class="num figures">{{ text(row.packPower, 'smallPower') }}</td>
          </tr>
        </tbody>
      </VTable>
      <p class="small soft">{{ words.working[beside.kind] }}</p>
    </template>
  </section>
</template>
