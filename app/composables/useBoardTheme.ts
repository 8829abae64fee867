import { usePreferredDark } from '@vueuse/core'
import { computed, watchEffect } from 'vue'
import { useTheme } from 'vuetify'
import { useViewStore } from '~/stores/view'

/** Day or night: the owner's choice, else the device's; tells Vuetify and the tokens alike. */
export function useBoardTheme() {
  const view = useViewStore()
  const dark = usePreferredDark()
  const theme = useTheme()
  const name = computed(() => view.theme === 'auto' ? (dark.value ? 'boardNight' : 'board') : view.theme)
  function follow() {
    watchEffect(() => {
      const light = name.value === 'boardNight' ? 'dark' : 'light'
      theme.change(light)
      document.documentElement.dataset.theme = light
    })
  }
  const toggle = () => { view.theme = name.value === 'board' ? 'boardNight' : 'board' }
  return { name, follow, toggle }
}
