/** What the package that registers the copy for offline was told, in place of a browser that has one. */
export const registered: Record<string, (...args: unknown[]) => void>[] = []
/** Whether the page was to be loaded anew, each time that a newer copy was taken. */
export const taken: unknown[] = []

export function registerSW(options: Record<string, (...args: unknown[]) => void>) {
  registered.push(options)
  return (reload: boolean) => {
    taken.push(reload)
    return Promise.resolve()
  }
}
