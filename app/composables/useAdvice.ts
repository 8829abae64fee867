import { shallowRef } from 'vue'

type Advice = typeof import('~/advice')
const advice = shallowRef<Advice>()
let coming: Promise<Advice> | undefined

/** Fetches rules, fixes and sizing, once. Without the server they are in the copy for offline. */
function fetchAdvice(): Promise<Advice> {
  coming ??= import('~/advice').then(come => (advice.value = come))
  // what did not come is asked for again
  coming.catch(() => {
    coming = undefined
  })
  return coming
}

/**
 * The rules, their fixes and the sizing: a good part of the core, which the first picture does not wait for.
 *
 * @returns the advice once it has come, and how to fetch it
 */
export const useAdvice = () => ({ advice, fetchAdvice })
