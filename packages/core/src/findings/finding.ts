import type { Library } from '../parts'
import type { PartName } from '../project/parts/partName'
import type { Edit } from '../project/definition/projectPath'
import type { BoatFacts } from '../system/facts'
import type { Text } from '../units'

/** What a rule may look at. Rules read; they compute no physics. */
export interface Facts extends BoatFacts {
  /** parts that a fix may offer */
  library: Library
}

/**
 * stop: cannot run like this. caution: runs, inside the headroom or a limit of good practice. note: not known well
 * enough.
 */
export type Severity = 'stop' | 'caution' | 'note'

/**
 * A change that mends a finding: edits to try. With `resize` a rule asks for a new sizing of what is not held; what is
 * offered has its edits, and the reasons of the parts.
 */
export interface Fix {
  label: Text
  edits: Edit[]
  resize?: boolean
  reasons?: Text[]
}

/** What a rule found: the fixes may help and are not tried yet. */
export interface Found {
  severity: Severity
  /** what it is about, a few words after the state */
  title: string
  /** by how much, at the right of the title */
  amount: Text
  /** one or two short sentences with the numbers and the reason */
  sentence: Text
  /** the usual caution, where someone can be hurt */
  caution?: string
  fixes: Fix[]
  /** how bad it is, larger is worse: a fix that lowers it helps, though the finding stays */
  measure?: number
  /** other parts that it is about as much: they wear the same state */
  also?: PartName[]
  /** what would have to be bought or relaxed where no fix helps */
  need?: Text | null
}

/** One rule: a check, the part it speaks of, and where the limit comes from. Its short name is its file’s. */
export interface Rule {
  part: PartName
  /** what is checked, in words */
  checks: string
  source: string
  /** what is found grows with speed: where nothing else helps, going slower is offered */
  slowerHelps?: boolean
  /** no figure holds until it is right: what else clashes is seen only then */
  reveals?: boolean
  check(facts: Facts): Found | null
}
