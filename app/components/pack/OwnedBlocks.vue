<script setup lang="ts">
import { computed } from 'vue'
import { ownedUses, withEdits, type OwnedUse, type Project, edit } from '@remigo/core'
import { packWords } from '~/messages/pack'
import { useDocumentStore } from '~/stores/document'
import { useRangeEnd } from '~/composables/useRangeEnd'

/** Blocks that the owner has already, and the best ways to wire them. */
const document = useDocumentStore()
const { end } = useRangeEnd()
const uses = computed(() => ownedUses(document.shown))
const fitted = (use: OwnedUse) =>
  use.pack.series === document.shown.design.pack.series && use.pack.parallel === document.shown.design.pack.parallel
const name = (use: OwnedUse) => `${use.pack.series} × ${use.pack.parallel}`
/** the boat with each way, on which its figures are worked out */
const boats = computed(
  () =>
    new Map<string, Project>(
      uses.value.map(use => [name(use), withEdits(document.shown, [edit('design.pack', use.pack)])]),
    ),
)
const tryUse = (use: OwnedUse) => document.startTrial(`owned/${name(use)}`, name(use), [edit('design.pack', use.pack)])
</script>

<template>
  <section class="block" :aria-label="packWords.owned" data-owned>
    <h2 class="section-head">
      {{ packWords.owned }}<span>{{ packWords.ownedHint }}</span>
    </h2>
    <div class="count">
      <QuantityField
        path="design.banks.owned"
        :estimate="packWords.unset"
        :hint="document.shown.design.pack.cell.name"
      />
    </div>
    <p v-if="document.shown.design.banks.owned === null" class="prose">{{ packWords.ownedNone }}</p>
    <p v-else-if="uses.length === 0" class="prose">{{ packWords.ownedNo }}</p>
    <div v-else class="scroll" role="region" tabindex="0" :aria-label="packWords.owned">
      <VTable>
        <thead>
          <tr>
            <th>{{ packWords.way }}</th>
            <th class="num">{{ packWords.full }}</th>
            <th class="num">{{ packWords.fastest }}</th>
            <th class="num">{{ packWords.range(end) }}</th>
            <th class="num">{{ packWords.spare }}</th>
            <th />
          </tr>
        </thead>
        <tbody>
          <tr v-for="use in uses" :key="name(use)" :class="{ current: fitted(use) }">
            <td class="figures">
              <StateMark :state="use.aboveTouch ? 'caution' : 'fits'" :size="13" /> {{ name(use) }}
            </td>
            <td class="num"><FigureValue id="packFull" :of="boats.get(name(use))" /></td>
            <td class="num"><FigureValue id="allDaySpeed" :of="boats.get(name(use))" /></td>
            <td class="num"><FigureValue id="cruiseRange" :of="boats.get(name(use))" /></td>
            <td class="num">{{ use.spare }}</td>
            <td class="num"><TryButton :fitted="fitted(use)" :name="name(use)" @try="tryUse(use)" /></td>
          </tr>
        </tbody>
      </VTable>
    </div>
  </section>
</template>

<style scoped>
.count {
  max-width: 320px;
}
.scroll {
  overflow-x: auto;
}
</style>
