// What the two commands need before they can work. Node's own modules only: nothing is installed yet.
import { execFileSync, spawn, spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'

export const ROOT = join(dirname(fileURLToPath(import.meta.url)), '..')
const STAMPS = join(ROOT, 'node_modules', '.remigo')
const SOURCES = [
  'app',
  'server',
  'packages/core/src',
  'packages/core/data',
  'public',
  'nuxt.config.ts',
  'package-lock.json',
]

/** Prints one line of what is going on. */
export const say = message => console.log(`remigo: ${message}`)

/** Runs a program in the project's folder with its output shown; returns its exit code. */
export function run(command, args, options = {}) {
  const done = spawnSync(command, args, {
    cwd: ROOT,
    stdio: 'inherit',
    ...options,
    env: { ...process.env, NUXT_TELEMETRY_DISABLED: '1', ...options.env },
  })
  if (done.error) say(`${command} cannot be started: ${done.error.message}`)
  return done.status ?? 1
}

/** Runs a line of shell beside others; its output is shown in one piece when it ends. Resolves to its exit code. */
export function runBeside(line, env = {}) {
  return new Promise(resolve => {
    const child = spawn(line, { cwd: ROOT, shell: true, env: { ...process.env, NUXT_TELEMETRY_DISABLED: '1', ...env } })
    const output = []
    child.stdout.on('data', part => output.push(part))
    child.stderr.on('data', part => output.push(part))
    child.on('error', error => output.push(Buffer.from(`${error.message}\n`)))
    child.on('close', code => {
      process.stdout.write(Buffer.concat(output))
      resolve(code ?? 1)
    })
  })
}

const hashOf = file =>
  createHash('sha256')
    .update(readFileSync(join(ROOT, file)))
    .digest('hex')
const stamp = name => (existsSync(join(STAMPS, name)) ? readFileSync(join(STAMPS, name), 'utf8') : '')
function writeStamp(name, value) {
  mkdirSync(STAMPS, { recursive: true })
  writeFileSync(join(STAMPS, name), value)
}

/** Installs the packages when the lock file has changed since the last time it went well. */
export function ensureInstalled() {
  const lock = hashOf('package-lock.json')
  if (stamp('installed') === lock) return
  say('installing packages (about a minute, once) …')
  if (run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error']) !== 0) {
    say('the packages could not be installed. Is the npm registry reached? Node 20.19 or newer is needed.')
    process.exit(1)
  }
  writeStamp('installed', lock)
}

function newest(path) {
  const full = join(ROOT, path)
  if (!existsSync(full)) return 0
  const stat = statSync(full)
  if (!stat.isDirectory()) return stat.mtimeMs
  return Math.max(stat.mtimeMs, ...readdirSync(full).map(name => newest(join(path, name))))
}

/** Builds when a source is newer than the last build; `always` builds anyway. Resolves to whether there is a build. */
export async function ensureBuilt(always = false) {
  const server = join(ROOT, '.output/server/index.mjs')
  if (!always && existsSync(server) && statSync(server).mtimeMs > Math.max(...SOURCES.map(newest))) return true
  say('building (about a minute) …')
  return (await runBeside('npx nuxt build --logLevel=silent')) === 0
}

/**
 * Debian's Chromium, installed when it is missing and that is allowed; resolves to its path, or null when it cannot be
 * had.
 */
export async function ensureChromium() {
  const find = () => ['/usr/bin/chromium', '/usr/bin/chromium-browser', '/usr/bin/google-chrome'].find(existsSync)
  const found = process.env.CHROMIUM ?? find()
  if (found) return found
  const root = process.getuid?.() === 0
  const sudo = !root && spawnSync('sudo', ['-n', 'true'], { stdio: 'ignore' }).status === 0
  if (!existsSync('/usr/bin/apt-get') || !(root || sudo)) {
    say(
      'Chromium is missing and may not be installed by this user. Ask for: apt-get install chromium. Or set ' +
        'CHROMIUM to its path.',
    )
    return null
  }
  say('installing Debian’s Chromium (half a minute, once) …')
  const apt = `${root ? '' : 'sudo '}apt-get`
  await runBeside(`${apt} update >/dev/null; ${apt} install -y --no-install-recommends chromium >/dev/null`, {
    DEBIAN_FRONTEND: 'noninteractive',
  })
  return find() ?? null
}

/** True when nothing listens on the port. */
export function portIsFree(port) {
  try {
    execFileSync(process.execPath, [
      '-e',
      `const s = require('net').createServer()
       s.once('error', () => process.exit(1))
       s.listen(${port}, '0.0.0.0', () => s.close(() => process.exit(0)))`,
    ])
    return true
  } catch {
    return false
  }
}
