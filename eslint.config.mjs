import prettier from 'eslint-config-prettier'
import withNuxt from './.nuxt/eslint.config.mjs'

/** Controls that Vuetify has: drawn in our hand by app/design. */
const CONTROLS = ['button', 'input', 'select', 'table', 'textarea', 'details', 'dialog', 'progress']
/** Where a bare control stays, and why. */
const BARE = [
  // dozens on a screen, written without Vue's patching while the lever moves: a VBtn each would be three times as dear
  'app/design/figures/FigureValue.vue',
  'app/design/figures/WorkedValue.vue',
]

export default withNuxt(
  {
    rules: {
      'vue/multi-word-component-names': 'off',
      'vue/html-self-closing': 'off',
    },
  },
  {
    // Prettier leaves long words and comments as they are; tables are exempt
    files: ['**/*.{ts,mjs,vue}'],
    ignores: ['packages/core/src/parts/shipped/**'],
    rules: { 'max-len': ['error', { code: 120 }] },
  },
  {
    files: ['app/**/*.vue'],
    ignores: BARE,
    rules: {
      'vue/no-restricted-html-elements': [
        'error',
        ...CONTROLS.map(element => ({
          element,
          message: `A <${element}> is one of Vuetify's controls, or of app/design.`,
        })),
      ],
    },
  },
  { ignores: ['.output', '.nuxt', 'packages/core/data', 'docs'] },
).prepend(prettier)
