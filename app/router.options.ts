import type { RouterConfig } from '@nuxt/schema'
import BoatPage from '~/pages/boat.vue'

/** The first view's page comes with the entry, so that it need not be asked for once the entry has run; the others come when wanted. */
export default {
  routes: scanned => scanned.map(route => route.name === 'boat' ? { ...route, component: BoatPage } : route),
} satisfies RouterConfig
