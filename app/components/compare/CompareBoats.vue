<script setup lang="ts">
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { chosenUnit, powerCurve, sideBySide, toUnit, UNITS, type Project, type SideRow } from '@remigo/core'
import { orElse } from '~/composables/orElse'
import { useQuantities } from '~/composables/useQuantities'
import { pathOf } from '~/benches'
import { compareWords as words } from '~/messages/compare'
import { useBoatsStore } from '~/stores/boats'
import { useDocumentStore } from '~/stores/document'
import { useLibraryStore } from '~/stores/library'
import { useViewStore } from '~/stores/view'
import type { ChartCurve } from '~/components/chart/chartTypes'

/** Two to four boats or variants: what differs first, their curves in one chart. Which ones stands in the address. */
const boats = useBoatsStore()
const document = useDocumentStore()
const library = useLibraryStore()
const view = useViewStore()
const route = useRoute()
const router = useRouter()
const { text } = useQuantities()
const MOST = 4

const ids = computed(() => {
  const asked = typeof route.query.with === 'string' ? route.query.with.split(',') : [document.project.id]
  return asked.filter(id => boats.list.some(b => b.id === id)).slice(0, MOST)
})
const projectOf = (id: string): Project =>
  id === document.project.id ? document.shown : boats.list.find(b => b.id === id)!.project
const shown = computed(() => ids.value.map(projectOf))
/** a boat whose figures cannot be worked out does not take the others with it */
const sound = computed(() => shown.value.filter(p => orElse(false, () => powerCurve(p, 2).length > 0)))
const broken = computed(() => shown.value.filter(p => !sound.value.includes(p)))

const set = (next: string[]) => router.replace({ query: { ...route.query, with: next.join(',') } })
const toggle = (id: string) => (ids.value.includes(id) ? set(ids.value.filter(i => i !== id)) : set([...ids.value, id]))
async function variant() {
  const kept = ids.value
  await boats.duplicate()
  await set([...kept, document.project.id].slice(0, MOST))
}
const rows = computed(() => (sound.value.length > 1 ? sideBySide(sound.value, library.library) : []))
const groups = computed(() => [
  { label: words.differs, rows: rows.value.filter(r => r.apart > 0) },
  { label: words.same, rows: rows.value.filter(r => r.apart === 0) },
])
function told(row: SideRow, i: number): { value: string; band: string } {
  const v = row.values[i] ?? null
  if (v === null) return { value: words.none, band: '' }
  if (typeof v === 'string') return { value: v, band: '' }
  const show = (n: number) => (row.quantity ? text(n, row.quantity) : String(n))
  return {
    value: show(v.value),
    band: v.low !== undefined && v.high !== undefined ? words.band(show(v.low), show(v.high)) : '',
  }
}
/** whether a boat has the best of a row, where one is better than another */
function best(row: SideRow, i: number): boolean {
  if (!row.wants || row.apart === 0) return false
  const numbers = row.values.map(v => (v !== null && typeof v === 'object' ? v.value : null))
  const of = numbers.filter(n => n !== null)
  return numbers[i] === (row.wants === 'more' ? Math.max(...of) : Math.min(...of))
}

const DASHES: NonNullable<ChartCurve['dash']>[] = ['solid', 'longdash', 'dashdot', 'dot']
const units = computed(() => ({
  speed: chosenUnit('speed', view.choice),
  power: chosenUnit('electricPower', view.choice),
}))
const curves = computed<ChartCurve[]>(() =>
  sound.value.map((project, i) => {
    const points = powerCurve(project)
    return {
      name: project.name,
      x: points.map(p => toUnit(p.speed, units.value.speed)),
      y: points.map(p => toUnit(p.drive.packPower, units.value.power)),
      dash: DASHES[i]!,
      width: 2.4,
      colour: 'ink' as const,
      tag: project.name,
    }
  }),
)
/** as far as the fastest is wished to go, and a fifth beyond */
const axes = computed(() => {
  const fastest = Math.max(...sound.value.map(p => toUnit(p.use.topSpeed, units.value.speed))) * 1.2
  const highest = Math.max(
    ...curves.value.flatMap(c => c.y.filter((_, i) => c.x[i]! <= fastest).map(y => y ?? 0)),
    Number.MIN_VALUE,
  )
  return {
    x: { title: words.speed, unit: UNITS[units.value.speed].symbol, from: 0, to: fastest },
    y: { title: words.power, unit: UNITS[units.value.power].symbol, from: 0, to: 1.06 * highest },
  }
})
</script>

<template>
  <article class="compare" data-compare>
    <h1>{{ words.title }}</h1>
    <p class="prose">{{ words.lead }}</p>
    <div class="choose" role="group" :aria-label="words.choose">
      <VCheckboxBtn
        v-for="boat in boats.list"
        :key="boat.id"
        class="pick"
        :class="{ off: !ids.includes(boat.id) && ids.length === MOST }"
        :model-value="ids.includes(boat.id)"
        :label="boat.name"
        :disabled="!ids.includes(boat.id) && ids.length === MOST"
        :data-pick="boat.id"
        @update:model-value="toggle(boat.id)"
      />
      <VBtn v-if="ids.length < MOST" data-make-variant @click="variant">
        {{ words.variant(document.project.name) }}
      </VBtn>
    </div>
    <p v-if="ids.length === MOST" class="small soft">{{ words.four }}</p>
    <p v-for="project in broken" :key="project.id" class="caution">{{ words.broken(project.name) }}</p>
    <p v-if="sound.length < 2" class="prose" role="status">{{ words.one }}</p>
    <template v-else>
      <div class="wide">
        <VTable class="sides">
          <thead>
            <tr>
              <th />
              <th v-for="(project, i) in sound" :key="project.id" scope="col">
                <svg width="34" height="8" aria-hidden="true"><path d="M0 4H34" class="dash" :class="DASHES[i]" /></svg>
                <VBtn
                  variant="text"
                  :aria-label="words.open(project.name)"
                  @click="boats.open(project.id).then(() => router.push(pathOf('boat')))"
                >
                  {{ project.name }}
                </VBtn>
              </th>
            </tr>
          </thead>
          <tbody v-for="group in groups" :key="group.label">
            <tr v-if="group.rows.length" class="group">
              <th :colspan="sound.length + 1" scope="rowgroup">{{ group.label }}</th>
            </tr>
            <tr v-for="row in group.rows" :key="row.id" :data-row="row.id">
              <th scope="row">{{ row.label }}</th>
              <td v-for="(project, i) in sound" :key="project.id" :class="{ best: best(row, i) }">
                {{ told(row, i).value }}<span v-if="best(row, i)" class="visually-hidden">, {{ words.best }}</span
                ><small v-if="told(row, i).band">{{ told(row, i).band }}</small>
              </td>
            </tr>
          </tbody>
        </VTable>
      </div>
      <h2 class="section-head">{{ words.curves }}</h2>
      <PlotChart :label="words.curves" :x="axes.x" :y="axes.y" :curves="curves" :height="360" />
    </template>
  </article>
</template>

<style scoped>
.compare {
  max-width: 1180px;
  margin: 0 auto;
  padding: 18px 16px 32px;
}
h1 {
  font: 600 26px/32px var(--figures);
}
.choose {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  align-items: center;
  margin: 12px 0;
}
.pick {
  min-height: 36px;
}
.off {
  color: var(--soft);
}
.wide {
  overflow-x: auto;
}
.sides th,
.sides td {
  text-align: left;
  vertical-align: top;
}
.group th {
  padding-top: 14px;
  color: var(--soft);
}
.best {
  font-weight: 600;
  box-shadow: inset 3px 0 0 var(--fits);
}
small {
  display: block;
  font-weight: 400;
  font-size: 12px;
  color: var(--soft);
}
.dash {
  stroke: var(--ink);
  stroke-width: 2.4;
}
.longdash {
  stroke-dasharray: 12 4;
}
.dashdot {
  stroke-dasharray: 8 3 2 3;
}
.dot {
  stroke-dasharray: 2 3;
}
.section-head {
  margin-top: 22px;
}
</style>
