import { checkFindings, type Fix, type RawFinding, type Severity } from '../findings'
import { RESIZE } from '../findings/fixes'
import type { Library } from '../parts'
import { HELD_PARTS, heldPartOf } from '../project/parts/heldParts'
import { perLibrary } from '../project/parts/perLibrary'
import { edit, valueAt, withEdits, type Edit } from '../project/definition/projectPath'
import type { HeldPart, Project } from '../project/definition/projectFields'
import { type Text, metresPerSecond } from '../units'
import { sizeRest } from '../sizing'
import { remember } from '../numeric'

/** What is offered for a finding: fixes that were tried, and what would have to be had or given up where none helps. */
export interface Proof {
  fixes: Fix[]
  need: Text | null
}

/** Fixes shown at most; more are not looked for. */
const OFFERED = 3
const RANK: Record<Severity, number> = { stop: 3, caution: 2, note: 1 }
/** A finding whose measure falls by less is not lessened. */
const LESS = 0.98
/** Steps by which both speeds are lowered where nothing else helps: less than that is another boat’s use. */
const SLOWER = [0.95, 0.9, 0.85, 0.8, 0.7, 0.6]

/** Parts that are held, as they are named in a sentence. */
const HELD_NAMES: Record<HeldPart, string> = {
  motor: 'the motor',
  controller: 'the controller',
  reduction: 'the reduction',
  leg: 'the leg',
  propeller: 'the propeller',
  pack: 'the pack',
  voltage: 'the voltage',
  charger: 'the charger',
  panels: 'the panels',
}

/**
 * The fixes of a finding that mend or lessen it when they are tried, add no clash, and change nothing that is held.
 * Sizing anew, letting go of what is held and going slower come only where nothing simpler helps.
 *
 * @param project the boat
 * @param library parts to choose from
 * @param finding as its rule gave it
 * @returns fixes, best first; where there is none, what would have to be bought or relaxed
 */
export function provenFixes(project: Project, library: Library, finding: RawFinding): Proof {
  const stopsBefore = new Set(
    checkFindings(project, library)
      .findings.filter(f => f.severity === 'stop')
      .map(f => f.rule),
  )
  const mends = (edits: readonly Edit[]): boolean => mendsAs(editedOnce(project, edits))
  const mendsAs = (tried: Project): boolean => {
    const after = checkFindings(tried, library).findings
    return (
      lessened(
        finding,
        after.find(f => f.rule === finding.rule),
      ) &&
      (finding.reveals || after.every(f => f.severity !== 'stop' || stopsBefore.has(f.rule)))
    )
  }
  const ready = (fix: Fix): Fix | null => {
    if (heldPartOf(project, fix.edits) !== null || !keepsBlocks(project, fix.edits)) return null
    if (!fix.resize) return changes(project, fix.edits) && mends(fix.edits) ? fix : null
    const sized = sizedOnce(editedOnce(project, fix.edits), library)
    if (!sized) return null
    const edits = [...fix.edits, ...sized.edits]
    if (!keepsBlocks(project, edits)) return null
    return changes(project, edits) && mendsAs(sized.project) ? { ...fix, edits, reasons: sized.reasons } : null
  }
  const simple = firstOf(
    finding.fixes.filter(f => !f.resize),
    ready,
    OFFERED,
  )
  const asked = finding.fixes.filter(f => f.resize),
    anew = asked.length > 0 ? asked : finding.severity === 'note' ? [] : [RESIZE]
  const sized = simple.length < 2 ? firstOf(anew, ready, 1) : []
  const found = [...simple, ...sized]
  if (found.length > 0) return { fixes: found, need: null }
  if (finding.severity === 'note') return { fixes: [], need: finding.need ?? null }
  const held = HELD_PARTS.filter(part => project.held[part])
  const freed = firstOf(
    held.map(part => letGo(part)),
    ready,
    2,
  )
  if (freed.length > 0) return { fixes: freed, need: finding.need ?? null }
  const slower = !finding.slowerHelps
    ? []
    : firstOf(
        SLOWER.map(share => goSlower(project, share)),
        ready,
        1,
      )
  return { fixes: slower, need: finding.need ?? needOf(held) }
}

/** A boat with all that is not held sized anew. */
interface Sized {
  edits: Edit[]
  reasons: Text[]
  project: Project
}

const edited = remember<Project, Map<string, Project>>('editedBoats')

/** A boat with edits, the same one for all findings that try them: what is worked out of her is worked out once. */
function editedOnce(project: Project, edits: readonly Edit[]): Project {
  const tried = edited(project, () => new Map<string, Project>()),
    key = JSON.stringify(edits)
  const boat = tried.get(key) ?? withEdits(project, edits)
  tried.set(key, boat)
  return boat
}

/** The sizing of a boat, worked out once for all of its findings; null when nothing fits. */
const sizedOnce = perLibrary((project, library): Sized | null => {
  const sized = sizeRest(project, library)
  return sized.outcome === 'sized' && sized.short === null
    ? { edits: sized.edits, reasons: sized.reasons.map(r => r.text), project: withEdits(project, sized.edits) }
    : null
})

/** The first fixes that are ready; no more are tried than are shown. */
function firstOf(fixes: readonly Fix[], ready: (fix: Fix) => Fix | null, most: number): Fix[] {
  const found: Fix[] = []
  for (const fix of fixes) {
    const made = ready(fix)
    if (made && found.push(made) >= most) break
  }
  return found
}

/** Gone, milder, or of the same severity and smaller by its measure. */
function lessened(before: RawFinding, after: RawFinding | undefined): boolean {
  if (!after || RANK[after.severity] < RANK[before.severity]) return true
  return (
    after.severity === before.severity &&
    before.measure !== undefined &&
    after.measure !== undefined &&
    after.measure < LESS * before.measure
  )
}

/** Whether the blocks that the owner has are still those of the pack, and enough of them. */
function keepsBlocks(project: Project, edits: readonly Edit[]): boolean {
  const { owned } = project.design.banks
  if (owned === null) return true
  const { pack } = withEdits(project, edits).design
  return pack.cell.id === project.design.pack.cell.id && pack.series * pack.parallel <= owned
}

/** Whether edits change anything of the boat. */
const changes = (project: Project, edits: readonly Edit[]): boolean =>
  edits.some(({ path, value }) => JSON.stringify(valueAt(project, path)) !== JSON.stringify(value))

const letGo = (part: HeldPart): Fix => ({
  label: { text: `Let go of ${HELD_NAMES[part]}, size the rest` },
  edits: [edit(`held.${part}`, false)],
  resize: true,
})

function goSlower({ use }: Project, share: number): Fix {
  const cruise = share * use.cruiseSpeed,
    top = Math.max(cruise, share * use.topSpeed)
  return {
    label: {
      text: 'Cruise {c}, top {t}',
      params: { c: metresPerSecond(cruise), t: metresPerSecond(top) },
    },
    edits: [edit('use.cruiseSpeed', cruise), edit('use.topSpeed', top)],
  }
}

function needOf(held: readonly HeldPart[]): Text {
  const names = held.map(part => HELD_NAMES[part])
  return {
    text:
      names.length > 0
        ? `No part of the library mends this with ${names.join(', ')} held.`
        : 'No part of the library mends this: add one of your own, or ask for less.',
  }
}
