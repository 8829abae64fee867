#!/usr/bin/env node
// The command runs the core's TypeScript as it stands; jiti translates it on the way and keeps the result.
import { createJiti } from 'jiti'

const jiti = createJiti(import.meta.url)
const { run } = await jiti.import('../cli/run.ts')
const { code, stdout, stderr } = await run(process.argv.slice(2))
if (stdout) process.stdout.write(stdout)
if (stderr) process.stderr.write(stderr)
process.exitCode = code
