<script setup lang="ts">
import { onBeforeUnmount, onMounted, ref } from 'vue'
import { version } from '~~/package.json'
import { boardWords } from '~/messages/board'
import { whenIdle } from '~/composables/whenIdle'
import { useDocumentStore } from '~/stores/document'
import { dateText, isoDate } from '~/design/times'

/** Head of every printed page's first sheet: boat, day, version, and that it is advice. */
const document = useDocumentStore()
const today = () => dateText(isoDate(new Date()))
/** worked out when there is time: the names of the months are slow to come */
const date = ref('')
const onPrint = () => {
  date.value = today()
}
onMounted(() => {
  window.addEventListener('beforeprint', onPrint)
  whenIdle(onPrint)
})
onBeforeUnmount(() => window.removeEventListener('beforeprint', onPrint))
</script>

<template>
  <header class="print-head" data-print-head>
    <b>{{ document.shown.name }}</b><span>{{ date }}</span
    ><span>{{ boardWords.shell.printed(version) }}</span>
  </header>
</template>

<style scoped>
.print-head {
  display: none;
}
@media print {
  .print-head {
    display: flex;
    gap: 18px;
    justify-content: space-between;
    padding-bottom: 4px;
    margin-bottom: 10px;
    border-bottom: 1px solid var(--ink);
    font-size: 12px;
  }
}
</style>
