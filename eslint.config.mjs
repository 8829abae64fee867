import prettier from 'eslint-config-prettier'
import withNuxt from './.nuxt/eslint.config.mjs'

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
  { ignores: ['.output', '.nuxt', 'packages/core/data', 'docs'] },
).prepend(prettier)
