<script setup lang="ts">
import { computed, defineAsyncComponent, watch } from 'vue'
import AlonePage from '~/components/shell/AlonePage.vue'
import { useOfflineCopy } from '~/composables/useOfflineCopy'
import { usePageTitle } from '~/composables/usePageTitle'
import { useStages } from '~/composables/useStages'
import { fetchTerms } from '~/composables/useTerms'
import { useSelectOnEntry } from '~/composables/useSelectOnEntry'
import { useShortcuts } from '~/composables/useShortcuts'
import { useLibraryStore } from '~/stores/library'
import { useViewStore } from '~/stores/view'

/** A page by itself or the board around a bench, and the dialogs that open over either. */
const view = useViewStore()
const library = useLibraryStore()
const BoardFrame = defineAsyncComponent(() => import('~/components/shell/BoardFrame.vue'))
const FindDialog = defineAsyncComponent(() => import('~/components/shell/FindDialog.vue'))
const HistoryDialog = defineAsyncComponent(() => import('~/components/shell/HistoryDialog.vue'))
const KeysDialog = defineAsyncComponent(() => import('~/components/shell/KeysDialog.vue'))
const TermPopover = defineAsyncComponent(() => import('~/components/shell/TermPopover.vue'))
const SettingsDialog = defineAsyncComponent(() => import('~/components/shell/SettingsDialog.vue'))
const { stage, LAST_STAGE } = useStages()
const { currentRoute } = useRouter()
const alone = computed(() => Boolean(currentRoute.value.meta.alone))
useShortcuts()
useSelectOnEntry()
usePageTitle()
watch(stage, reached => {
  if (reached !== LAST_STAGE) return
  useOfflineCopy()
  void fetchTerms()
  void library.start()
})
</script>

<template>
  <AlonePage v-if="alone"><slot /></AlonePage>
  <BoardFrame v-else><slot /></BoardFrame>
  <SettingsDialog v-if="view.settingsOpen" />
  <FindDialog v-if="view.findOpen" />
  <KeysDialog v-if="view.keysOpen" />
  <TermPopover v-if="view.term" />
  <HistoryDialog v-if="view.historyOpen" />
</template>
