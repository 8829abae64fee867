<script setup lang="ts">
import { computed } from 'vue'
import { planesWith, whatItDoes, whatMoreBuys, withReserve, type Project } from '@remigo/core'
import { haveWords } from '~/messages/have'
import { useQuantities } from '~/composables/useQuantities'

/** What a boat does by the parts that are in her, whatever is wished; and what more of them would buy. */
const props = defineProps<{ project: Project; more?: boolean }>()
const words = haveWords.does
const { text } = useQuantities()
const rows = computed(() => {
  const does = whatItDoes(props.project)
  return (['flatOut', 'continuous', 'farthest'] as const).map(id => ({
    id,
    label: words.rows[id],
    ...does[id],
    ...withReserve(does[id]),
  }))
})
/** with how many aboard a planing boat planes */
const planes = computed(() => {
  const found = planesWith(props.project)
  if (!found) return ''
  const { most, lookedAt, aboard, from, reaches } = found
  if (most === null) return words.planesNot(text(from, 'speed'), text(reaches, 'speed'))
  return words.planes(most, aboard, most >= lookedAt)
})
const buys = computed(() =>
  (props.more ? whatMoreBuys(props.project) : []).map(({ parts, speed, way, limit }) => {
    const name = parts.map(part => words.more.parts[part]).join(' and ')
    return {
      name: name[0]!.toUpperCase() + name.slice(1),
      gains: [
        ...(way ? [words.more.way(text(way.was, 'distance'), text(way.would, 'distance'))] : []),
        ...(speed ? [words.more.speed(text(speed.was, 'speed'), text(speed.would, 'speed'), limit)] : []),
      ],
    }
  }),
)
</script>

<template>
  <section :aria-label="words.head" data-what-they-do>
    <h2 class="section-head">{{ words.head }}</h2>
    <p v-if="rows[0]!.speed <= 0">{{ words.none }}</p>
    <VTable v-else>
      <thead>
        <tr>
          <td />
          <th v-for="label in words.columns" :key="label" scope="col">{{ label }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.id" :data-does="row.id">
          <th scope="row">
            {{ row.label }}<span class="small soft">{{ row.limit }}</span>
          </th>
          <td class="figures">{{ text(row.speed, 'speed') }}</td>
          <td class="figures">{{ text(row.power, 'electricPower') }}</td>
          <td class="figures">{{ text(row.time, 'duration') }}</td>
          <td class="figures">{{ text(row.way, 'distance') }}</td>
        </tr>
      </tbody>
    </VTable>
    <p v-if="planes" data-planes-with>{{ planes }}</p>
    <p class="small soft">{{ words.note }}</p>
    <template v-if="buys.length">
      <h3 class="section-head">{{ words.more.head }}</h3>
      <ul class="more" data-more-buys>
        <li v-for="row in buys" :key="row.name">
          <b>{{ row.name }}</b>
          <span v-for="gain in row.gains" :key="gain">{{ gain }}</span>
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
th span.small {
  display: block;
  font-weight: 400;
  white-space: normal;
}
th,
td {
  padding-inline: 0 8px;
}
section > p,
h3 {
  margin-top: 8px;
}
.more li {
  display: grid;
  padding: 5px 0;
  border-bottom: 0.75px solid var(--rule);
  font-size: 13.5px;
  line-height: 18px;
}
</style>
