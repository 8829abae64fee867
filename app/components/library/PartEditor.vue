<script setup lang="ts">
import { computed, nextTick, ref, useId, watch } from 'vue'
import {
  checkPart,
  completePart,
  estimatesOf,
  FORMS_OF,
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
import PlateForms from '~/components/library/PlateForms.vue'
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
/** an empty field: what nobody knows, or nobody told yet */
const isEstimate = (key: string) => (props.part.estimated as readonly string[] | undefined)?.includes(key) ?? false
const unknown = (column: NumberColumn) => props.part[column.key] === null || isEstimate(column.key)
const estimates = computed(() => new Map(estimatesOf(props.kind, props.part).map(e => [e.key, e])))
/** as in: about 0.91, 0.88 to 0.93 */
function about(column: NumberColumn): string | null {
  const found = estimates.value.get(column.key)
  if (!found || typeof found.value !== 'number') return null
  const text = (kept: number) => keptText(column, kept, view.choice)
  return found.low === null || found.high === null
    ? libraryWords.taken(text(found.value))
    : libraryWords.about(text(found.value), text(found.low), text(found.high))
}
const shown = (column: NumberColumn) =>
  unknown(column) ? '' : keptText(column, Number(props.part[column.key]), view.choice).replace(/\u00A0/g, ' ')
watch(
  () => [props.part, props.editing],
  () => {
    name.value = props.part.name
    errors.value = []
    texts.value = Object.fromEntries(columns.value.flatMap(c => (c.kind === 'number' ? [[c.key, shown(c)]] : [])))
    choices.value = Object.fromEntries(
      columns.value.flatMap(c => (c.kind === 'number' ? [] : [[c.key, isEstimate(c.key) ? null : props.part[c.key]]])),
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

/** A number as typed; the kept one when its text was not touched, so that nothing is rounded; null when not known. */
function read(column: NumberColumn): number | string | null {
  const text = texts.value[column.key]!.trim()
  if (text === shown(column) && !unknown(column)) return Number(props.part[column.key])
  if (!text) return null
  const read = readField(column, text, view.choice, unknown(column) ? null : Number(props.part[column.key]))
  return read.ok ? Number((read.value ?? 0).toPrecision(12)) : read.message
}
/** What is told so far: what is empty is not known; and the fields that make no sense. */
function told(): { part: Part; unread: PartError[] } {
  const part: Part = {
    id: ownPartId(name.value.trim()),
    name: name.value.trim(),
    estimated: [],
    standIn: false,
    ...choices.value,
  }
  const unread: PartError[] = []
  for (const c of columns.value) {
    if (c.kind !== 'number') continue
    const value = read(c)
    if (typeof value === 'string') unread.push({ key: c.key, message: value })
    else part[c.key] = value
  }
  return { part, unread }
}
function keep() {
  const { part, unread } = told()
  if (!name.value.trim()) unread.unshift({ key: 'name', message: libraryWords.nameless })
  const first = columns.value[0]!
  if (
    unread.length === 0 &&
    columns.value.every(c => part[c.key] === null || part[c.key] === false || part[c.key] === c.usual)
  )
    unread.push({ key: first.key, message: libraryWords.oneFigure(first.label) })
  const whole = completePart(props.kind, part).part
  errors.value = unread.length ? unread : checkPart(props.kind, whole, inUnits(view.choice))
  if (errors.value.length === 0) emit('keep', whole)
  else void nextTick(toFirst)
}
/** A figure said otherwise fills the fields that it means. */
function saidOtherwise(change: Record<string, unknown>) {
  for (const [key, value] of Object.entries(change)) {
    const column = columns.value.find(c => c.key === key)
    if (column?.kind === 'number')
      texts.value[key] = keptText(column, Number(value), view.choice).replace(/\u00A0/g, ' ')
  }
}
/** the part as its plate stands in the form, for figures that are said otherwise */
const plate = () => completePart(props.kind, told().part).part
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
        autocomplete="off"
        :maxlength="80"
        data-part="name"
        :aria-invalid="errorOf('name') ? 'true' : undefined"
      />
      <p v-if="errorOf('name')" class="error" role="alert">{{ errorOf('name') }}</p>
      <p v-if="replaces" class="small">{{ libraryWords.replaces }}</p>
      <p class="small soft">{{ libraryWords.unknownHint }}</p>
      <template v-for="c in columns" :key="c.key">
        <div v-if="c.kind === 'number'" class="line">
          <label :for="`${id}-${c.key}`"
            >{{ c.label }}<span v-if="unknown(c) && about(c)" class="soft hint">{{ about(c) }}</span></label
          >
          <VTextField
            :id="`${id}-${c.key}`"
            v-model="texts[c.key]"
            class="figures"
            autocomplete="off"
            :placeholder="libraryWords.notKnown"
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
          :options="{ ...Object.fromEntries(c.options.map(o => [o, String(o)])), '?': libraryWords.notKnown }"
          :model-value="choices[c.key] === null ? '?' : String(choices[c.key])"
          @update:model-value="choices[c.key] = c.options.find(o => String(o) === $event) ?? null"
        />
        <p v-if="errorOf(c.key)" :id="`${id}-${c.key}-error`" class="error" role="alert">{{ errorOf(c.key) }}</p>
      </template>
      <PlateForms v-if="FORMS_OF[kind]" :kind="kind" :plate="plate" @said="saidOtherwise" />
      <VBtn v-if="errors.length" variant="plain" class="first error" data-first-error @click="toFirst">
        {{ libraryWords.firstError(errors.length, errors[0]!.message) }}
      </VBtn>
      <div class="actions">
        <VBtn variant="flat" type="submit" data-keep-part>{{ libraryWords.keep }}</VBtn><VBtn @click="$emit('cancel')">
          {{ libraryWords.cancel }}
        </VBtn>
      </div>
    </template>
    <dl v-else>
      <div v-for="c in columns" :key="c.key">
        <dt>
          {{ c.label
          }}<span v-if="estimates.has(c.key)" class="soft hint">{{
            libraryWords.estimated(estimates.get(c.key)!.words)
          }}</span>
        </dt>
        <dd class="figures">
          {{
            c.kind === 'number'
              ? (about(c) ?? (shown(c) || libraryWords.noFigure))
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
.hint {
  display: block;
  font-size: 12px;
  line-height: 15px;
}
</style>
