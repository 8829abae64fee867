<script setup lang="ts">
import { ref, useId, watch } from 'vue'
import { valueAt } from '@remigo/core'
import { useDocumentStore } from '~/stores/document'

/** Words of the document: the name (never empty), the story (may be). Kept on Enter or on leaving. */
const props = defineProps<{ path: 'name' | 'story', label: string, most: number, optional?: boolean, lines?: number }>()
const document = useDocumentStore()
const id = useId()
const text = ref('')
watch(() => valueAt(document.shown, props.path) as string, (value) => { text.value = value }, { immediate: true })
function commit() {
  const value = text.value.trim().slice(0, props.most)
  const kept = valueAt(document.shown, props.path) as string
  if (!value && !props.optional) text.value = kept
  else if (value !== kept) document.edit(props.label, [{ path: props.path, value }])
}
</script>

<template>
  <div class="text-field">
    <label :for="id">{{ label }}</label>
    <textarea v-if="lines" :id="id" v-model="text" :rows="lines" :maxlength="most" :data-field="path" @blur="commit" />
    <input v-else :id="id" v-model="text" :maxlength="most" :data-field="path" autocomplete="off" @blur="commit" @keydown.enter="commit">
  </div>
</template>

<style scoped>
.text-field { padding: 4px 0; }
label { display: block; font-size: 13.5px; line-height: 18px; margin-bottom: 2px; }
input, textarea { width: 100%; min-height: var(--hit); padding: 6px 8px; background: var(--sheet); color: var(--text); border: .75px solid var(--rule); border-bottom: 1.5px solid var(--ink); font: 500 14px/18px var(--labels); resize: vertical; }
</style>
