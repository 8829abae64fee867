<script setup lang="ts">
import { computed, useId } from 'vue'
import { useDraft, type DraftOptions } from '~/composables/useDraft'

/**
 * Words, or a text that its bench makes sense of: kept on Enter or on leaving. What makes no sense stays as typed, with
 * the sentence that `take` gives; without `take` the text itself is the change.
 */
const props = defineProps<{
  value: string
  label: string
  take?: DraftOptions['take']
  /** letters at most */
  most?: number
  /** rows of a text that has several; Enter then begins a new one */
  rows?: number
  placeholder?: string
  /** its label is heard, not seen */
  bare?: boolean
  disabled?: boolean
}>()
const emit = defineEmits<{ change: [value: string] }>()
const id = useId()
const { text, error, enter, leave, commit } = useDraft({
  shown: () => props.value,
  take: typed => (props.take ? props.take(typed) : () => emit('change', typed)),
  letterwise: true,
})
const field = computed(() => ({
  id,
  maxlength: props.most,
  placeholder: props.placeholder,
  disabled: props.disabled,
  'aria-label': props.bare ? props.label : undefined,
  'aria-invalid': error.value ? ('true' as const) : undefined,
  'aria-describedby': error.value ? `${id}-error` : undefined,
}))
</script>

<template>
  <div class="word-field">
    <label v-if="!bare" :for="id">{{ label }}</label>
    <VTextarea v-if="rows" v-bind="field" v-model="text" :rows="rows" @focus="enter" @blur="leave" />
    <VTextField
      v-else
      v-bind="field"
      v-model="text"
      autocomplete="off"
      @focus="enter"
      @blur="leave"
      @keydown.enter.prevent="commit"
    />
    <p v-if="error" :id="`${id}-error`" class="field-error" role="alert">{{ error }}</p>
  </div>
</template>
