<script setup lang="ts">
import { computed, ref } from 'vue'
import {
  BUDGET_ITEM,
  budgetCsv,
  budgetOf,
  budgetWorked,
  edit,
  SUNDRIES,
  usualOf,
  withItem,
  type BudgetItem,
  type BudgetRow,
} from '@remigo/core'
import { moneyWords as words } from '~/messages/money'
import { download, fileOf } from '~/files/download'
import { useQuantities } from '~/composables/useQuantities'
import { useDocumentStore } from '~/stores/document'
import { useLibraryStore } from '~/stores/library'
import { readFile } from '~/files/readFile'
import { plainData } from '~/stores/plainData'
import { useFilePick } from '~/composables/useFilePick'

/** What the conversion costs, line by line, and what a year costs then. */
const document = useDocumentStore()
const library = useLibraryStore()
const { text } = useQuantities()
const budget = computed(() => budgetOf(document.shown, library.library))
const budgetFigures = computed(() => budgetWorked(document.shown, budget.value))
const money = (n: number) => text(n, 'price')
const asked = ref('')
const MOST_SHOWN = 120
const shown = computed(() => {
  const words_ = asked.value.trim().toLowerCase()
  return budget.value.rows.filter(
    r => words_ === '' || `${r.name} ${r.group} ${r.supplier} ${words.states[r.state]}`.toLowerCase().includes(words_),
  )
})
const groups = computed(() =>
  budget.value.groups.map(g => ({ ...g, rows: shown.value.filter(r => r.group === g.group).slice(0, MOST_SHOWN) })),
)
const openKey = ref<string | null>(null)
const idOf = (r: BudgetRow) => r.key || `own ${r.index}`
const put = (label: string, items: BudgetItem[]) => document.edit(label, [edit('yard.items', items)])
const change = (r: BudgetRow, of: Record<string, unknown>) =>
  put(r.name, withItem(document.shown, r, of as Partial<BudgetItem>))
const adding = ref(false)
function add(of: { name: string; price: number | null; group: string }) {
  const { items } = document.shown.yard
  if (!put(of.name, [...items, { ...usualOf(BUDGET_ITEM.fields), ...of, sure: false }])) return
  adding.value = false
  openKey.value = `own ${items.length}`
}
function remove(r: BudgetRow) {
  put(
    words.remove,
    document.shown.yard.items.filter((_, i) => i !== r.index),
  )
  openKey.value = null
}
const keys = (r: BudgetRow) =>
  r.key && !r.gone
    ? ['price', 'supplier', 'state', 'paid', 'lead']
    : ['name', 'quantity', 'price', 'sure', 'supplier', 'state', 'paid', 'lead']
const valueOf = (r: BudgetRow): Record<string, unknown> =>
  r.index === null
    ? { ...usualOf(BUDGET_ITEM.fields), name: r.name, quantity: r.quantity }
    : { ...document.shown.yard.items[r.index]! }

const news = ref('')
async function read(file: File) {
  const found = await readFile(files => files.budget(file, plainData(document.shown)))
  if (!found.ok) return void (news.value = `${words.readFailed} ${found.message}`)
  if (put(words.read, found.items)) news.value = words.readDone(found.changed, found.added)
}
const pick = useFilePick('.csv,text/csv', files => read(files[0]!))
const csv = () => download(fileOf(document.shown, 'budget.csv'), budgetCsv(document.shown), 'text/csv')
const print = () => window.print()
const suppliers = computed(() => {
  const wanted = budget.value.rows.filter(r => r.state === 'wanted')
  return [...new Set(wanted.map(r => r.supplier))]
    .sort()
    .map(supplier => ({ supplier, rows: wanted.filter(r => r.supplier === supplier) }))
})
</script>

<template>
  <div class="money" data-money>
    <div class="money__main">
      <div class="lead">
        <p class="headline" data-likely><WorkedValue :worked="budgetFigures.likely" size="bench" /></p>
        <p class="prose">
          <strong>{{ words.likely(words.range(money(budget.likely.low), money(budget.likely.high))) }}</strong>
          {{ words.sum(money(budget.parts.value), money(budget.paid), text(document.shown.yard.spare, 'ratio')) }}
          <template v-if="budget.left !== null">{{
            budget.left >= 0 ? words.left(money(budget.left)) : words.over(money(-budget.left))
          }}</template>
          <template v-if="budget.unknown > 0"> {{ words.unknown(budget.unknown) }}</template>
        </p>
        <div class="tools no-print">
          <VBtn data-add-line :aria-expanded="adding" @click="adding = !adding"> {{ words.add }}</VBtn><VBtn
            data-budget-file
            @click="pick()"
            >{{ words.read }}</VBtn
          ><VBtn data-budget-csv @click="csv">{{ words.csv }}</VBtn
          ><VBtn @click="print">{{ words.order }}</VBtn>
        </div>
      </div>
      <p v-if="news" class="small" role="status">{{ news }}</p>
      <div v-if="adding" class="adding no-print">
        <span class="small soft">{{ words.sundries }}</span>
        <VBtn
          v-for="s in SUNDRIES"
          :key="s.name"
          :data-sundry="s.name"
          @click="add({ name: s.name, price: s.price, group: s.group })"
        >
          {{ s.name }}</VBtn><VBtn @click="add({ name: words.own, price: null, group: 'Tools and hands' })">
          {{ words.own }}
        </VBtn>
      </div>
      <VTextField
        v-model="asked"
        class="find no-print"
        type="search"
        :aria-label="words.search"
        :placeholder="`${words.search}: ${words.all}`"
      />
      <section v-for="g in groups" :key="g.group" class="group no-print" :aria-label="g.group">
        <h2 v-if="g.rows.length > 0" class="section-head">
          {{ g.group }}<span>{{ money(g.total) }}, {{ words.toBuy(g.open) }}</span>
        </h2>
        <ul>
          <li v-for="r in g.rows" :key="idOf(r)" :class="{ open: openKey === idOf(r), gone: r.gone }">
            <VBtn
              variant="plain"
              class="row"
              :aria-expanded="openKey === idOf(r)"
              :data-line="r.name"
              @click="openKey = openKey === idOf(r) ? null : idOf(r)"
            >
              <span class="name"
                >{{ r.name }}<small>{{ r.gone ? words.gone : r.supplier || r.use }}</small></span
              >
              <span class="count">{{ r.unit === 'm' ? text(r.quantity, 'length') : r.quantity }}</span>
              <span class="price"
                >{{ r.basis === 'unknown' ? '–' : money(r.price.value) }}<small>{{ words.basis[r.basis] }}</small></span
              >
              <span class="state" :class="r.state"
                >{{ words.states[r.state]
                }}<small v-if="r.paid !== null">{{ words.columns.paid }} {{ money(r.paid) }}</small></span
              >
            </VBtn>
            <div v-if="openKey === idOf(r)" class="more">
              <RowFields
                :fields="BUDGET_ITEM.fields"
                :value="valueOf(r)"
                :keys="keys(r)"
                :options="words.states"
                @change="change(r, $event)"
              />
              <VBtn v-if="r.index !== null" @click="remove(r)">
                {{ r.key && !r.gone ? words.forget : words.remove }}
              </VBtn>
            </div>
          </li>
        </ul>
      </section>
      <section class="orders only-print">
        <h2>{{ words.orderHead }}</h2>
        <template v-for="s in suppliers" :key="s.supplier">
          <h3>{{ s.supplier || words.noSupplier }}</h3>
          <VTable>
            <tbody>
              <tr v-for="r in s.rows" :key="idOf(r)">
                <td>{{ r.unit === 'm' ? text(r.quantity, 'length') : r.quantity }}</td>
                <td>{{ r.name }}</td>
                <td class="num">{{ r.basis === 'unknown' ? '' : money(r.price.value) }}</td>
              </tr>
            </tbody>
          </VTable>
        </template>
      </section>
    </div>
    <div class="money__side">
      <section>
        <h2 class="section-head">{{ words.fields }}</h2>
        <QuantityField path="yard.budget" :estimate="words.noBudget" /><QuantityField path="yard.spare" /><QuantityField
          path="yard.sale"
        />
      </section>
      <RunningCosts />
    </div>
  </div>
</template>

<style scoped>
.money {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 300px;
  gap: 20px;
  padding: 16px;
}
.lead {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 4px 20px;
  align-items: end;
}
.headline {
  --lead-figure: 46px;

  border-bottom: 2px dotted var(--text);
  padding-bottom: 4px;
  white-space: nowrap;
}
.lead strong {
  display: block;
  font-size: 16px;
}
.tools,
.adding {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-top: 8px;
}
.lead .tools {
  grid-column: 1 / -1;
}
.adding .soft {
  flex-basis: 100%;
}
.find {
  margin-top: 12px;
}
/* a line is read from its name to its price: no longer than that can be followed */
.group,
.find {
  max-width: 1080px;
}
.group {
  margin-top: 12px;
}
.group .section-head {
  display: flex;
  justify-content: space-between;
  border-bottom: 1px solid var(--ink);
  padding-bottom: 2px;
}
.group .section-head span {
  font-weight: 400;
  font-size: 12.5px;
}
.group li {
  border-bottom: 0.75px solid var(--rule);
}
.row {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 58px 84px 84px;
  gap: 8px;
  align-items: center;
  width: 100%;
  min-height: 42px;
  text-align: left;
  font-size: 13.5px;
  line-height: 17px;
}
.row small {
  display: block;
  font-size: 11.5px;
  line-height: 14px;
  color: var(--soft);
}
.name {
  overflow-wrap: anywhere;
}
.count,
.price {
  text-align: right;
  font-family: var(--figures);
}
.price small {
  font-family: var(--labels);
}
.state.arrived,
.state.have {
  color: var(--fits);
}
.open .row {
  background: var(--band);
}
.gone .name {
  text-decoration: line-through;
}
.more {
  padding: 8px 0 12px;
}
.more .v-btn {
  margin-top: 8px;
}
.only-print {
  display: none;
}
@media (max-width: 1099px) {
  .money {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media (max-width: 620px) {
  .lead {
    grid-template-columns: minmax(0, 1fr);
  }
  .headline {
    justify-self: start;
  }
  .row {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  .count {
    text-align: right;
  }
  .price {
    text-align: left;
  }
}
@media print {
  .money {
    display: block;
    padding: 0;
  }
  .only-print {
    display: block;
  }
  .money__side {
    display: none;
  }
}
</style>
