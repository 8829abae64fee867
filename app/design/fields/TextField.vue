<script setup lang="ts">
import { useId } from 'vue'
import { watchDebounced } from '@vueuse/core'
import { valueAt, edit } from '@remigo/core'
import { boardWords } from '~/messages/board'
import { useDraft } from '~/composables/useDraft'
import { useDocumentStore } from '~/stores/document'

/** Words of the document: the name (never empty), the story (may be). Kept on Enter or on leaving. */
const props = defineProps<{ path: 'name' | 'story'; label: string; most: number; optional?: boolean; lines?: number }>()
const document = useDocumentStore()
const id = useId()
/** edits of one visit are one step of undo */
let visit = Symbol(props.path)
const shown = () => valueAt(document.shown, props.path) as string
function take(source: string) {
  const value = source.slice(0, props.most)
  if (value === shown()) return null
  if (!value && !props.optional) return boardWords.field.empty(props.label)
  return () => document.edit(props.label, [edit(props.path, value)], visit)
}
const { text, typed, error, enter, leave, commit } = useDraft({ shown, take, key: props.path, letterwise: true })
/** letters of a row */
const ROW = 30
/** Enter ends what has no lines of its own */
function enterKey(event: KeyboardEvent) {
  if (props.lines) return
  event.preventDefault()
  commit()
}
function visited() {
  visit = Symbol(props.path)
  enter()
}
// words are kept as one types: a long story is not lost with the power
watchDebounced(typed, value => value !== null && value.trim() && keepSoFar(value), { debounce: 700 })
/** what is typed so far; the field goes on saying it letter by letter, with the space at its end */
function keepSoFar(value: string) {
  const taken = take(value.trim())
  if (typeof taken === 'function') taken()
}
</script>

<template>
  <div class="text-field word-field">
    <label :for="id">{{ label }}</label>
    <!-- one kind of box for all words: a long name goes on in a second row -->
    <VTextarea
      :id="id"
      v-model="text"
      :rows="lines ?? (text.length > ROW ? 2 : 1)"
      :class="{ line: !lines }"
      autocomplete="off"
      :maxlength="most"
      :data-field="path"
      :aria-invalid="error ? 'true' : undefined"
      @keydown.enter="enterKey"
      @focus="visited"
      @blur="leave"
    />
    <p v-if="error" class="field-error" role="alert">{{ error }}</p>
  </div>
</template>

<style scoped>
.text-field {
  padding: 4px 0;
}
.line :deep(textarea) {
  resize: none;
  overflow: hidden;
}
</style>
