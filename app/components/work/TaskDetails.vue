<script setup lang="ts">
import { computed } from 'vue'
import { budgetOf, partOf, PARTS_GROUPS, TASK, templateOf, type Task } from '@remigo/core'
import { moneyWords } from '~/messages/money'
import { workWords as words } from '~/messages/work'
import { useDocumentStore } from '~/stores/document'

/** One task, opened: how it is done and inspected, its hours, what it waits for, its note and pictures. */
const { task } = defineProps<{ task: Task; first: boolean; last: boolean }>()
const emit = defineEmits<{
  /** What becomes of it, and the name of the change in the history. */
  change: [of: Partial<Task>, label: string]
  /** By how many places it moves down the list. */
  move: [by: number]
  remove: []
}>()
const document = useDocumentStore()
const usual = computed(() => templateOf(task.id))
const others = computed(() => document.shown.yard.tasks.filter(other => other.id !== task.id))
const nameOf = (id: string) => others.value.find(other => other.id === id)?.name ?? id
function setAfter(id: string, on: boolean) {
  const after = on ? [...task.after, id] : task.after.filter(a => a !== id)
  emit('change', { after }, words.edit(task.name))
}
/** The lines of the parts list that are of its group. */
const lines = computed(() => budgetOf(document.shown).rows.filter(row => !row.gone && row.group === task.parts))
function setWants(part: string, on: boolean) {
  const there = task.wants.filter(want => lines.value.some(row => partOf(row) === want))
  const wants = on ? [...there, part] : there.filter(want => want !== part)
  emit('change', { wants }, words.edit(task.name))
}
const wanted = computed(() => {
  const named = lines.value.filter(row => task.wants.includes(partOf(row)))
  if (named.length < task.wants.length) return words.wantsGone
  return named.length === 0 ? words.wantsAll : named.map(row => row.name).join(', ')
})
const partsWords = Object.fromEntries(['', ...PARTS_GROUPS].map(g => [g, g || words.afterNone]))
</script>

<template>
  <div class="more">
    <template v-if="usual">
      <p>
        <b>{{ words.tools }}</b> {{ usual.tools }}
      </p>
      <p>
        <b>{{ words.inspect }}</b> {{ usual.inspect }}
      </p>
      <p v-if="usual.caution" class="caution">{{ usual.caution }}</p>
    </template>
    <RowFields
      :fields="TASK.fields"
      :value="{ ...task }"
      :keys="['name', 'least', 'most', 'by', 'licensed']"
      @change="emit('change', $event, words.edit(task.name))"
    />
    <div class="pair">
      <PickField
        :label="TASK.fields.parts.label"
        :model-value="task.parts"
        :items="partsWords"
        @update:model-value="emit('change', { parts: $event, wants: [] }, task.name)"
      />
      <WordField
        :label="words.inspected"
        :value="task.inspected"
        :most="120"
        :data-inspected="task.id"
        @change="emit('change', { inspected: $event }, task.name)"
      />
    </div>
    <FoldedPart v-if="lines.length > 0" data-wants :title="`${words.wants}: ${wanted}`">
      <VCheckboxBtn
        v-for="row in lines"
        :key="partOf(row)"
        :model-value="task.wants.includes(partOf(row))"
        :label="`${row.name}, ${moneyWords.states[row.state]}`"
        @update:model-value="setWants(partOf(row), $event)"
      />
    </FoldedPart>
    <FoldedPart :title="`${words.after}: ${task.after.map(nameOf).join(', ') || words.afterNone}`">
      <VCheckboxBtn
        v-for="o in others"
        :key="o.id"
        :model-value="task.after.includes(o.id)"
        :label="o.name"
        @update:model-value="setAfter(o.id, $event)"
      />
    </FoldedPart>
    <WordField
      :label="TASK.fields.note.label"
      :value="task.note"
      :rows="2"
      :most="1000"
      @change="emit('change', { note: $event }, task.name)"
    />
    <TaskPhotos :task="task.id" />
    <div class="tools">
      <VBtn :disabled="first" @click="emit('move', -1)"> {{ words.up }}</VBtn><VBtn
        :disabled="last"
        @click="emit('move', 1)"
      >
        {{ words.down }}</VBtn
      ><VBtn @click="emit('remove')">{{ words.remove }}</VBtn>
    </div>
  </div>
</template>

<style scoped>
.more {
  padding: 8px 0 14px 26px;
  display: grid;
  gap: 8px;
  font-size: 13.5px;
}
.caution {
  border: 1.25px solid var(--ink);
  padding: 6px 10px;
  font-size: 13px;
}
.pair {
  display: grid;
  grid-template-columns: 180px minmax(0, 1fr);
  gap: 10px;
}
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-top: 8px;
}
@media (max-width: 620px) {
  .more {
    padding-left: 0;
  }
  .pair {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
