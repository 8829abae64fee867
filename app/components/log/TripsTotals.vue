<script setup lang="ts">
import { computed } from 'vue'
import type { TripTotals } from '@remigo/core'
import { tripsWords as words } from '~/messages/trips'
import { useQuantities } from '~/composables/useQuantities'

/** What all trips come to, and where their energy came from. */
const props = defineProps<{ totals: TripTotals }>()
const { text, format } = useQuantities()
const way = computed(() => format(props.totals.distance, 'distance'))
const sources = computed(() => {
  const all = (['shore', 'sun', 'sail', 'generator'] as const).map(id => ({ id, energy: props.totals[id] }))
  const sum = all.reduce((s, a) => s + a.energy, 0)
  return sum > 0 ? all.filter(a => a.energy > 0).map(a => ({ ...a, share: a.energy / sum })) : []
})
</script>

<template>
  <div>
    <div class="lead">
      <p class="total" data-trips-way>
        {{ way.text }}<span>{{ way.unit }}</span>
      </p>
      <p class="says">
        <b>{{
          words.total(words.tripsCount(totals.trips), text(totals.time, 'duration'), text(totals.used, 'energy'))
        }}</b><br />
        <template v-if="totals.perDistance">{{ words.mile(text(totals.perDistance, 'energyPerDistance')) }}</template>
        {{ totals.fuel ? words.fuel(text(totals.fuel, 'fuelVolume')) : '' }}
      </p>
    </div>
    <div v-if="sources.length" class="in">
      <div class="bar" aria-hidden="true">
        <i v-for="s in sources" :key="s.id" :class="s.id" :style="{ flexGrow: s.share }" />
      </div>
      <p class="small">
        <span v-for="s in sources" :key="s.id"
          >{{ words.sources[s.id] }} <b>{{ text(s.energy, 'energy') }}</b></span
        >
      </p>
    </div>
  </div>
</template>

<style scoped>
.lead {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 20px;
  align-items: end;
}
.total {
  font: 600 60px/58px var(--figures);
  border-bottom: 2px dotted var(--text);
}
.total span {
  font: 500 26px var(--labels);
  margin-left: 8px;
  color: var(--soft);
}
.says {
  font-size: 15.5px;
  line-height: 21px;
}
.in .bar {
  display: flex;
  height: 18px;
  border: 1.25px solid var(--ink);
  margin: 10px 0 4px;
}
.bar i {
  min-width: 3px;
}
.bar .shore {
  background: var(--ink);
}
.bar .sun {
  background: var(--band);
}
.bar .sail {
  background: repeating-linear-gradient(-45deg, var(--ink) 0 1.5px, transparent 1.5px 6px);
}
.bar .generator {
  background: var(--rule);
}
.in .small {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
}
</style>
