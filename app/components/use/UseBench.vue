<script setup lang="ts">
import { chargeLevels, edit, type ProjectPath, type ValueAt } from '@remigo/core'
import { computed } from 'vue'
import { boardWords } from '~/messages/board'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'
import { useRangeEnd } from '~/composables/useRangeEnd'

/** What the boat is for: speeds, hours or distance, and what is kept back. */
const answer = useAnswerStore()
const { longer, end } = useRangeEnd()
const document = useDocumentStore()
const { text } = useQuantities()
const use = computed(() => document.shown.use)
/** the same reserve said both ways */
const reserveOnGauge = computed(() => boardWords.use.onGauge(text(chargeLevels(document.shown).reserve, 'ratio')))
const energy = computed(() => answer.summary.energy)
const enough = computed(() => energy.value.needed <= energy.value.available)
const set = <P extends ProjectPath>(label: string, path: P, value: ValueAt<P>) =>
  document.edit(label, [edit(path, value)])
/** the pack as a bar: what the use takes, what is left, the reserve, and what spares the cells */
const bar = computed(() => {
  const whole = Math.max(answer.model.pack.energy, energy.value.needed)
  const share = (v: number) => `${Math.max(0, (100 * v) / whole)}%`
  return {
    used: share(energy.value.needed),
    available: share(energy.value.available),
    reserve: share(energy.value.reserve),
  }
})
</script>

<template>
  <div class="bench">
    <div class="bench__main">
      <BenchLead
        figure="cruiseRange"
        :head="
          boardWords.use.range(
            text(answer.summary.cruise.distanceLow * longer, 'distance'),
            text(answer.summary.cruise.distanceHigh * longer, 'distance'),
            end,
          )
        "
      >
        {{ boardWords.use.lead(text(energy.distance, 'distance'), text(energy.duration, 'duration')) }}
        {{ enough ? boardWords.use.enough : boardWords.use.short }} {{ boardWords.use.reach }}
      </BenchLead>
      <section class="block" :aria-label="boardWords.use.balance">
        <h2 class="section-head">
          {{ boardWords.use.balance
          }}<span
            ><StateMark :state="enough ? 'fits' : 'stop'" />
            {{ enough ? boardWords.states.fits : boardWords.states.stop }}</span
          >
        </h2>
        <div class="energy" aria-hidden="true">
          <i class="available" :style="{ width: bar.available }" /><i
            class="reserve"
            :style="{ left: bar.available, width: bar.reserve }"
          />
          <i class="used" :class="{ over: !enough }" :style="{ width: bar.used }" />
        </div>
        <ul class="key small">
          <li><i class="used" /> {{ boardWords.use.needs }}</li>
          <li><i class="available" /> {{ boardWords.use.has }}</li>
          <li><i class="reserve" /> {{ boardWords.use.reserve }}</li>
          <li><i class="rest" /> {{ boardWords.use.notUsable }}</li>
        </ul>
        <div class="columns">
          <div><FigureRow id="energyNeeded" band /><FigureRow id="packAvailable" /></div>
          <div><FigureRow id="cruisePower" band /><FigureRow id="energyPerDistance" /></div>
        </div>
      </section>
      <div class="columns">
        <section class="block" :aria-label="boardWords.use.plan">
          <h2 class="section-head">{{ boardWords.use.plan }}</h2>
          <div class="rows"><QuantityField path="use.cruiseSpeed" /><QuantityField path="use.topSpeed" /></div>
          <QuantityField path="use.topTime" />
          <ChoiceField
            :label="boardWords.use.stretch"
            :options="boardWords.use.stretches"
            :model-value="use.stretchKind"
            @update:model-value="set(boardWords.use.stretch, 'use.stretchKind', $event)"
          />
          <div class="rows">
            <QuantityField v-if="use.stretchKind === 'hours'" path="use.duration" /><QuantityField
              v-else
              path="use.distance"
            />
            <QuantityField path="use.houseLoad" />
          </div>
        </section>
        <section class="block" :aria-label="boardWords.use.margins">
          <h2 class="section-head">{{ boardWords.use.margins }}</h2>
          <div class="rows">
            <QuantityField path="use.reserve" :hint="reserveOnGauge" /><QuantityField
              path="use.headroom"
            /><QuantityField path="use.seaMargin" /><QuantityField path="use.headWind" />
          </div>
          <ChoiceField
            :label="boardWords.use.condition"
            :options="boardWords.use.conditions"
            :model-value="use.hullCondition"
            @update:model-value="set(boardWords.use.condition, 'use.hullCondition', $event)"
          />
        </section>
      </div>
      <WhatTheyDo more :project="document.shown" class="block" />
      <BesideMotor />
    </div>
    <div class="bench__side">
      <section :aria-label="boardWords.use.speeds">
        <h2 class="section-head">{{ boardWords.use.speeds }}</h2>
        <FigureRow id="hullSpeed" /><FigureRow id="payoffSpeed" /><FigureRow id="allDaySpeed" /><FigureRow
          id="minutesSpeed"
        /><FigureRow id="overallEfficiency" />
      </section>
    </div>
  </div>
</template>

<style scoped>
.energy {
  position: relative;
  height: 34px;
  border: 1.25px solid var(--ink);
  background: repeating-linear-gradient(45deg, transparent 0 5px, var(--rule) 5px 6px);
  margin: 6px 0;
}
.energy i {
  position: absolute;
  top: 0;
  bottom: 0;
}
i.available {
  background: var(--band);
  border-right: 1.25px solid var(--ink);
}
i.reserve {
  background: repeating-linear-gradient(45deg, var(--sheet) 0 3px, var(--ink) 3px 4px);
  border-right: 1.25px solid var(--ink);
}
.energy i.used {
  top: 11px;
  bottom: 11px;
  left: 0;
}
i.used {
  background: var(--ink);
}
i.used.over {
  background: var(--clash);
}
.key {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  color: var(--soft);
  margin-bottom: 6px;
}
.key i {
  display: inline-block;
  width: 16px;
  height: 9px;
  border: 1px solid var(--ink);
}
.key i.rest {
  background: repeating-linear-gradient(45deg, transparent 0 5px, var(--rule) 5px 6px);
}
h2 span {
  display: inline-flex;
  align-items: center;
  gap: 6px;
}
</style>
