import type { RouterConfig } from '@nuxt/schema'
import type { RouteLocationNormalized, RouteRecordRaw } from 'vue-router'
import { BENCHES } from '~/benches'
import { neverOpened } from '~/storage/openBoat'

/** A newcomer begins with a boat of their own, not in somebody else's; it is known before that page is fetched. */
const newcomer = ({ path, query }: RouteLocationNormalized) =>
  path === '/' && !query.boat && neverOpened() ? '/start' : undefined

/** A bench stands at its set and name; the name alone leads there too. Each page comes when it is wanted. */
export default {
  routes: scanned =>
    scanned.map((route): RouteRecordRaw => {
      const placed = { ...route, ...(route.name === 'boat' ? { beforeEnter: newcomer } : {}) } as RouteRecordRaw
      const bench = BENCHES.find(b => b.id === route.name)
      if (!bench?.set) return placed
      const alias = [route.path, ...[route.alias ?? []].flat()].filter(path => path !== bench.path)
      return { ...placed, path: bench.path, alias } as RouteRecordRaw
    }),
} satisfies RouterConfig
