import type { RouterConfig } from '@nuxt/schema'
import type { RouteRecordRaw } from 'vue-router'
import BoatPage from '~/pages/boat.vue'

/**
 * The first view's page comes with the entry, so that it need not be asked for once the entry has run; the others come
 * when wanted.
 */
export default {
  routes: scanned =>
    scanned.map((route): RouteRecordRaw =>
      route.name === 'boat' ? ({ ...route, component: BoatPage } as RouteRecordRaw) : route,
    ),
} satisfies RouterConfig
