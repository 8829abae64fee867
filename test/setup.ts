import { afterEach } from 'vitest'

// files share one page: what a test's owner chose is not the next one's
afterEach(() => {
  localStorage.clear()
  sessionStorage.clear()
})
