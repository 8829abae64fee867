<script setup lang="ts">
import { computed } from 'vue'
import type { NuxtError } from '#app'
import { troubleWords as words } from '~/messages/trouble'
import { useBoardTheme } from '~/composables/useBoardTheme'

/** What stands in place of everything: for an address that leads nowhere, or where Remigo cannot begin. */
const props = defineProps<{ error: NuxtError }>()
useBoardTheme().follow()
const nowhere = computed(() => props.error.statusCode === 404)
const path = location.pathname
</script>

<template>
  <main class="trouble" data-trouble>
    <b class="name">Remigo</b>
    <h1>{{ nowhere ? words.noPage(path) : words.cannotBegin }}</h1>
    <p class="prose">{{ nowhere ? words.noPageHint : words.notBegun(error.message) }}</p>
    <p class="ways">
      <VBtn variant="flat" href="/">{{ nowhere ? words.toBoat : words.reload }}</VBtn>
      <VBtn href="/start">{{ words.toStart }}</VBtn>
    </p>
  </main>
</template>

<style scoped>
.trouble {
  display: grid;
  align-content: start;
  gap: 14px;
  max-width: 620px;
  height: 100%;
  margin: 0 auto;
  padding: 12vh 20px 20px;
  overflow: auto;
  color: var(--text);
}
.name {
  font-size: 17px;
}
h1 {
  font: 600 30px/36px var(--labels);
  border-bottom: 2px solid var(--ink);
  padding-bottom: 10px;
  overflow-wrap: anywhere;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
