/** The registration that the offline copy's package writes into the build. */
declare module 'virtual:pwa-register' {
  export function registerSW(options: {
    immediate?: boolean
    onNeedRefresh?: () => void
    onRegisteredSW?: (url: string, registration: ServiceWorkerRegistration | undefined) => void
    onRegisterError?: (error: unknown) => void
  }): (reload?: boolean) => Promise<void>
}
