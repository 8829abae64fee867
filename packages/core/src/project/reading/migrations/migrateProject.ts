import { PROJECT_VERSION } from '../../definition/projectVersion'
import type { Migration } from './migration'
import { toVersion2 } from './toVersion2'
import { toVersion3 } from './toVersion3'
import { toVersion4 } from './toVersion4'
import { toVersion5 } from './toVersion5'
import { toVersion6 } from './toVersion6'
import { toVersion7 } from './toVersion7'
import { toVersion8 } from './toVersion8'
import { toVersion9 } from './toVersion9'
import { toVersion10 } from './toVersion10'
import { toVersion11 } from './toVersion11'
import { toVersion12 } from './toVersion12'
import { toVersion13 } from './toVersion13'

/** Migrations by the version that they start from. */
export const MIGRATIONS: Readonly<Record<number, Migration>> = {
  1: toVersion2,
  2: toVersion3,
  3: toVersion4,
  4: toVersion5,
  5: toVersion6,
  6: toVersion7,
  7: toVersion8,
  8: toVersion9,
  9: toVersion10,
  10: toVersion11,
  11: toVersion12,
  12: toVersion13,
}

/** A document of today's version, or the reason why it cannot be had. */
export type MigrationOutcome =
  | { outcome: 'current'; document: Record<string, unknown> }
  | { outcome: 'tooNew'; version: number }
  | { outcome: 'noPath'; version: number }

/**
 * Brings a document up to a version, step by step.
 *
 * @param document with a whole `version` from 1
 * @param migrations steps by starting version
 * @param target version wanted
 * @returns the document, or why not
 * @example migrateProject({ version: 1 }).outcome // 'current'
 */
export function migrateProject(
  document: Record<string, unknown>,
  migrations = MIGRATIONS,
  target: number = PROJECT_VERSION,
): MigrationOutcome {
  let current = document
  let version = Number(document.version)
  if (version > target) return { outcome: 'tooNew', version }
  while (version < target) {
    const step = migrations[version]
    if (!step) return { outcome: 'noPath', version }
    version += 1
    current = { ...step(current), version }
  }
  return { outcome: 'current', document: current }
}
