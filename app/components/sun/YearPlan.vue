<script setup lang="ts">
import { computed, toRaw } from 'vue'
import { watchDebounced } from '@vueuse/core'
import { edit, typicalDay, type Project, winter, yearWorked, DAY } from '@remigo/core'
import { sunWords } from '~/messages/sun'
import { yearWords as words } from '~/messages/yearPlan'
import { useCompact } from '~/composables/useCompact'
import { useQuantities } from '~/composables/useQuantities'
import { useWorkerRun } from '~/composables/useWorkerRun'
import ChartTable from '~/components/chart/ChartTable.vue'
import { useDocumentStore } from '~/stores/document'

/** The year as she is used, a hundred times with other clouds: what the sun gives and what she takes by month. */
const document = useDocumentStore()
const { text, format } = useQuantities()
const compact = useCompact()
const use = computed(() => document.shown.use.year)
const run = useWorkerRun('year')
const ask = () => run.start(structuredClone(toRaw(document.shown)))
watchDebounced(() => document.shown, ask, { debounce: 250, maxWait: 1000 })
ask()
const spread = computed(() => run.result.value)
type Pattern = Project['use']['year']['pattern']
const set = (pattern: string) => document.edit(words.pattern, [edit('use.year.pattern', pattern as Pattern)])
const setMonth = (end: 'seasonFrom' | 'seasonTo', month: string) =>
  document.edit(words.from, [edit(`use.year.${end}`, Number(month))])

const KWH = 3.6e6,
  WIDE = 624,
  HIGH = 190,
  LEFT = 40,
  FOOT = 34
const months = computed(() => spread.value?.months ?? [])
const most = computed(() =>
  Math.max(0.01, ...months.value.flatMap(m => [m.sun.high, m.drive + m.house]).map(v => v / KWH)),
)
const step = (WIDE - LEFT) / 12
const y = (joules: number) => HIGH - FOOT - (joules / KWH / most.value) * (HIGH - FOOT - 12)
const inUse = computed(() => months.value.map((m, i) => ({ ...m, i })).filter(m => m.used > 0))
const enough = computed(() => inUse.value.filter(m => m.plugged.high === 0))
const headline = computed(() =>
  enough.value.length === 0
    ? words.never
    : enough.value.length === inUse.value.length
      ? words.all
      : words.enough(enough.value.map(m => sunWords.months[m.i]).join(', ')),
)
const worked = computed(() => spread.value && yearWorked(document.shown, spread.value))
const days = computed(() => {
  const { low, high } = worked.value?.plugged ?? {}
  return words.ofEight(text(low ?? 0, 'count'), text(high ?? 0, 'count'))
})
const monthRows = computed(() =>
  months.value.map((m, i) => [
    sunWords.months[i]!,
    ...[m.sun.middle, m.drive + m.house].map(joules => text(joules, 'energy')),
    Math.round(m.plugged.middle),
  ]),
)
const month = computed(() => document.shown.design.charging.month)
const cold = computed(() => winter(document.shown))
const coldest = computed(() => Math.min(...cold.value.map(m => m.air)))
const day = computed(() => typicalDay(document.shown, month.value))
const degrees = (kelvin: number) => format(kelvin, 'temperature').text
const icy = computed(() => cold.value.flatMap((m, i) => (m.ice ? [sunWords.months[i]!] : [])))
const iceSaid = computed(() => (icy.value.length > 0 ? words.ice(icy.value.join(', ')) : words.noIce))
const heatSaid = computed(() => {
  if (use.value.heating <= 0) return ''
  const worst = cold.value.reduce((a, b) => (b.heating > a.heating ? b : a))
  return words.heat(text(worst.heating * DAY, 'energy'), sunWords.months[cold.value.indexOf(worst)]!)
})
const dayMost = computed(() => Math.max(1, ...day.value.map(h => Math.max(h.clear, h.house))))
const dayX = (h: number) => LEFT + ((h + 0.5) / 24) * (WIDE - LEFT)
const dayY = (w: number) => 120 - (w / dayMost.value) * 104
const HOURS_APART = 3
const SKIES = ['clear', 'mixed', 'grey'] as const
const dayRows = computed(() =>
  day.value
    .filter(h => Math.floor(h.hour) % HOURS_APART === 0)
    .map(h => [`${Math.floor(h.hour)}:00`, ...SKIES.map(sky => Math.round(h[sky])), Math.round(h.house)]),
)
const path = (of: 'clear' | 'mixed' | 'grey' | 'house') =>
  day.value.map((h, i) => `${i === 0 ? 'M' : 'L'}${dayX(h.hour).toFixed(1)} ${dayY(h[of]).toFixed(1)}`).join('')
</script>

<template>
  <section class="block" :aria-label="words.title" data-year-plan>
    <h2 class="section-head">
      {{ words.title }}<span>{{ words.hint }}</span>
    </h2>
    <div class="asks">
      <label
        >{{ words.pattern
        }}<select
          class="ink-select"
          :value="use.pattern"
          data-pattern
          @change="set(($event.target as HTMLSelectElement).value)"
        >
          <option v-for="(word, id) in words.patterns" :key="id" :value="id">{{ word }}</option>
        </select></label
      ><label
        >{{ words.from
        }}<select
          class="ink-select"
          :value="String(use.seasonFrom)"
          data-field="use.year.seasonFrom"
          @change="setMonth('seasonFrom', ($event.target as HTMLSelectElement).value)"
        >
          <option v-for="(name, i) in sunWords.months" :key="i" :value="String(i)">{{ name }}</option>
        </select></label
      ><label
        >{{ words.to
        }}<select
          class="ink-select"
          :value="String(use.seasonTo)"
          data-field="use.year.seasonTo"
          @change="setMonth('seasonTo', ($event.target as HTMLSelectElement).value)"
        >
          <option v-for="(name, i) in sunWords.months" :key="i" :value="String(i)">{{ name }}</option>
        </select></label
      >
      <QuantityField path="use.year.heating" /><QuantityField
        path="use.year.coldest"
        :estimate="text(coldest, 'temperature')"
      />
    </div>
    <template v-if="worked">
      <p class="prose" data-year-said>
        <strong>{{ headline }}</strong> {{ words.plugsIn }} <WorkedValue :worked="worked.plugged" size="inline" />
        {{ days }} {{ words.bought }} <WorkedValue :worked="worked.bought" size="inline" />,
        <WorkedValue :worked="worked.cost" size="inline" /> {{ words.aYear }}
        <WorkedValue :worked="worked.cycles" size="inline" /> {{ words.cycles }}
        <WorkedValue :worked="worked.wear" size="inline" /> {{ words.wear }}
      </p>
      <svg :viewBox="`0 0 ${WIDE} ${HIGH}`" class="chart" role="img" :aria-label="words.title">
        <text :x="LEFT - 6" y="14" text-anchor="end" class="tick">{{ words.axis }}</text>
        <g v-for="v in [0, 0.5, 1]" :key="v">
          <path :d="`M${LEFT} ${y(v * most * KWH)}H${WIDE}`" class="grid" />
          <text v-if="v > 0" :x="LEFT - 6" :y="y(v * most * KWH) + (v === 1 ? 14 : 4)" text-anchor="end" class="tick">
            {{ v === 1 ? '' : (v * most).toFixed(most < 10 ? 1 : 0) }}
          </text>
        </g>
        <g v-for="(m, i) in months" :key="i" :transform="`translate(${LEFT + i * step} 0)`">
          <rect x="6" :y="y(m.sun.middle)" :width="step / 2 - 8" :height="HIGH - FOOT - y(m.sun.middle)" class="sun" />
          <path :d="`M${2 + step / 4} ${y(m.sun.high)}V${y(m.sun.low)}`" class="spread" />
          <rect
            :x="step / 2"
            :y="y(m.drive + m.house)"
            :width="step / 2 - 8"
            :height="HIGH - FOOT - y(m.drive + m.house)"
            class="takes"
          />
          <text :x="step / 2" :y="HIGH - 19" text-anchor="middle" class="tick">
            {{ sunWords.months[i]!.slice(0, 3) }}
          </text>
          <text
            v-if="m.used > 0"
            :x="step / 2"
            :y="HIGH - 4"
            text-anchor="middle"
            class="tick"
            :class="{ plug: m.plugged.middle >= 0.5 }"
          >
            {{ Math.round(m.plugged.middle) }}
          </text>
        </g>
        <text :x="LEFT - 6" :y="HIGH - 4" text-anchor="end" class="tick">{{ words.plug }}</text>
      </svg>
      <ChartTable :label="words.title" :head="[words.month, words.given, words.takes, words.days]" :rows="monthRows" />
      <p class="small key">
        <span><i class="sun" /> {{ words.given }} </span>
        <span><i class="takes" /> {{ words.takes }} </span>
        <span
          ><b>{{ words.plug }}</b> {{ words.days }}</span
        >
      </p>
    </template>
    <RunState v-if="!worked" :run="run" :says="words.working" />
    <h3 class="section-head">{{ words.winter }}</h3>
    <table v-if="compact" class="table months" data-winter>
      <thead>
        <tr>
          <th />
          <th class="num">{{ words.air }}</th>
          <th class="num">{{ words.capacity }}</th>
          <th class="num">{{ words.charging }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(m, i) in cold" :key="i">
          <th scope="row">{{ sunWords.months[i]!.slice(0, 3) }}</th>
          <td class="num">{{ degrees(m.air) }}</td>
          <td class="num">{{ Math.round(100 * m.capacity) }}</td>
          <td class="num" :class="{ plug: m.charging === 'none' }">{{ words.charges[m.charging] }}</td>
        </tr>
      </tbody>
    </table>
    <table v-else class="table months" data-winter>
      <thead>
        <tr>
          <th />
          <th v-for="(m, i) in cold" :key="i" class="num">{{ sunWords.months[i]!.slice(0, 3) }}</th>
        </tr>
      </thead>
      <tbody>
        <tr>
          <th scope="row">{{ words.air }}</th>
          <td v-for="(m, i) in cold" :key="i" class="num">{{ degrees(m.air) }}</td>
        </tr>
        <tr>
          <th scope="row">{{ words.capacity }}</th>
          <td v-for="(m, i) in cold" :key="i" class="num">{{ Math.round(100 * m.capacity) }}</td>
        </tr>
        <tr>
          <th scope="row">{{ words.charging }}</th>
          <td v-for="(m, i) in cold" :key="i" class="num" :class="{ plug: m.charging === 'none' }">
            {{ words.charges[m.charging] }}
          </td>
        </tr>
      </tbody>
    </table>
    <p class="small">{{ iceSaid }} {{ heatSaid }}</p>
    <template v-if="document.shown.design.solar.fitted">
      <h3 class="section-head">{{ words.typical(sunWords.months[month]!) }}, {{ words.typicalHint }}</h3>
      <svg :viewBox="`0 0 ${WIDE} 140`" class="chart" role="img" :aria-label="words.typical(sunWords.months[month]!)">
        <path :d="`M${LEFT} 120H${WIDE}`" class="grid" />
        <text :x="LEFT - 6" y="20" text-anchor="end" class="tick">{{ Math.round(dayMost) }}</text>
        <text v-for="h in [0, 6, 12, 18]" :key="h" :x="dayX(h)" y="136" text-anchor="middle" class="tick">{{ h }}</text>
        <path :d="path('clear')" class="line" />
        <path :d="path('mixed')" class="line dash" />
        <path :d="path('grey')" class="line dot" />
        <path :d="path('house')" class="line house" />
      </svg>
      <ChartTable
        :label="words.typical(sunWords.months[month]!)"
        :head="[words.hour, ...SKIES.map(sky => words.skies[sky]), words.house]"
        :rows="dayRows"
      />
      <p class="small key">
        <span><i class="l" /> {{ words.skies.clear }} </span>
        <span><i class="l dash" /> {{ words.skies.mixed }} </span>
        <span><i class="l dot" /> {{ words.skies.grey }} </span>
        <span><i class="l house" /> {{ words.house }}</span>
      </p>
    </template>
    <p class="small soft">{{ words.how }}</p>
  </section>
</template>

<style scoped>
.asks {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  margin: 6px 0 10px;
}
.asks label {
  font-size: 12.5px;
  flex: 1 1 150px;
}
.chart {
  display: block;
  width: 100%;
  max-width: 900px;
}
.grid {
  stroke: var(--grid);
}
.tick {
  font: 400 12px var(--labels);
  fill: var(--text);
}
.plug {
  font-weight: 600;
  fill: var(--clash);
}
.sun {
  fill: var(--band);
  stroke: var(--ink);
}
.takes {
  fill: var(--ink);
}
.spread {
  stroke: var(--text);
  stroke-width: 1.75;
}
.line {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.2;
}
.dash {
  stroke-dasharray: 7 4;
}
.dot {
  stroke-dasharray: 2 4;
}
.months th[scope='row'] {
  font-weight: 400;
  white-space: nowrap;
}
.line.house {
  stroke: var(--tight);
  stroke-width: 1.5;
}
.key {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
}
.key span {
  display: inline-flex;
  gap: 6px;
  align-items: center;
  white-space: nowrap;
}
.key i {
  width: 16px;
  height: 11px;
  border: 1px solid var(--ink);
}
.key i.sun {
  background: var(--band);
}
.key i.takes {
  background: var(--ink);
}
.key i.l {
  height: 0;
  width: 24px;
  border: 0;
  border-top: 2.2px solid var(--ink);
}
.key i.dash {
  border-top-style: dashed;
}
.key i.dot {
  border-top-style: dotted;
}
.key i.house {
  border-top-color: var(--tight);
}
</style>
