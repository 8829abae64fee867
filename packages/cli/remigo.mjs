#!/usr/bin/env node
// The command. Its TypeScript is joined into one file, kept with the packages, and joined again when a source is newer:
// translating three hundred files at each start would take a second.
import { existsSync, readdirSync, statSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath, pathToFileURL } from 'node:url'

const here = dirname(fileURLToPath(import.meta.url))
const entry = join(here, 'src/run.ts')
const joined = join(here, '../../node_modules/.cache/remigo/command.mjs')

const newest = path => {
  const stat = statSync(path)
  return stat.isDirectory()
    ? Math.max(stat.mtimeMs, ...readdirSync(path).map(name => newest(join(path, name))))
    : stat.mtimeMs
}
const sources = [join(here, 'src'), join(here, '../core/src'), join(here, '../core/data')].map(newest)
if (!existsSync(joined) || statSync(joined).mtimeMs < Math.max(...sources)) {
  const { build } = await import('esbuild')
  await build({
    entryPoints: [entry],
    outfile: joined,
    bundle: true,
    platform: 'node',
    format: 'esm',
    logLevel: 'error',
  })
}
const { run } = await import(pathToFileURL(joined).href)
const { code, stdout, stderr } = await run(process.argv.slice(2))
if (stdout) process.stdout.write(stdout)
if (stderr) process.stderr.write(stderr)
process.exitCode = code
