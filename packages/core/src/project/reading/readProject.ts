import type { z } from 'zod'
import { given } from '../../fields'
import { quoted } from '../../units'
import { migrateProject } from './migrations/migrateProject'
import type { Project } from '../definition/projectFields'
import { projectSchema } from '../definition/projectSchema'
import { PROJECT_VERSION } from '../definition/projectVersion'

/** What is wrong with a field of a file. */
export interface FieldError {
  field: string
  message: string
}

/** A document read, or every reason why not. */
export type ReadProject = { ok: true; project: Project } | { ok: false; errors: FieldError[] }

const whole = (message: string): ReadProject => ({ ok: false, errors: [{ field: 'file', message }] })

/**
 * Reads a boat from the text of a file. Nothing is guessed: a damaged, foreign or too new file gives a list of errors.
 *
 * @param text of the file
 * @returns the project, or errors that name the field and the reason
 * @example readProject('{}').ok // false
 */
export function readProject(text: string): ReadProject {
  if (text.length > MOST_LETTERS)
    return whole(
      `The file has ${(text.length / 1e6).toFixed(0)} million letters; a boat has fewer than ${MOST_LETTERS / 1e6}.`,
    )
  let data: unknown
  try {
    data = JSON.parse(text.replace(/^\uFEFF/, ''))
  } catch (error) {
    return whole(
      `The file is damaged: it is not whole JSON (${(error as Error).message.slice(0, 120)}). Export it again.`,
    )
  }
  return readProjectData(data)
}

/**
 * Reads a boat from data that came from JSON.
 *
 * @param data anything
 * @returns the project, or errors that name the field and the reason
 */
export function readProjectData(data: unknown): ReadProject {
  if (typeof data !== 'object' || data === null || Array.isArray(data))
    return whole('The file is not a Remigo boat: it should hold one object.')
  const document = data as Record<string, unknown>
  if (document.format !== 'remigo-boat') {
    return {
      ok: false,
      errors: [
        {
          field: 'format',
          message: `The file is not a Remigo boat: “format” should be “remigo-boat”${
            typeof document.format === 'string' ? `, not ${quoted(document.format)}` : `; ${given(document.format)}`
          }.`,
        },
      ],
    }
  }
  if (!Number.isInteger(document.version) || Number(document.version) < 1) {
    return { ok: false, errors: [{ field: 'version', message: 'The “version” should be a whole number from 1.' }] }
  }
  const unwieldy = tooMuch(document)
  if (unwieldy) return whole(unwieldy)
  const moved = broughtUp(document)
  if (moved.outcome === 'broken')
    return {
      ok: false,
      errors: [
        {
          field: 'version',
          message:
            `The file says that it is of version ${moved.version}, but it is not made like one. ` + 'Export it again.',
        },
      ],
    }
  if (moved.outcome === 'tooNew') {
    return {
      ok: false,
      errors: [
        {
          field: 'version',
          message:
            `This file is of version ${moved.version}; this Remigo reads up to version ${PROJECT_VERSION}. ` +
            'Update Remigo, then import it again.',
        },
      ],
    }
  }
  if (moved.outcome === 'noPath') {
    return {
      ok: false,
      errors: [{ field: 'version', message: `Version ${moved.version} cannot be brought up to ${PROJECT_VERSION}.` }],
    }
  }
  const parsed = checked(moved.document)
  if (parsed === null) return whole('The file holds groups of fields where words or numbers belong. Export it again.')
  return parsed.success ? { ok: true, project: parsed.data } : { ok: false, errors: fieldErrors(parsed.error.issues) }
}

/** What a file may hold at most: letters, values in all its lists and groups, and how deep they lie in one another. */
const MOST_LETTERS = 40e6,
  MOST_VALUES = 2e6,
  MOST_DEEP = 24

/** What of a file no boat has; null when it can be looked at. */
function tooMuch(document: object): string | null {
  let values = 0,
    level: object[] = [document]
  for (let deep = 1; level.length > 0; deep++) {
    if (deep > MOST_DEEP) return `The file has lists within lists ${MOST_DEEP} deep and more; no boat has.`
    const next: object[] = []
    for (const group of level)
      for (const value of Object.values(group)) {
        if (++values > MOST_VALUES) return `The file has more than ${MOST_VALUES / 1e6} million values; no boat has.`
        if (typeof value === 'object' && value !== null) next.push(value as object)
      }
    level = next
  }
  return null
}

/** The schema trusts that what has a length is a text or a list: what pretends to breaks it. */
function checked(document: Record<string, unknown>) {
  try {
    return projectSchema.safeParse(document)
  } catch {
    return null
  }
}

/** Migrations take a file at its word: one that only says that it is old breaks them. */
function broughtUp(document: Record<string, unknown>) {
  try {
    return migrateProject(document)
  } catch {
    return { outcome: 'broken' as const, version: Number(document.version) }
  }
}

/** More errors than these help nobody. */
const MOST_ERRORS = 20,
  LONGEST_MESSAGE = 400

/**
 * What is wrong with data, each field with the sentence that its form says: field, value, what would do.
 *
 * @param issues of Zod
 * @returns the first twenty, and how many more there are
 */
export function fieldErrors(issues: readonly z.core.$ZodIssue[]): FieldError[] {
  const errors = issues.slice(0, MOST_ERRORS).map(issue => {
    const path = issue.code === 'unrecognized_keys' ? [...issue.path, issue.keys[0]!] : issue.path
    return {
      field: path.length ? path.map(String).join('.').slice(0, LONGEST_MESSAGE) : 'file',
      message: issue.message.slice(0, LONGEST_MESSAGE),
    }
  })
  const more = issues.length - errors.length
  return more > 0 ? [...errors, { field: 'file', message: `And ${more} more.` }] : errors
}
