/** ms that the browser's store may take; a store that hangs is told, not waited for. */
const PATIENCE = 4000

/** The store did not answer. */
export class StoreSilent extends Error {
  override name = 'no answer'
}

/**
 * What a promise brings, unless it takes too long.
 *
 * @param promise of the store
 * @param most ms
 * @returns what it brings
 * @throws StoreSilent when the time is over
 */
export function inTime<T>(promise: Promise<T>, most = PATIENCE): Promise<T> {
  return new Promise((resolve, reject) => {
    const timer = setTimeout(() => reject(new StoreSilent('The browser’s store did not answer.')), most)
    promise.then(resolve, reject).finally(() => clearTimeout(timer))
  })
}
