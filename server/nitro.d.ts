// What Nitro has for its own entries and gives no types for.
declare module '#nitro-internal-pollyfills'
declare module 'nitropack/runtime/internal' {
  /** Answers what is open, calls the "close" hook, then ends; on SIGTERM and SIGINT. */
  export function setupGracefulShutdown(server: import('node:http').Server, nitro: unknown): void
  /** Logs what nobody caught. */
  export function trapUnhandledNodeErrors(): void
}
