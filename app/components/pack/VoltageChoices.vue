<script setup lang="ts">
import { computed } from 'vue'
import { TOUCH_LIMIT, voltageChoices, withEdits, type VoltageChoice, edit, type RuleId } from '@remigo/core'
import { wiringWords } from '~/messages/wiring'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useLibraryStore } from '~/stores/library'
import { useQuantities } from '~/composables/useQuantities'
import { useSizing } from '~/composables/useSizing'

/** Every usual system voltage on this boat's own numbers, and what speaks for low and for high. */
const answer = useAnswerStore()
const document = useDocumentStore()
const library = useLibraryStore()
const { text } = useQuantities()
const { failure, sizeAt } = useSizing()
const rows = computed(() => voltageChoices(document.shown, library.library))
const size = (c: VoltageChoice) =>
  c.area === null ? wiringWords.none : `${c.parallel > 1 ? `${c.parallel} × ` : ''}${text(c.area * 1e-6, 'copperArea')}`
/** the boat at a voltage, whatever she has: what its figures are worked out on */
const at = computed(
  () => new Map(rows.value.map(r => [r.voltage, withEdits(document.shown, [edit('design.systemVoltage', r.voltage)])])),
)
/** the one that is fitted stands as the findings say; the others as their best parts would */
const FITTED = new Set<RuleId>(['packAboveWindow', 'packBelowWindow', 'motorSpeed', 'chargerWindow'])
function stateOf(c: VoltageChoice) {
  if (c.fitted && answer.findings.findings.some(f => f.severity === 'stop' && FITTED.has(f.rule))) return 'stop'
  return c.price === null || c.clashes > 0 ? 'stop' : c.aboveTouch ? 'caution' : 'fits'
}
const able = computed(() => rows.value.filter(r => r.price !== null))
const low = computed(() => able.value.filter(r => !r.aboveTouch).at(-1))
const high = computed(() => able.value.find(r => r.aboveTouch))
</script>

<template>
  <section class="block" :aria-label="wiringWords.voltages" data-voltages>
    <h2 class="section-head">
      {{ wiringWords.voltages }}<span>{{ wiringWords.voltagesHint }}</span>
    </h2>
    <VTable class="blocks">
      <thead>
        <tr>
          <th>{{ wiringWords.volts }}</th>
          <th class="num">{{ wiringWords.cruise }}</th>
          <th class="num">{{ wiringWords.top }}</th>
          <th class="num">{{ wiringWords.copper }}</th>
          <th class="num">{{ wiringWords.strongest }}</th>
          <th class="num">{{ wiringWords.from }}</th>
          <th />
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in rows" :key="r.voltage" :class="{ current: r.fitted }">
          <td class="figures"><StateMark :state="stateOf(r)" :size="13" /> {{ text(r.voltage, 'voltage') }}</td>
          <td class="num" :data-head="wiringWords.cruise">
            <FigureValue id="voltageCruise" :of="at.get(r.voltage)" />
          </td>
          <td class="num" :data-head="wiringWords.top"><FigureValue id="voltageTop" :of="at.get(r.voltage)" /></td>
          <td class="num" :data-head="wiringWords.copper">
            <template v-if="r.area !== null"
              ><span v-if="r.parallel > 1">{{ r.parallel }} × </span
              ><FigureValue id="voltageArea" :of="at.get(r.voltage)" /><small
                ><FigureValue id="voltageCopper" :of="at.get(r.voltage)" size="inline" />,
                <FigureValue id="voltageLoss" :of="at.get(r.voltage)" size="inline" /></small></template
            ><template v-else>{{ wiringWords.none }}</template>
          </td>
          <td class="num" :data-head="wiringWords.strongest">
            {{ r.motors ? text(r.strongest, 'power') : wiringWords.none
            }}<small class="soft wraps">{{ wiringWords.motors(r.motors, r.controllers) }}</small>
          </td>
          <td class="num" :data-head="wiringWords.from">
            {{ r.price === null ? wiringWords.none : text(r.price, 'price')
            }}<small v-if="r.parts" class="soft wraps parts"
              >{{ r.parts.motor }}<br />{{ r.parts.controller }}<br />{{ r.parts.cells }}</small
            >
          </td>
          <td class="num">
            <TryButton
              :fitted="r.fitted"
              :name="text(r.voltage, 'voltage')"
              :disabled="r.price === null"
              @try="sizeAt(r.voltage)"
            />
          </td>
        </tr>
      </tbody>
    </VTable>
    <p v-if="failure" class="prose" role="alert">{{ failure }}</p>
    <p v-if="low" class="prose">
      {{
        wiringWords.low(
          text(low.voltage, 'voltage'),
          text(low.cruiseCurrent, 'current'),
          size(low),
          text(TOUCH_LIMIT, 'voltage'),
        )
      }}
    </p>
    <p class="prose">
      {{
        high
          ? wiringWords.high(text(high.voltage, 'voltage'), text(high.cruiseCurrent, 'current'), size(high))
          : wiringWords.noHigh
      }}
    </p>
  </section>
</template>

<style scoped>
small {
  display: block;
  font-size: 12px;
  line-height: 14px;
  font-family: var(--labels);
}
/* names would push the buttons out of sight */
.wraps {
  white-space: normal;
  margin-left: auto;
  max-width: 84px;
}
.parts {
  max-width: 132px;
}
.prose {
  margin-top: 6px;
  max-width: 70ch;
}
</style>
