/**
 * Small texts that must be there at once, before the store of boats answers. A browser that keeps no site data is no
 * error: nothing is kept then.
 */

/** A kept text; null when there is none, or the browser keeps nothing. */
export function readText(key: string): string | null {
  try {
    return localStorage.getItem(key)
  } catch {
    return null
  }
}

/**
 * Keeps a text, or drops it.
 *
 * @param key its name
 * @param text null to drop it
 * @returns whether the browser kept it
 */
export function keepText(key: string, text: string | null): boolean {
  try {
    if (text === null) localStorage.removeItem(key)
    else localStorage.setItem(key, text)
    return true
  } catch {
    return false
  }
}

/** Names of all kept texts that begin so. */
export function textsNamed(start: string): string[] {
  try {
    return Object.keys(localStorage).filter(key => key.startsWith(start))
  } catch {
    return []
  }
}
