<script setup lang="ts">
import { useId } from 'vue'
import { mdiBackspaceOutline } from '@mdi/js'
import type { FieldPath } from '@remigo/core'
import { boardWords } from '~/messages/board'
import { useFieldEdit } from '~/composables/useFieldEdit'

/**
 * A number with its unit: label and hint at the left, the field at the right, a sentence below when it makes no sense.
 */
const props = defineProps<{ path: FieldPath; label?: string; hint?: string; estimate?: string }>()
const { field, text, error, kept, focus, leave, commit, retype, clear } = useFieldEdit(props.path)
const id = useId()
</script>

<template>
  <div class="field">
    <label :for="id"
      ><WithTerms :text="label ?? field.label" /><span v-if="hint ?? field.hint" class="hint">{{
        hint ?? field.hint
      }}</span></label
    >
    <div class="box">
      <VTextField
        :id="id"
        v-model="text"
        class="figures"
        :data-field="path"
        autocomplete="off"
        :placeholder="field.open ? (estimate ?? boardWords.field.unset) : ''"
        persistent-placeholder
        :aria-invalid="error ? 'true' : undefined"
        :aria-describedby="error ? `${id}-error` : undefined"
        @focus="focus"
        @blur="leave"
        @keydown.enter="commit"
      />
      <VBtn
        v-if="field.open && kept !== null"
        variant="plain"
        class="clear"
        :aria-label="`${boardWords.field.clear}: ${field.label}`"
        @click="clear"
      >
        <svg width="16" height="16" viewBox="0 0 24 24" aria-hidden="true">
          <path :d="mdiBackspaceOutline" fill="currentColor" />
        </svg>
      </VBtn>
    </div>
    <p v-if="error" :id="`${id}-error`" class="field-error" role="alert">
      {{ error }} <UnitMeant :field="field" :text="text" :value="kept" @take="retype" />
    </p>
  </div>
</template>

<style scoped>
.field {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 104px;
  gap: 2px 10px;
  align-items: center;
  min-height: 41px;
  padding: 4px 0;
}
label {
  font-size: 13.5px;
  line-height: 16px;
}
.hint {
  display: block;
  color: var(--soft);
  font-size: 12px;
  line-height: 15px;
}
.box {
  position: relative;
}
.clear {
  position: absolute;
  left: 2px;
  top: 50%;
  transform: translateY(-50%);
  color: var(--ink);
  padding: 6px 4px;
  line-height: 0;
  min-height: var(--touch);
}
.field-error {
  grid-column: 1 / -1;
}
</style>
