<script setup lang="ts">
import { computed, useId } from 'vue'
import { keptText, readField, type NumberField } from '@remigo/core'
import { packWords } from '~/messages/pack'
import { useDraft } from '~/composables/useDraft'
import { useViewStore } from '~/stores/view'

/** A number of a list's row: any fitting unit, what is wrong told beside it, nothing typed lost; null while open. */
const props = defineProps<{
  field: NumberField
  value: number | null
  label?: string
  bare?: boolean
  stacked?: boolean
  hint?: string
}>()
const emit = defineEmits<{ change: [number | null] }>()
const view = useViewStore()
const id = useId()
const name = computed(() => props.label ?? props.field.label)
const kept = computed(() =>
  props.value === null ? '' : keptText(props.field, props.value, view.choice).replace(/\u00A0/g, ' '),
)
/** what makes sense becomes a change; else a sentence that names the row */
function take(typed: string) {
  const read = readField({ ...props.field, label: name.value }, typed, view.choice, props.value)
  return read.ok ? () => emit('change', read.value) : read.message
}
const { text, error, enter, leave, commit, retype } = useDraft({ shown: () => kept.value, take })
</script>

<template>
  <div class="unit-input" :class="{ bare, stacked }">
    <label :for="id" :class="{ 'visually-hidden': bare }">{{ name }}</label>
    <VTextField
      :id="id"
      v-model="text"
      class="figures"
      autocomplete="off"
      :placeholder="hint ?? (field.open ? packWords.unset : '')"
      persistent-placeholder
      :data-input="name"
      :aria-invalid="error ? 'true' : undefined"
      :aria-describedby="error ? `${id}-error` : undefined"
      @focus="enter"
      @blur="leave"
      @keydown.enter="commit"
    />
    <p v-if="error" :id="`${id}-error`" class="field-error" role="alert">
      {{ error }} <UnitMeant :field="field" :text="text" :value="value" @take="retype" />
    </p>
  </div>
</template>

<style scoped>
.unit-input {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 104px;
  gap: 2px 10px;
  align-items: center;
  min-height: 41px;
  padding: 4px 0;
  font-size: 13.5px;
  line-height: 16px;
}
.bare {
  grid-template-columns: minmax(72px, 1fr);
  padding: 0;
}
/* the label above it, as in a row of fields */
.stacked {
  grid-template-columns: minmax(0, 1fr);
  min-height: 0;
  padding: 0;
  font-size: 12.5px;
}
.field-error {
  grid-column: 1 / -1;
}
</style>
