import { ref, shallowRef } from 'vue'
import { createVuetify, type LocaleInstance, type ThemeDefinition } from 'vuetify'

const variables = { 'border-opacity': 1, 'medium-emphasis-opacity': 0.76, 'high-emphasis-opacity': 1 }

/** The drawing board by day. The values repeat tokens.css, since Vuetify computes with them. */
const board: ThemeDefinition = {
  dark: false,
  colors: {
    background: '#F6F0E2',
    surface: '#FCF8EE',
    'surface-variant': '#EBE3D0',
    'on-surface-variant': '#15273B',
    primary: '#1D4470',
    'on-primary': '#FCF8EE',
    secondary: '#B0005E',
    success: '#1C6B50',
    warning: '#855300',
    error: '#B3261E',
    'on-background': '#15273B',
    'on-surface': '#15273B',
  },
  variables: { ...variables, 'border-color': '#B9BCB6' },
}

/** The drawing board at night. */
const boardNight: ThemeDefinition = {
  dark: true,
  colors: {
    background: '#0C1826',
    surface: '#122234',
    'surface-variant': '#081019',
    'on-surface-variant': '#F0E9DA',
    primary: '#8DB9E2',
    'on-primary': '#122234',
    secondary: '#FF86BC',
    success: '#6FCFA4',
    warning: '#EDBB55',
    error: '#FF8A70',
    'on-background': '#F0E9DA',
    'on-surface': '#F0E9DA',
  },
  variables: { ...variables, 'border-color': '#3A4F63' },
}

/**
 * Every word on the screen is Remigo's own, in one language: nothing is to be looked up, and no catalogue is made
 * before the first picture.
 */
const ownWords: LocaleInstance = {
  name: 'remigo',
  current: shallowRef('en'),
  fallback: shallowRef('en'),
  messages: ref({}),
  decimalSeparator: shallowRef('.'),
  numericGroupSeparator: shallowRef(' '),
  t: key => key,
  n: String,
  provide: () => ownWords,
}

const flat = { rounded: 0, elevation: 0, ripple: false } as const

export default defineNuxtPlugin(nuxt => {
  nuxt.vueApp.use(
    createVuetify({
      // the icons are Remigo's own drawings, none of Vuetify's
      icons: { defaultSet: 'svg' },
      // in place of its own two, and without classes of colours: what is not used need not be worked out before the
      // first picture
      theme: { defaultTheme: 'light', themes: { light: board, dark: boardNight }, utilities: false },
      locale: { adapter: ownWords },
      defaults: {
        global: flat,
        VTextField: { variant: 'plain', density: 'compact', hideDetails: true, singleLine: true },
        // nothing slides or fades: what is asked for stands there at once
        VMenu: { transition: false },
        VDialog: { maxWidth: 560, scrollable: true, transition: false },
        VList: { density: 'compact', ...flat },
      },
    }),
  )
})
