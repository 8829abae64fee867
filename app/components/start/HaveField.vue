<script setup lang="ts">
import { nextTick } from 'vue'
import { haveWords } from '~/messages/have'

/** One field for all that an owner has: a thing a line; touched kinds begin a line. */
const text = defineModel<string>({ required: true })
defineProps<{ error?: string | undefined }>()
defineEmits<{ left: [] }>()

/** A new line that begins with the kind's word, the caret behind it. */
async function begin(words: string) {
  text.value = text.value.trim() ? `${text.value.trimEnd()}\n${words}` : words
  await nextTick()
  const field = document.querySelector<HTMLTextAreaElement>('#start-have')
  field?.focus()
  field?.setSelectionRange(text.value.length, text.value.length)
}
</script>

<template>
  <section class="field">
    <h3 class="section-head">{{ haveWords.head }}</h3>
    <label for="start-have" class="small soft">{{ haveWords.lead }}</label>
    <VTextarea
      id="start-have"
      v-model="text"
      :rows="2"
      auto-grow
      data-question="have"
      autocomplete="off"
      maxlength="4000"
      :placeholder="haveWords.placeholder"
      :aria-invalid="error ? 'true' : undefined"
      :aria-describedby="error ? 'start-have-error' : 'start-have-also'"
      @blur="$emit('left')"
    />
    <div class="kinds" role="group" :aria-label="haveWords.label">
      <VBtn v-for="[label, starts] in Object.values(haveWords.kinds)" :key="label" size="small" @click="begin(starts)">
        {{ label }}
      </VBtn>
    </div>
    <p v-if="error" id="start-have-error" class="error" role="alert">{{ error }}</p>
    <p v-else id="start-have-also" class="small soft">{{ haveWords.also }}</p>
  </section>
</template>

<style scoped>
.field {
  margin: 12px 0 4px;
}
.kinds {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin: 6px 0;
}
.kinds .v-btn {
  height: 28px;
  padding: 0 9px;
  font-size: 13px;
}
@media (pointer: coarse) {
  .kinds .v-btn {
    height: 48px;
  }
}
.error {
  color: var(--clash);
  font-size: 13px;
  line-height: 17px;
}
</style>
