<script setup lang="ts">
import { ref } from 'vue'
import { trialWords as words } from '~/messages/trial'
import ReadingSentence from '~/components/readings/ReadingSentence.vue'

/** Runs that are read from a watt meter and a phone: told one by one in their turn, or pasted as rows. */
const props = defineProps<{
  /** what is to be run next; empty when all is run */
  next: { share: string; way: string } | null
  take: (sentence: string) => string | null
  paste: (text: string) => string[]
}>()
const rows = ref('')
const wrong = ref<string[]>([])
function takeRows() {
  wrong.value = props.paste(rows.value)
  if (wrong.value.length === 0) rows.value = ''
}
</script>

<template>
  <section data-by-hand>
    <p class="small">{{ next ? words.handHint(next.share, next.way) : words.handDone }}</p>
    <ReadingSentence :take="take" />
    <p class="small soft">{{ words.handPaste }}</p>
    <VTextarea v-model="rows" :rows="3" :aria-label="words.handPasted" data-hand-rows />
    <VBtn data-hand-take :disabled="!rows.trim()" @click="takeRows">{{ words.handTake }}</VBtn>
    <ul v-if="wrong.length" class="errors" role="alert">
      <li v-for="e in wrong" :key="e">{{ e }}</li>
    </ul>
  </section>
</template>

<style scoped>
.small,
.v-btn {
  margin-top: 6px;
}
.errors {
  color: var(--clash);
  font-size: 13px;
  line-height: 17px;
  margin-top: 6px;
}
</style>
