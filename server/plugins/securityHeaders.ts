import { createHash } from 'node:crypto'

const INLINE_SCRIPT = /<script(?![^>]*\bsrc=)(?![^>]*type="application\/json")[^>]*>([\s\S]*?)<\/script>/g

/** On every answer, page, file or JSON. A worker's file has its own policy, and loads our own parts alone. */
const ON_ALL = {
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'no-referrer',
  'cross-origin-opener-policy': 'same-origin',
  'cross-origin-resource-policy': 'same-origin',
  'permissions-policy': 'camera=(), microphone=(), geolocation=(self), payment=(), usb=(), serial=(self)',
  'content-security-policy':
    "default-src 'self'; worker-src 'self' blob:; object-src 'none'; frame-ancestors 'none'; base-uri 'none'; " +
    "form-action 'none'",
} as const

/**
 * The page's own policy: own scripts only, the shell's inline script by its hash; nothing from the network, no form
 * goes anywhere. Styles stay open: Vue writes positions into style attributes and the framework its theme into a style
 * element, and both change while the page lives, so that no hash can name them. A relay of instruments may have any
 * address that its owner types.
 */
const pagePolicy = (hashes: readonly string[]) =>
  [
    "default-src 'self'",
    `script-src 'self' ${hashes.join(' ')}`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self' data:",
    "worker-src 'self' blob:",
    "connect-src 'self' ws: wss:",
    "object-src 'none'",
    "base-uri 'self'",
    "form-action 'none'",
    "frame-ancestors 'none'",
  ].join('; ')

/** Security headers for everything that leaves the server. */
export default defineNitroPlugin(nitro => {
  nitro.hooks.hook('request', event => setResponseHeaders(event, ON_ALL))
  nitro.hooks.hook('render:response', response => {
    const hashes = [...String(response.body).matchAll(INLINE_SCRIPT)].map(
      m =>
        `'sha256-${createHash('sha256')
          .update(m[1] ?? '')
          .digest('base64')}'`,
    )
    const { 'x-powered-by': _, ...headers } = response.headers ?? {}
    response.headers = { ...headers, 'content-security-policy': pagePolicy(hashes) }
  })
})
