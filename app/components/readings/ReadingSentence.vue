<script setup lang="ts">
import { ref } from 'vue'
import { readingWords } from '~/messages/readings'

/** One line in which an owner says what is known already; what makes no sense stays, with its sentence. */
const props = defineProps<{ take: (sentence: string) => string | null }>()
const words = readingWords.readings
const said = ref('')
const error = ref<string | null>(null)
function go() {
  if (!said.value.trim()) return
  error.value = props.take(said.value)
  if (error.value === null) said.value = ''
}
</script>

<template>
  <form class="sentence" novalidate @submit.prevent="go">
    <label for="reading-sentence">{{ words.label }}</label>
    <div class="line">
      <VTextField
        id="reading-sentence"
        v-model="said"
        class="said"
        data-reading-sentence
        autocomplete="off"
        maxlength="200"
        :placeholder="words.example"
        persistent-placeholder
        :aria-invalid="error ? 'true' : undefined"
        :aria-describedby="error ? 'reading-sentence-error' : 'reading-sentence-examples'"
      />
      <VBtn variant="flat" type="submit" data-tell>{{ words.take }}</VBtn>
    </div>
    <p v-if="error" id="reading-sentence-error" class="error" role="alert">{{ error }}</p>
    <p v-else id="reading-sentence-examples" class="small soft">{{ words.examples }}</p>
  </form>
</template>

<style scoped>
label {
  display: block;
  font-size: 13.5px;
  line-height: 18px;
  margin-bottom: 2px;
}
.line {
  display: flex;
  gap: 8px;
  align-items: stretch;
}
.said {
  flex: 1;
}
.small {
  margin-top: 4px;
  max-width: 72ch;
}
.error {
  color: var(--clash);
  font-size: 13px;
  line-height: 17px;
  margin-top: 4px;
}
</style>
