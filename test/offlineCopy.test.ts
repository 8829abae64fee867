import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { useOfflineCopy } from '../app/composables/useOfflineCopy'
import { useViewStore } from '../app/stores/view'
import { registered, taken } from './pwaRegister'

beforeEach(() => {
  setActivePinia(createPinia())
  registered.length = taken.length = 0
  vi.useFakeTimers()
  vi.stubGlobal('requestIdleCallback', (act: () => void) => act())
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

describe('the copy for offline', () => {
  const kept = async () => {
    vi.stubGlobal('navigator', { serviceWorker: {} })
    useOfflineCopy()
    await vi.waitFor(() => expect(registered.length).toBe(1))
    return { view: useViewStore(), options: registered[0]! }
  }
  it('a newer Remigo is told once, and comes when its owner says so, never by itself', async () => {
    const { view, options } = await kept()
    expect(view.takeNewer).toBeNull()
    options.onNeedRefresh!()
    expect(taken).toEqual([])
    await view.takeNewer!()
    expect(taken).toEqual([true])
  })
  it('a tab that stays open looks for it each hour; without a server nothing is said', async () => {
    const { options } = await kept(),
      update = vi.fn(() => Promise.reject(new TypeError('no way to the server')))
    options.onRegisteredSW!('/sw.js', { update })
    await vi.advanceTimersByTimeAsync(3 * 3_600_000)
    expect(update).toHaveBeenCalledTimes(3)
  })
  it('a browser that forbids it goes on without', async () => {
    const { view, options } = await kept()
    expect(() => options.onRegisterError!(new Error('denied'))).not.toThrow()
    expect(view.takeNewer).toBeNull()
  })
  it('a browser that knows none is not asked', () => {
    vi.stubGlobal('navigator', {})
    useOfflineCopy()
    expect(registered).toEqual([])
  })
})
