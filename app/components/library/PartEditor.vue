<script setup lang="ts">
import { computed, nextTick, ref, useId, watch } from 'vue'
import {
  checkPart,
  inUnits,
  ownPartId,
  keptText,
  PART_KINDS,
  readField,
  type NumberColumn,
  type Part,
  type PartError,
  type PartKindId,
} from '@remigo/core'
import { libraryWords } from '~/messages/library'
import { useViewStore } from '~/stores/view'

/**
 * Every column of a part: to read, or to write in with any fitting unit. What makes no sense is told beside its field;
 * nothing typed is lost.
 */
const props = defineProps<{ kind: PartKindId; part: Part; editing: boolean; taken: readonly string[] }>()
const emit = defineEmits<{ keep: [Part]; cancel: [] }>()
const view = useViewStore()
const id = useId()
const columns = computed(() => PART_KINDS[props.kind].columns)
const name = ref(''),
  texts = ref<Record<string, string>>({}),
  choices = ref<Record<string, unknown>>({})
const errors = ref<PartError[]>([])
const errorOf = (key: string) => errors.value.find(e => e.key === key)?.message
/** an empty field of a new part */
const unknown = (column: NumberColumn) => props.part[column.key] === null
const shown = (column: NumberColumn) =>
  unknown(column) ? '' : keptText(column, Number(props.part[column.key]), view.choice).replace(/\u00A0/g, ' ')
watch(
  () => [props.part, props.editing],
  () => {
    name.value = props.part.name
    errors.value = []
    texts.value = Object.fromEntries(columns.value.flatMap(c => (c.kind === 'number' ? [[c.key, shown(c)]] : [])))
    choices.value = Object.fromEntries(
      columns.value.flatMap(c => (c.kind === 'number' ? [] : [[c.key, props.part[c.key]]])),
    )
  },
  { immediate: true },
)
const replaces = computed(
  () =>
    props.editing &&
    name.value.trim() !== '' &&
    ownPartId(name.value.trim()) !== props.part.id &&
    props.taken.includes(ownPartId(name.value.trim())),
)

/** A number as typed; the kept one when its text was not touched, so that nothing is rounded. */
function read(column: NumberColumn): number | string {
  const text = texts.value[column.key]!.trim()
  if (text === shown(column) && !unknown(column)) return Number(props.part[column.key])
  if (!text) return libraryWords.missing(column.label)
  const read = readField(column, text, view.choice, unknown(column) ? null : Number(props.part[column.key]))
  return read.ok ? Number((read.value ?? 0).toPrecision(12)) : read.message
}
function keep() {
  const part: Part = { id: ownPartId(name.value.trim()), name: name.value.trim(), ...choices.value }
  const unread: PartError[] = []
  for (const c of columns.value) {
    if (c.kind !== 'number') continue
    const value = read(c)
    if (typeof value === 'string') unread.push({ key: c.key, message: value })
    else part[c.key] = value
  }
  for (const c of columns.value)
    if (c.kind === 'choice' && choices.value[c.key] === null)
      unread.push({ key: c.key, message: libraryWords.choose(c.label) })
  if (!name.value.trim()) unread.unshift({ key: 'name', message: libraryWords.nameless })
  errors.value = unread.length ? unread : checkPart(props.kind, part, inUnits(view.choice))
  if (errors.value.length === 0) emit('keep', part)
  else void nextTick(toFirst)
}
const form = ref<HTMLElement>()
/** the first field that wants another look comes into sight, with the caret in it */
function toFirst() {
  const field = form.value?.querySelector<HTMLElement>(`[data-part="${errors.value[0]?.key}"]`)
  field?.scrollIntoView({ block: 'center' })
  ;(field?.matches('input') ? field : field?.querySelector<HTMLElement>('input'))?.focus({ preventScroll: true })
}
</script>

<template>
  <form ref="form" data-part-editor novalidate @submit.prevent="keep">
    <template v-if="editing">
      <label class="name" :for="`${id}-name`">{{ libraryWords.name }}</label>
      <VTextField
        :id="`${id}-name`"
        v-model="name"
        class="ink-field name-field"
        autocomplete="off"
        :maxlength="80"
        data-part="name"
        :aria-invalid="errorOf('name') ? 'true' : undefined"
      />
      <p v-if="errorOf('name')" class="error" role="alert">{{ errorOf('name') }}</p>
      <p v-if="replaces" class="small">{{ libraryWords.replaces }}</p>
      <template v-for="c in columns" :key="c.key">
        <div v-if="c.kind === 'number'" class="line">
          <label :for="`${id}-${c.key}`">{{ c.label }}</label>
          <VTextField
            :id="`${id}-${c.key}`"
            v-model="texts[c.key]"
            class="ink-field"
            autocomplete="off"
            :data-part="c.key"
            :aria-invalid="errorOf(c.key) ? 'true' : undefined"
            :aria-describedby="errorOf(c.key) ? `${id}-${c.key}-error` : undefined"
          />
        </div>
        <ChoiceField
          v-else-if="c.kind === 'yes'"
          :label="c.label"
          :options="libraryWords.yes"
          :data-part="c.key"
          :model-value="choices[c.key] ? 'yes' : 'no'"
          @update:model-value="choices[c.key] = $event === 'yes'"
        />
        <ChoiceField
          v-else
          :label="c.label"
          :columns="2"
          :data-part="c.key"
          :options="Object.fromEntries(c.options.map(o => [o, String(o)]))"
          :model-value="String(choices[c.key])"
          @update:model-value="choices[c.key] = c.options.find(o => String(o) === $event)"
        />
        <p v-if="errorOf(c.key)" :id="`${id}-${c.key}-error`" class="error" role="alert">{{ errorOf(c.key) }}</p>
      </template>
      <button v-if="errors.length" type="button" class="first error" data-first-error @click="toFirst">
        {{ libraryWords.firstError(errors.length, errors[0]!.message) }}
      </button>
      <div class="actions">
        <button type="submit" class="btn btn--best" data-keep-part>{{ libraryWords.keep }}</button><button
          type="button"
          class="btn"
          @click="$emit('cancel')"
        >
          {{ libraryWords.cancel }}
        </button>
      </div>
    </template>
    <dl v-else>
      <div v-for="c in columns" :key="c.key">
        <dt>{{ c.label }}</dt>
        <dd class="figures">
          {{
            c.kind === 'number'
              ? shown(c)
              : c.kind === 'yes'
                ? libraryWords.yes[part[c.key] ? 'yes' : 'no']
                : part[c.key]
          }}
        </dd>
      </div>
    </dl>
  </form>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 104px;
  gap: 2px 10px;
  align-items: center;
  min-height: 41px;
  padding: 4px 0;
  border-top: 0.75px solid var(--rule);
  font-size: 13.5px;
  line-height: 16px;
}
.name {
  font-size: 13.5px;
}
.name-field {
  margin-bottom: 4px;
}
.name-field :deep(input) {
  text-align: left;
}
.error {
  color: var(--clash);
  font-size: 12.5px;
  line-height: 16px;
  padding-bottom: 4px;
}

.first {
  display: block;
  margin-top: 10px;
  text-align: left;
  text-decoration: underline dotted;
}
.actions {
  display: flex;
  gap: 8px;
  margin-top: 12px;
}
dl div {
  display: flex;
  justify-content: space-between;
  gap: 10px;
  align-items: center;
  min-height: 30px;
  border-bottom: 0.75px solid var(--rule);
  font-size: 13.5px;
}
dd {
  text-align: right;
}
</style>
