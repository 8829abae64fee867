import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { build } from 'esbuild'
import type { Plugin } from 'vite'
import vuetify from 'vite-plugin-vuetify'

/**
 * Most of the entry runs before the first view: its first line lets the browser compile it whole beside the page, and
 * not each function when it is first called (V8's explicit compile hints). Other browsers take it for a comment.
 */
const entryCompiledWhole: Plugin = {
  name: 'entry-compiled-whole',
  generateBundle: {
    order: 'post',
    handler(_, bundle) {
      for (const file of Object.values(bundle))
        if (file.type === 'chunk' && file.name === 'entry') file.code = `//# allFunctionsCalledOnLoad\n${file.code}`
    },
  },
}

export default defineNuxtConfig({
  modules: [
    '@pinia/nuxt',
    '@vueuse/nuxt',
    '@nuxt/eslint',
    '@vite-pwa/nuxt',
    (_, nuxt) => {
      nuxt.hooks.hook('vite:extendConfig', config => {
        config.plugins?.push(vuetify({ autoImport: true }))
      })
    },
  ],
  // data lives in the browser, so nothing is rendered on the server
  ssr: false,
  components: ['~/components', '~/design'].map(path => ({ path, pathPrefix: false })),
  devtools: { enabled: false },
  app: {
    head: {
      htmlAttrs: { lang: 'en' },
      title: 'Remigo',
      meta: [
        { name: 'theme-color', content: '#F6F0E2' },
        { name: 'viewport', content: 'width=device-width, initial-scale=1' },
        { name: 'description', content: 'Sizes the electric drive that replaces a combustion engine in a boat.' },
      ],
      link: [
        { rel: 'icon', type: 'image/svg+xml', href: '/icon.svg' },
        { rel: 'manifest', href: '/manifest.webmanifest' },
        ...[
          'barlow-semi-condensed-latin-500',
          'barlow-semi-condensed-latin-600',
          'ibm-plex-sans-condensed-latin-400',
          'ibm-plex-sans-condensed-latin-500',
          'ibm-plex-sans-condensed-latin-600',
        ].map(name => ({
          rel: 'preload' as const,
          as: 'font' as const,
          type: 'font/woff2' as const,
          crossorigin: '' as const,
          href: `/fonts/${name}-normal.woff2`,
        })),
      ],
    },
  },
  css: [
    'vuetify/styles/layers',
    'vuetify/styles/core',
    '~/design/fonts.css',
    '~/design/tokens.css',
    '~/design/base.css',
    '~/design/controls.css',
    '~/design/print.css',
  ],
  build: { transpile: ['vuetify'] },
  experimental: {
    viteEnvironmentApi: true,
    // no page is rendered on the server: there is no payload to revive, and no manifest of pages to ask for
    renderJsonPayloads: false,
    payloadExtraction: false,
    appManifest: false,
    // a part that is gone is told, and the page loaded anew when its owner says so
    emitRouteChunkError: 'manual',
    // a bench is fetched when the pointer nears its tab, so that the first view loads no more than it shows
    defaults: { nuxtLink: { prefetchOn: { visibility: false, interaction: true } } },
  },
  compatibilityDate: '2026-11-01',
  nitro: { compressPublicAssets: { gzip: true, brotli: false } },
  $production: { nitro: { entry: fileURLToPath(new URL('server/entry.ts', import.meta.url)) } },
  vite: {
    plugins: [entryCompiledWhole],
    worker: { format: 'es' },
    // for `npm run dev`: what is not named here is found while the first page loads, which is then loaded twice
    optimizeDeps: {
      include: [
        '@mdi/js',
        '@panzoom/panzoom',
        '@turf/bearing',
        '@turf/destination',
        '@turf/distance',
        'comlink',
        'd3-array',
        'd3-dsv',
        'd3-geo',
        'd3-random',
        'd3-shape',
        'dexie',
        'fast-xml-parser',
        'fflate',
        'ics',
        'minisearch',
        'papaparse',
        'plotly.js-basic-dist-min',
        'suncalc',
        'topojson-client',
        'zod',
      ],
    },
    build: {
      // what the entry itself needs is one file: a request costs more than a small file saves
      rolldownOptions: { output: { codeSplitting: { groups: [{ name: 'first', tags: ['$initial'] }] } } },
    },
  },
  typescript: { strict: true },
  telemetry: { enabled: false },
  hooks: {
    // what the server's workers run, as one file beside its entry
    'nitro:init'(nitro) {
      nitro.hooks.hook('compiled', async () => {
        if (nitro.options.dev) return
        await build({
          entryPoints: [join(nitro.options.rootDir, 'server/answers/index.ts')],
          bundle: true,
          format: 'esm',
          platform: 'node',
          minify: true,
          outfile: join(nitro.options.output.serverDir, 'workers/answers.mjs'),
          logLevel: 'error',
        })
      })
    },
    // the first view loads what it shows; all else comes when it is opened, or with the copy for offline
    'build:manifest': manifest => {
      for (const item of Object.values(manifest)) item.prefetch = false
      // a newcomer is led to Start: its files come beside the entry's, not after the entry has run; who was here before
      // has them from the copy for offline
      const entry = Object.values(manifest).find(item => item.isEntry),
        start = Object.keys(manifest).find(id => manifest[id]!.name === 'start' && manifest[id]!.isDynamicEntry)
      if (!entry || !start) throw new Error('The build has no entry or no page Start.')
      entry.imports = [...(entry.imports ?? []), start]
    },
  },
  eslint: { config: { stylistic: false } },
  // The whole application is kept for a cold start without the server. A new version waits until the last tab is
  // closed, so that nothing reloads under the owner's hands.
  pwa: {
    registerType: 'prompt',
    client: { registerPlugin: false },
    manifest: {
      name: 'Remigo',
      short_name: 'Remigo',
      description: 'Sizes the electric drive that replaces a combustion engine in a boat.',
      display: 'standalone',
      start_url: '/',
      background_color: '#F6F0E2',
      theme_color: '#F6F0E2',
      icons: [{ src: '/icon.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
    },
    workbox: {
      globPatterns: ['**/*.{js,css,woff2,svg,webmanifest}'],
      maximumFileSizeToCacheInBytes: 8_000_000,
      cleanupOutdatedCaches: true,
      sourcemap: false,
      // every view is the same page, which the server makes: it is fetched once when the worker is installed
      additionalManifestEntries: [{ url: '/', revision: String(Date.now()) }],
      navigateFallback: '/',
      navigateFallbackDenylist: [/^\/api\//, /^\/openapi\.json$/],
    },
  },
})
