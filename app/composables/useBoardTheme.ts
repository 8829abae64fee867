import { usePreferredDark } from '@vueuse/core'
import { computed, watchEffect } from 'vue'
import { useTheme } from 'vuetify'
import { useViewStore } from '~/stores/view'

/** Day or night: the owner's choice, else the device's; tells Vuetify and the tokens alike. */
export function useBoardTheme() {
  const view = useViewStore()
  const dark = usePreferredDark()
  const theme = useTheme()
  const name = computed(() => (view.theme === 'auto' ? (dark.value ? 'boardNight' : 'board') : view.theme))
  const light = computed(() => (name.value === 'boardNight' ? 'dark' : 'light'))
  /** the tokens' colours follow this mark */
  const tell = () => {
    document.documentElement.dataset.theme = light.value
  }
  function follow() {
    watchEffect(() => theme.change(light.value))
    watchEffect(tell)
  }
  const toggle = () => {
    view.theme = name.value === 'board' ? 'boardNight' : 'board'
  }
  return { name, tell, follow, toggle }
}
