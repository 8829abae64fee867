import { neverOpened } from '~/storage/openBoat'

/** A newcomer begins with a boat of their own, not in somebody else's. */
export default defineNuxtRouteMiddleware(({ path, query }) => {
  if (path === '/' && !query.boat && neverOpened()) return navigateTo('/start', { replace: true })
})
