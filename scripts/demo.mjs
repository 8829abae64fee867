// npm run demo: installs and builds if needed, starts, prints the address.
import { spawn } from 'node:child_process'
import { join } from 'node:path'
import { ensureBuilt, ensureInstalled, portIsFree, ROOT, say } from './prepare.mjs'

const port = Number(process.env.PORT ?? 3000)
if (!Number.isInteger(port) || port < 1 || port > 65535) {
  say(`PORT should be a whole number from 1 to 65535, not “${process.env.PORT}”.`)
  process.exit(1)
}
if (!portIsFree(port)) {
  say(`port ${port} is taken. Stop what uses it, or choose another: PORT=${port + 1} npm run demo`)
  process.exit(1)
}
ensureInstalled()
if (!(await ensureBuilt())) {
  say('the build failed; see above.')
  process.exit(1)
}
const server = spawn(process.execPath, [join(ROOT, '.output/server/index.mjs')], {
  stdio: ['ignore', 'pipe', 'inherit'],
  env: { ...process.env, PORT: String(port), NITRO_PORT: String(port) },
})
server.stdout.on('data', data => {
  if (!String(data).includes('Listening')) return
  say(`open http://localhost:${port}/?boat=demo-tirrick`)
  say('Ctrl+C stops it. Boats are kept in your browser; nothing leaves this machine.')
})
server.on('exit', code => process.exit(code ?? 0))
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal))
