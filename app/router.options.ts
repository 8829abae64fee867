import type { RouterConfig } from '@nuxt/schema'
import type { RouteRecordRaw } from 'vue-router'
import { BENCHES } from '~/benches'
import BoatPage from '~/pages/boat.vue'

/**
 * The first view's page comes with the entry, so that it need not be asked for once the entry has run; the others come
 * when wanted. A bench stands at its set and name; the name alone leads there too.
 */
export default {
  routes: scanned =>
    scanned.map((route): RouteRecordRaw => {
      const placed = { ...route, ...(route.name === 'boat' ? { component: BoatPage } : {}) } as RouteRecordRaw
      const bench = BENCHES.find(b => b.id === route.name)
      if (!bench?.set) return placed
      const alias = [route.path, ...[route.alias ?? []].flat()].filter(path => path !== bench.path)
      return { ...placed, path: bench.path, alias } as RouteRecordRaw
    }),
} satisfies RouterConfig
