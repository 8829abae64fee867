import { createHash } from 'node:crypto'

const INLINE_SCRIPT = /<script(?![^>]*\bsrc=)(?![^>]*type="application\/json")[^>]*>([\s\S]*?)<\/script>/g

/** Content security policy: own scripts only, the shell's inline script by its hash; nothing from the network. */
export default defineNitroPlugin(nitro => {
  nitro.hooks.hook('render:response', response => {
    const hashes = [...String(response.body).matchAll(INLINE_SCRIPT)].map(
      m =>
        `'sha256-${createHash('sha256')
          .update(m[1] ?? '')
          .digest('base64')}'`,
    )
    response.headers = {
      ...response.headers,
      'content-security-policy': [
        "default-src 'self'",
        `script-src 'self' ${hashes.join(' ')}`,
        "style-src 'self' 'unsafe-inline'",
        "img-src 'self' data: blob:",
        "font-src 'self' data:",
        "worker-src 'self' blob:",
        "connect-src 'self' ws: wss:",
        "object-src 'none'",
        "base-uri 'self'",
        "frame-ancestors 'none'",
      ].join('; '),
      'x-content-type-options': 'nosniff',
      'referrer-policy': 'no-referrer',
    }
  })
})
