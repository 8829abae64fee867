// npm run mutate: changes the core at random places, one operator, number or comparison at a time, and counts how many
// of the changes its tests see. -- --count 200 --seed 1 --jobs 2 --only packages/core/src/battery
import { spawn } from 'node:child_process'
import {
  cpSync,
  existsSync,
  mkdtempSync,
  readFileSync,
  readdirSync,
  rmSync,
  statSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs'
import { tmpdir } from 'node:os'
import { join, relative, sep } from 'node:path'
import { parseArgs } from 'node:util'
import ts from 'typescript'
import { ROOT } from './prepare.mjs'

const { values } = parseArgs({
  options: {
    count: { type: 'string', default: '200' },
    seed: { type: 'string', default: '1' },
    jobs: { type: 'string', default: '2' },
    only: { type: 'string', default: 'packages/core/src' },
  },
})

const { SyntaxKind: K } = ts
/** What each operator becomes. */
const SWAPS = new Map([
  [K.PlusToken, '-'],
  [K.MinusToken, '+'],
  [K.AsteriskToken, '/'],
  [K.SlashToken, '*'],
  [K.AsteriskAsteriskToken, '*'],
  [K.LessThanToken, '>='],
  [K.LessThanEqualsToken, '>'],
  [K.GreaterThanToken, '<='],
  [K.GreaterThanEqualsToken, '<'],
  [K.EqualsEqualsEqualsToken, '!=='],
  [K.ExclamationEqualsEqualsToken, '==='],
  [K.AmpersandAmpersandToken, '||'],
  [K.BarBarToken, '&&'],
])

/** Every place of a file where one operator, number or min and max may be another. */
function mutationsOf(file) {
  const text = readFileSync(join(ROOT, file), 'utf8')
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true)
  const found = []
  const change = (node, to) => {
    const { line } = source.getLineAndCharacterOfPosition(node.getStart())
    found.push({ file, line: line + 1, from: node.getStart(), end: node.getEnd(), was: node.getText(), to })
  }
  const visit = node => {
    if (ts.isTypeNode(node) || ts.isImportDeclaration(node)) return
    if (ts.isBinaryExpression(node) && SWAPS.has(node.operatorToken.kind)) {
      // "+" of words is no arithmetic
      const words =
        ts.isStringLiteralLike(node.left) || ts.isStringLiteralLike(node.right) || /['`]/.test(node.getText())
      if (!words) change(node.operatorToken, SWAPS.get(node.operatorToken.kind))
    }
    if (ts.isNumericLiteral(node)) {
      const value = Number(node.text.replaceAll('_', ''))
      change(node, String(value === 0 ? 1 : Number((value * 1.2).toPrecision(6))))
    }
    if (ts.isPropertyAccessExpression(node) && /^Math\.(min|max)$/.test(node.getText()))
      change(node.name, node.name.text === 'min' ? 'max' : 'min')
    ts.forEachChild(node, visit)
  }
  visit(source)
  return found
}

function filesIn(folder) {
  return readdirSync(join(ROOT, folder)).flatMap(name => {
    const path = join(folder, name)
    if (statSync(join(ROOT, path)).isDirectory())
      return name === 'shipped' || name === 'demo' || name === 'migrations' ? [] : filesIn(path)
    return name.endsWith('.ts') && name !== 'index.ts' ? [path] : []
  })
}

/** Numbers from 0 to 1 that are the same for the same seed (mulberry32). */
function randomOf(seed) {
  let state = seed
  return () => {
    state = (state + 0x6d2b79f5) | 0
    let t = Math.imul(state ^ (state >>> 15), 1 | state)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
}

/** A copy of the core in which changes can be made beside the work. */
function workshop() {
  const folder = mkdtempSync(join(tmpdir(), 'remigo-mutate-'))
  cpSync(join(ROOT, 'packages'), join(folder, 'packages'), {
    recursive: true,
    filter: path => !path.includes('node_modules'),
  })
  cpSync(join(ROOT, 'docs'), join(folder, 'docs'), { recursive: true, filter: path => !path.includes('screenshots') })
  cpSync(join(ROOT, 'vitest.config.ts'), join(folder, 'vitest.config.ts'))
  cpSync(join(ROOT, 'package.json'), join(folder, 'package.json'))
  symlinkSync(join(ROOT, 'node_modules'), join(folder, 'node_modules'))
  return folder
}

const LONGEST = 600_000
/** Whether these tests of the core fail now. A change that never ends fails too. */
function fails(folder, which) {
  return new Promise(resolve => {
    const args = ['vitest', ...which, '--run', '--project', 'core', '--bail', '1', '--reporter', 'dot']
    const child = spawn('npx', args, { cwd: folder, stdio: 'ignore', env: { ...process.env, CI: '1' } })
    const timer = setTimeout(() => child.kill('SIGKILL'), LONGEST)
    child.on('close', code => {
      clearTimeout(timer)
      resolve(code !== 0)
    })
  })
}

/** Whether some test of the core sees the change: those of its folder and the kept numbers first, being quick. */
async function seen(folder, file) {
  const own = join('packages/core/test', relative('packages/core/src', file).split(sep)[0])
  const quick = [own, 'packages/core/test/today'].filter(tests => existsSync(join(folder, tests)))
  return (await fails(folder, quick)) || fails(folder, ['related', join(folder, file)])
}

const random = randomOf(Number(values.seed))
const all = filesIn(values.only).flatMap(mutationsOf)
const picked = Array.from(
  { length: Math.min(Number(values.count), all.length) },
  () => all.splice(Math.floor(random() * all.length), 1)[0],
)
console.log(`${picked.length} changes of ${all.length + picked.length}, seed ${values.seed}`)
let killed = 0,
  done = 0
async function work(folder) {
  for (let m = picked.shift(); m; m = picked.shift()) {
    const text = readFileSync(join(folder, m.file), 'utf8')
    writeFileSync(join(folder, m.file), text.slice(0, m.from) + m.to + text.slice(m.end))
    const dead = await seen(folder, m.file)
    writeFileSync(join(folder, m.file), text)
    done++
    if (dead) killed++
    else console.log(`lives: ${relative('packages/core/src', m.file)}:${m.line}  ${m.was} → ${m.to}`)
    if (done % 10 === 0) console.log(`${done} done, ${killed} seen`)
  }
  rmSync(folder, { recursive: true, force: true })
}
const folders = Array.from({ length: Number(values.jobs) }, workshop)
await Promise.all(folders.map(work))
console.log(`${killed} of ${done} changes were seen by a test: ${((100 * killed) / done).toFixed(0)} %`)
