<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import {
  balanceOf,
  balanceWorked,
  bestPlace,
  crewState,
  crewStability,
  edit,
  isPlaced,
  listState,
  placesWith,
  plateCheck,
  trimState,
  typicalMass,
  TYPICAL_MASSES,
  usualOf,
  WEIGHT,
  withEdits,
  type Edit,
  type TypicalMass,
  type WeightRow,
} from '@remigo/core'
import { weightWords as words } from '~/messages/weights'
import { useQuantities } from '~/composables/useQuantities'
import { useRestingSpeed } from '~/composables/useRestingSpeed'
import { useDocumentStore } from '~/stores/document'

/** What goes out and comes in, where it stands, and how she floats then. */
const document = useDocumentStore()
const { text } = useQuantities()
type Place = Partial<Pick<WeightRow, 'along' | 'across' | 'above'>>
const draft = ref<{ row: number; to: Place } | null>(null)
const chosen = ref(-1)

/** the edit that puts a row elsewhere */
function placing(row: WeightRow, to: Place): Edit {
  const at = { along: row.along, across: row.across, above: row.above, ...to }
  if (row.part) return edit('yard.places', placesWith(document.shown, { part: row.part, ...at }))
  return edit(
    'yard.weights',
    document.shown.yard.weights.map((w, i) => (i === row.index ? { ...w, ...at } : w)),
  )
}
const kept = computed(() => balanceOf(document.shown))
const shown = computed(() => {
  const d = draft.value
  return d ? withEdits(document.shown, [placing(kept.value.rows[d.row]!, d.to)]) : document.shown
})
const balance = computed(() => balanceOf(shown.value))
const rows = computed(() => balance.value.rows)
const speed = useRestingSpeed()
const row = computed(() => rows.value[chosen.value])
watch(
  () => document.project.id,
  () => {
    chosen.value = -1
    draft.value = null
  },
)
const drag = (i: number, to: Place) =>
  (draft.value = { row: i, to: { ...(draft.value?.row === i ? draft.value.to : {}), ...to } })
function drop() {
  const d = draft.value
  draft.value = null
  if (d) document.edit(words.move(kept.value.rows[d.row]!.name), [placing(kept.value.rows[d.row]!, d.to)])
}

const worked = computed(() => balanceWorked(balance.value))
const size = (m: number) => text(Math.abs(m), 'smallLength')
const weight = (kg: number) => text(kg, 'partMass')
const trim = computed(() => balance.value.trim)
const trimRange = computed(() => {
  const ends = [trim.value.low, trim.value.high].map(v => (trim.value.value < 0 ? -v : v)).sort((a, b) => a - b)
  return words.range(text(ends[0]!, 'smallLength'), text(ends[1]!, 'smallLength'))
})
const plate = computed(() => plateCheck(shown.value))
/** people on their feet and one at the side, where they may turn her over */
const moves = computed(() => {
  const stability = crewStability(shown.value),
    { standing, heel } = stability
  if (!standing) return null
  return {
    state: crewState(shown.value.boat, stability)?.state ?? ('fits' as const),
    standing: text(standing.value, 'length'),
    heel: words.crewHeel(text(heel.value, 'angle')),
  }
})
const better = computed(() => (draft.value ? null : bestPlace(document.shown)))
const betterSaid = computed(() =>
  !better.value
    ? ''
    : better.value.space
      ? words.bestSpace(better.value.space)
      : words.bestMove(text(Math.abs(better.value.moves), 'length'), better.value.moves > 0),
)
const takeBetter = () =>
  document.edit(words.best(betterSaid.value), [edit('yard.places', placesWith(document.shown, better.value!.place))])

// the list
const adding = ref<'out' | 'in' | null>(null)
const USUAL_SIZE = { power: 15_000, volume: 0.06 }
function add(of: TypicalMass | null) {
  const { weights } = document.shown.yard,
    way = adding.value ?? 'in'
  const engine = document.shown.boat.oldEngine.ratedPower,
    by = of?.by === 'power' && engine > 0 ? engine : of?.by ? USUAL_SIZE[of.by] : 0
  const motor = kept.value.rows.find(r => r.part === 'motor')!
  const { mass, doubt } = of ? typicalMass(of.id, by) : { mass: 10, doubt: 1 }
  const tidy = (kg: number) => (kg >= 20 ? Math.round(kg) : Math.round(10 * kg) / 10)
  const next = [
    ...weights,
    {
      ...usualOf(WEIGHT.fields),
      name: of?.label ?? words.own,
      way,
      mass: tidy(mass),
      doubt: tidy(doubt),
      along: motor.along,
      above: motor.above,
    },
  ]
  if (!document.edit(words.add(of?.label ?? words.own), [edit('yard.weights', next)])) return
  adding.value = null
  chosen.value = kept.value.rows.findIndex(r => r.index === next.length - 1)
}
function change(of: Record<string, unknown>) {
  const r = row.value
  if (!r) return
  if (r.part) return document.edit(words.move(r.name), [placing(r, of as Place)])
  document.edit(r.name, [
    edit(
      'yard.weights',
      document.shown.yard.weights.map((w, i) => (i === r.index ? { ...w, ...of } : w)),
    ),
  ])
}
function remove() {
  const r = row.value
  if (!r) return
  document.edit(
    words.remove,
    r.part
      ? [
          edit(
            'yard.places',
            document.shown.yard.places.filter(p => p.part !== r.part),
          ),
        ]
      : [
          edit(
            'yard.weights',
            document.shown.yard.weights.filter((_, i) => i !== r.index),
          ),
        ],
  )
  if (!r.part) chosen.value = -1
}
const keys = computed(() =>
  row.value?.part ? ['along', 'across', 'above'] : ['name', 'way', 'mass', 'doubt', 'along', 'across', 'above'],
)
const sides = computed(() => [
  { way: 'out' as const, title: words.out, sum: words.sumOut, of: balance.value.out },
  { way: 'in' as const, title: words.in, sum: words.sumIn, of: balance.value.in },
])
</script>

<template>
  <div class="weights" data-weights>
    <div class="weights__main">
      <div class="lead">
        <p class="headline" data-trim><WorkedValue :worked="worked.trim" size="bench" /></p>
        <p class="prose">
          <strong>{{
            Math.abs(trim.value) < 0.002
              ? words.level
              : trim.value < 0
                ? words.byBow(trimRange)
                : words.byStern(trimRange)
          }}</strong>
          {{
            balance.change.mass < 0
              ? words.lighter(weight(-balance.change.mass), size(balance.sinkage.value))
              : words.heavier(weight(balance.change.mass), size(balance.sinkage.value))
          }}
          <span v-if="!isPlaced(document.shown)" class="soft">{{ words.guessed }}</span><span
            v-else-if="document.shown.boat.massHolds === 'after'"
            class="soft"
            >{{ words.after }}</span
          >
        </p>
        <div class="tools no-print">
          <VBtn data-take-out :aria-expanded="adding === 'out'" @click="adding = adding === 'out' ? null : 'out'">
            {{ words.takeOut }}</VBtn><VBtn
            data-put-in
            :aria-expanded="adding === 'in'"
            @click="adding = adding === 'in' ? null : 'in'"
          >
            {{ words.putIn }}
          </VBtn>
        </div>
      </div>
      <div v-if="adding" class="adding no-print" data-typical>
        <span class="small soft">{{ words.typical }}</span>
        <VBtn v-for="t in TYPICAL_MASSES" :key="t.id" :data-typical-id="t.id" @click="add(t)"> {{ t.label }}</VBtn><VBtn
          @click="add(null)"
          >{{ words.own }}</VBtn
        >
      </div>
      <WeightsDrawing
        :project="shown"
        :balance="balance"
        :chosen="chosen"
        @choose="chosen = $event"
        @drag="drag"
        @drop="drop"
      />
      <p class="small soft">{{ words.how }}</p>
      <p class="caution">{{ words.caution }}</p>
    </div>
    <div class="weights__side">
      <VTable data-weight-rows>
        <template v-for="side in sides" :key="side.way">
          <thead>
            <tr>
              <th>{{ side.title }}</th>
              <th class="num">{{ words.kg }}</th>
              <th class="num">±</th>
              <th class="num">{{ words.aft }}</th>
            </tr>
          </thead>
          <tbody>
            <template v-for="(r, i) in rows" :key="i">
              <tr v-if="r.way === side.way" :class="{ current: i === chosen }" :data-row="i" @click="chosen = i">
                <td>
                  <VBtn variant="plain" class="name" @click.stop="chosen = i">
                    <b>{{ i + 1 }}</b> {{ r.name }}
                  </VBtn>
                </td>
                <td class="num">{{ weight(r.mass) }}</td>
                <td class="num">{{ weight(r.doubt) }}</td>
                <td class="num">{{ text(r.along, 'length') }}</td>
              </tr>
            </template>
            <tr class="sum">
              <th scope="row">{{ side.sum }}</th>
              <td class="num">{{ weight(side.of.mass) }}</td>
              <td class="num">{{ weight(side.of.doubt) }}</td>
              <td />
            </tr>
          </tbody>
        </template>
        <tbody>
          <tr class="sum">
            <th scope="row">{{ balance.change.mass < 0 ? words.lighterBy : words.heavierBy }}</th>
            <td class="num">{{ weight(Math.abs(balance.change.mass)) }}</td>
            <td class="num">{{ weight(balance.change.doubt) }}</td>
            <td />
          </tr>
        </tbody>
      </VTable>
      <section v-if="row" class="block" data-weight-open>
        <h2 class="section-head">{{ words.chosen(row.name) }}</h2>
        <RowFields
          :fields="WEIGHT.fields"
          :value="{ ...row }"
          :keys="keys"
          :options="{ out: words.out, in: words.in }"
          @change="change"
        />
        <div class="tools">
          <VBtn v-if="!row.part || row.placed" data-weight-remove @click="remove">
            {{ row.part ? words.usual : words.remove }}
          </VBtn>
        </div>
      </section>
      <section class="block">
        <h2 class="section-head">{{ words.stability }}</h2>
        <ul class="marks">
          <li>
            <StateMark :state="trimState(balance)" :size="15" /><span>{{
              trim.value < 0 ? words.trim.bow : words.trim.stern
            }}</span
            ><WorkedValue :worked="worked.trim" size="inline" />
          </li>
          <li>
            <StateMark state="fits" :size="15" /><span>{{
              balance.sinkage.value < 0 ? words.floats.higher : words.floats.deeper
            }}</span
            ><WorkedValue :worked="worked.sinkage" size="inline" />
          </li>
          <li>
            <StateMark :state="listState(balance)" :size="15" /><span>{{
              balance.list.value < 0 ? words.list.port : words.list.starboard
            }}</span
            ><WorkedValue :worked="worked.list" size="inline" />
          </li>
          <li>
            <StateMark :state="balance.hydro.gmBasis === 'estimate' ? 'note' : 'fits'" :size="15" /><span>{{
              words.gm[balance.hydro.gmBasis]
            }}</span
            ><b
              ><WorkedValue :worked="worked.gm" size="inline" />
              <small>{{ words.range(text(balance.gm.low, 'length'), text(balance.gm.high, 'length')) }}</small></b
            >
          </li>
          <li v-if="moves" data-crew-moves>
            <StateMark :state="moves.state" :size="15" /><span>{{ words.crewMoves }}</span
            ><b
              >{{ moves.standing }}<small>{{ moves.heel }}</small></b
            >
          </li>
          <li v-if="plate.load" data-plate>
            <StateMark :state="plate.load.aboard > plate.load.most ? 'stop' : 'fits'" :size="15" /><span>{{
              words.plate(weight(plate.load.most))
            }}</span
            ><b>{{
              plate.load.aboard > plate.load.most
                ? words.over(weight(plate.load.aboard - plate.load.most))
                : words.spare(weight(plate.load.most - plate.load.aboard))
            }}</b>
          </li>
          <li>
            <span /><span>{{ words.fromPack }} {{ text(speed, 'speed') }}</span
            ><FigureValue id="packPower" size="inline" />
          </li>
        </ul>
        <VBtn v-if="better" variant="flat" class="wide" data-best-place @click="takeBetter">
          <span>{{ words.best(betterSaid) }}</span><span>{{ words.bestTrim(size(better.trim)) }}</span>
        </VBtn>
      </section>
      <section class="block">
        <h2 class="section-head">{{ words.fields }}</h2>
        <QuantityField path="yard.crew" /><QuantityField path="yard.plateLoad" /><QuantityField
          path="yard.platePeople"
        />
        <QuantityField path="yard.platePower" /><QuantityField path="yard.roll" /><QuantityField path="yard.gm" />
      </section>
    </div>
  </div>
</template>

<style scoped>
.weights {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 336px;
  gap: 20px;
  padding: 16px;
}
.lead {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  gap: 4px 24px;
  align-items: end;
  margin-bottom: 8px;
}
.headline {
  --lead-figure: 50px;
  font: 600 54px/58px var(--figures);
  border-bottom: 2px dotted var(--text);
  padding-bottom: 4px;
}
.lead strong {
  display: block;
  font-size: 17px;
}
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-top: 8px;
}
.adding {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
  padding: 8px 0;
  border-top: 0.75px solid var(--rule);
}
.adding .soft {
  flex-basis: 100%;
}
.name {
  text-align: left;
  min-height: max(28px, var(--touch));
}
.name b {
  font-family: var(--figures);
  margin-right: 4px;
}
.v-table .sum th,
.v-table .sum td {
  font-weight: 600;
}
.v-table tr[data-row] {
  cursor: pointer;
}
.marks li {
  display: grid;
  grid-template-columns: 18px minmax(0, 1fr) auto;
  gap: 8px;
  align-items: center;
  min-height: 36px;
  border-bottom: 0.75px solid var(--rule);
  font-size: 13.5px;
}
.marks b {
  font-family: var(--figures);
  text-align: right;
}
.marks small {
  display: block;
  font-weight: 400;
  font-size: 12px;
  color: var(--soft);
}
.wide {
  width: 100%;
  margin-top: 10px;
  text-align: left;
}
.caution {
  margin-top: 10px;
  padding: 8px 10px;
  border: 1.25px solid var(--ink);
  font-size: 13.5px;
}
@media (max-width: 1099px) {
  .weights {
    grid-template-columns: minmax(0, 1fr);
  }
  .lead {
    grid-template-columns: minmax(0, 1fr);
  }
  .headline {
    justify-self: start;
  }
}
</style>
