import { createVuetify } from 'vuetify'
import { theme } from '~/design/theme'

export default defineNuxtPlugin(nuxt => {
  nuxt.vueApp.use(createVuetify(theme))
})
