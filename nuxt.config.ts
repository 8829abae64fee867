import vuetify from 'vite-plugin-vuetify'

export default defineNuxtConfig({
  modules: ['@pinia/nuxt', '@vueuse/nuxt', '@nuxt/eslint', (_, nuxt) => {
    nuxt.hooks.hook('vite:extendConfig', (config) => {
      config.plugins?.push(vuetify({ autoImport: true }))
    })
  }],
  // data lives in the browser, so nothing is rendered on the server
  ssr: false,
  components: [{ path: '~/components', pathPrefix: false }],
  devtools: { enabled: false },
  app: {
    head: {
      htmlAttrs: { lang: 'en' }, title: 'Remigo',
      meta: [
        { name: 'viewport', content: 'width=device-width, initial-scale=1' },
        { name: 'description', content: 'Sizes the electric drive that replaces a combustion engine in a boat.' },
      ],
      link: [
        { rel: 'icon', type: 'image/svg+xml', href: '/icon.svg' },
        ...['barlow-semi-condensed-latin-500', 'barlow-semi-condensed-latin-600', 'ibm-plex-sans-condensed-latin-400', 'ibm-plex-sans-condensed-latin-500', 'ibm-plex-sans-condensed-latin-600']
          .map(name => ({ rel: 'preload' as const, as: 'font' as const, type: 'font/woff2' as const, crossorigin: '' as const, href: `/fonts/${name}-normal.woff2` })),
      ],
    },
  },
  css: ['vuetify/styles/layers', 'vuetify/styles/core', '~/assets/fonts.css', '~/assets/tokens.css', '~/assets/base.css', '~/assets/print.css'],
  build: { transpile: ['vuetify'] },
  experimental: {
    viteEnvironmentApi: true,
    // a bench is fetched when the pointer nears its tab, so that the first view loads no more than it shows
    defaults: { nuxtLink: { prefetchOn: { visibility: false, interaction: true } } },
  },
  compatibilityDate: '2026-11-01',
  nitro: { compressPublicAssets: { gzip: true, brotli: true } },
  vite: {
    worker: { format: 'es' },
    // Vuetify's @layer lines give a harmless warning
    esbuild: { logOverride: { 'css-syntax-error': 'silent' } },
  },
  typescript: { strict: true },
  telemetry: { enabled: false },
  eslint: { config: { stylistic: true } },
})
