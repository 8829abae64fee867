<script setup lang="ts">
import { computed } from 'vue'
import { budgetOf, partOf, PARTS_GROUPS, TASK, templateOf, type Task } from '@remigo/core'
import { moneyWords } from '~/messages/money'
import { workWords as words } from '~/messages/work'
import { useDocumentStore } from '~/stores/document'
import { vKept } from '~/directives/kept'

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
      <label
        ><span>{{ TASK.fields.parts.label }}</span
        ><select
          class="ink-select"
          :value="task.parts"
          @change="emit('change', { parts: ($event.target as HTMLSelectElement).value, wants: [] }, task.name)"
        >
          <option v-for="(w, g) in partsWords" :key="g" :value="g">{{ w }}</option>
        </select></label
      ><label
        ><span>{{ words.inspected }}</span
        ><input
          v-kept="task.inspected"
          class="ink-input"
          maxlength="120"
          :data-inspected="task.id"
          @change="emit('change', { inspected: ($event.target as HTMLInputElement).value.trim() }, task.name)"
      /></label>
    </div>
    <details v-if="lines.length > 0" class="after" data-wants>
      <summary>{{ words.wants }}: {{ wanted }}</summary>
      <label v-for="row in lines" :key="partOf(row)" class="ink-check"
        ><input
          type="checkbox"
          :checked="task.wants.includes(partOf(row))"
          @change="setWants(partOf(row), ($event.target as HTMLInputElement).checked)"
        /><span>{{ row.name }}, {{ moneyWords.states[row.state] }}</span></label
      >
    </details>
    <details class="after">
      <summary>{{ words.after }}: {{ task.after.map(nameOf).join(', ') || words.afterNone }}</summary>
      <label v-for="o in others" :key="o.id" class="ink-check"
        ><input
          type="checkbox"
          :checked="task.after.includes(o.id)"
          @change="setAfter(o.id, ($event.target as HTMLInputElement).checked)"
        /><span>{{ o.name }}</span></label
      >
    </details>
    <label class="note"
      ><span>{{ TASK.fields.note.label }}</span
      ><textarea
        v-kept="task.note"
        class="ink-input"
        rows="2"
        maxlength="1000"
        @change="emit('change', { note: ($event.target as HTMLTextAreaElement).value }, task.name)"
      />
    </label>
    <TaskPhotos :task="task.id" />
    <div class="tools">
      <button type="button" class="btn" :disabled="first" @click="emit('move', -1)">
        {{ words.up }}</button><button type="button" class="btn" :disabled="last" @click="emit('move', 1)">
        {{ words.down }}</button
      ><button type="button" class="btn" @click="emit('remove')">{{ words.remove }}</button>
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
.pair label,
.note {
  display: grid;
  gap: 2px;
  font-size: 12.5px;
}
.note textarea {
  height: auto;
  padding: 6px 8px;
  width: 100%;
}
.after summary {
  cursor: pointer;
  min-height: 32px;
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
