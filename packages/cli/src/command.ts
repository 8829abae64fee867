import { readFile } from 'node:fs/promises'
import { readProject, type Project } from '@remigo/core'

/** What the command prints, and its exit code: 0 fine, 1 findings that stop, 2 unusable input. */
export interface CommandResult {
  code: 0 | 1 | 2
  stdout: string
  stderr: string
}

/** Options of all commands, as they were typed. */
export interface Options {
  speed?: string[]
  json?: boolean
  csv?: boolean
}

/** Input that cannot be used; its message is what the command says. */
export class Unusable extends Error {}

/**
 * Reads a text file.
 *
 * @param file its path
 * @returns the text
 * @throws Unusable when it cannot be read
 */
export async function textOf(file: string): Promise<string> {
  try {
    return await readFile(file, 'utf8')
  } catch (error) {
    throw new Unusable(`${file} cannot be read (${(error as NodeJS.ErrnoException).code ?? 'error'}).`)
  }
}

/** Errors of fields as lines below what is not usable. */
export const unusableFields = (file: string, errors: readonly { field: string; message: string }[]): Unusable =>
  new Unusable(`${file} is not usable.\n${errors.map(e => `  ${e.field}: ${e.message}`).join('\n')}`)

/**
 * Reads a boat from a file.
 *
 * @param file its path
 * @returns the boat
 * @throws Unusable with every reason why not
 */
export async function boatOf(file: string): Promise<Project> {
  const read = readProject(await textOf(file))
  if (!read.ok) throw unusableFields(file, read.errors)
  return read.project
}
