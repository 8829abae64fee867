import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import {
  DEMO,
  listsFull,
  toldFigures,
  withEdits,
  withFollowingVoltage,
  type Edit,
  type Project,
  edit,
} from '@remigo/core'
import { plainData } from './plainData'

/**
 * One step of the history: what it was called, and the boat before and after; edits of one visit to a field are one
 * step. Boats share what did not change.
 */
interface Step {
  label: string
  before: Project
  after: Project
  visit?: symbol
}

/** One thing that is tried: its name and what it changes. */
interface Tried {
  label: string
  edits: Edit[]
}

/** What is tried, not yet kept: one thing or several, since each is tried on the boat that is shown. */
export interface Trial {
  key: string
  label: string
  project: Project
  reasons: string[]
  steps: Tried[]
}

/**
 * What enters the document is plain data, whatever list or form it comes from: the store, the workers and a file take
 * nothing else.
 */
const plainEdit = ({ path, value }: Edit): Edit => edit(path, plainData(value))

/** The boat on the board: edits, history, and the change on trial. */
export const useDocumentStore = defineStore('document', () => {
  const project = shallowRef<Project>(DEMO.tirrick)
  const trial = shallowRef<Trial | null>(null)
  const past = shallowRef<Step[]>([])
  const future = shallowRef<Step[]>([])
  const changes = ref(0)
  /** what kept the last change out: a list that is full */
  const full = ref<string | null>(null)

  /** what the screen shows: the boat with the change on trial, if there is one */
  const shown = computed(() => trial.value?.project ?? project.value)
  const canUndo = computed(() => trial.value !== null || past.value.length > 0)
  const canRedo = computed(() => trial.value === null && future.value.length > 0)
  const undoLabel = computed(() => trial.value?.label ?? past.value.at(-1)?.label ?? '')
  const redoLabel = computed(() => future.value.at(-1)?.label ?? '')

  function commit(label: string, after: Project, visit?: symbol) {
    const last = past.value.at(-1),
      goesOn = visit !== undefined && last?.visit === visit
    past.value = [
      ...(goesOn ? past.value.slice(0, -1) : past.value.slice(-199)),
      { label, before: goesOn ? last.before : project.value, after, visit },
    ]
    future.value = []
    project.value = after
    changes.value++
  }

  /**
   * A named edit; those of one visit to a field are one step. While something is on trial the edit goes into the
   * trial's boat and keeps it. One for which a list has no room is not made, and `full` says so.
   *
   * @returns whether it was made
   */
  function edit(label: string, edits: Edit[], visit?: symbol): boolean {
    full.value = listsFull(edits)
    if (full.value) return false
    const told = toldFigures(shown.value, edits.map(plainEdit))
    const after = withEdits(shown.value, withFollowingVoltage(shown.value, told))
    trial.value = null
    commit(label, after, visit)
    return true
  }

  /**
   * Tries a change on the boat that is shown. What it changes again of an open trial (another charger) takes the place
   * of that.
   */
  function startTrial(key: string, label: string, edits: Edit[], reasons: string[] = []) {
    full.value = listsFull(edits)
    if (full.value) return
    const paths = new Set(edits.map(e => e.path)),
      before = trial.value?.steps.filter(step => !step.edits.every(e => paths.has(e.path))) ?? []
    const steps = [...before, { label, edits: withFollowingVoltage(shown.value, edits.map(plainEdit)) }]
    trial.value = {
      key,
      label: steps.map(step => step.label).join(' + '),
      project: withEdits(
        project.value,
        steps.flatMap(step => step.edits),
      ),
      reasons,
      steps,
    }
  }

  /** The boat as another tab left it, or as it is taken from there: a step that can be undone like any other. */
  function takeOver(label: string, theirs: Project) {
    trial.value = null
    commit(label, theirs)
  }

  function keep() {
    if (!trial.value) return
    const { label, project: after } = trial.value
    trial.value = null
    commit(label, after)
  }

  function putBack() {
    trial.value = null
  }

  function undo() {
    if (trial.value) return putBack()
    const step = past.value.at(-1)
    if (!step) return
    past.value = past.value.slice(0, -1)
    future.value = [...future.value, step]
    project.value = step.before
    changes.value++
  }

  function redo() {
    const step = future.value.at(-1)
    if (!step || trial.value) return
    future.value = future.value.slice(0, -1)
    past.value = [...past.value, step]
    project.value = step.after
    changes.value++
  }

  /** Puts another boat on the board; the history starts anew. */
  function open(next: Project) {
    trial.value = null
    past.value = []
    future.value = []
    full.value = null
    project.value = next
  }

  return {
    full,
    project,
    past,
    trial,
    shown,
    changes,
    canUndo,
    canRedo,
    undoLabel,
    redoLabel,
    edit,
    startTrial,
    takeOver,
    keep,
    putBack,
    undo,
    redo,
    open,
  }
})
