import { computed, onMounted, ref, shallowRef } from 'vue'
import {
  emptyPart,
  ownPartId,
  packOf,
  PART_KINDS,
  putOnBoat,
  takeOver,
  writeParts,
  type CellSpec,
  type Edit,
  type Part,
  type PartKindId,
} from '@remigo/core'
import { libraryWords } from '~/messages/library'
import { useDocumentStore } from '~/stores/document'
import { useLibraryStore } from '~/stores/library'
import { fileText, MOST_BYTES } from '~/files/fileText'
import { download } from '~/files/download'
import { useWorkerRun } from './useWorkerRun'

/** The library on its bench: which kind is shown, what is looked for, the part chosen, files in and out. */
export function useLibraryBench() {
  const store = useLibraryStore()
  const document = useDocumentStore()
  const kind = ref<PartKindId>('motor')
  const words = ref('')
  const chosen = shallowRef<Part | null>(null)
  const editing = ref(false)
  const told = ref<string | null>(null)
  const removed = shallowRef<{ kind: PartKindId; part: Part } | null>(null)
  const own = computed(() => store.own[kind.value] ?? [])
  const all = computed(() => [...own.value, ...PART_KINDS[kind.value].shipped])
  const shown = computed(() => {
    const wanted = words.value.toLowerCase().split(/\s+/).filter(Boolean)
    return wanted.length ? all.value.filter(part => wanted.every(w => part.name.toLowerCase().includes(w))) : all.value
  })
  const isOwn = (part: Part) => own.value.some(p => p.id === part.id)
  const run = useWorkerRun('parts')
  const { result, progress, running, start: read, cancel } = run
  const imported = computed(() =>
    result.value?.outcome === 'kept'
      ? libraryWords.imported(result.value.count)
      : result.value?.outcome === 'notKept'
        ? libraryWords.notKept(result.value.reason)
        : null,
  )
  const errors = computed(() => (result.value?.outcome === 'wrong' ? result.value.errors : []))
  onMounted(() => store.start())

  function show(which: PartKindId) {
    cancel()
    kind.value = which
    chosen.value = null
    editing.value = false
    words.value = ''
    result.value = null
  }
  function choose(part: Part) {
    if (part.id !== chosen.value?.id) was.value = part.id
    chosen.value = part
    editing.value = false
  }
  /** A copy of a part among the owner's own, ready to be changed. */
  async function copy(part: Part) {
    let name = libraryWords.newName(part.name).slice(0, 80)
    for (let n = 2; own.value.some(p => p.id === ownPartId(name)); n++)
      name = `${libraryWords.newName(part.name).slice(0, 76)} ${n}`
    const made = { ...part, id: ownPartId(name), name }
    await store.put(kind.value, [made])
    chosen.value = made
    editing.value = true
  }
  /** A part of which nothing is known yet. */
  function create() {
    chosen.value = emptyPart(kind.value)
    editing.value = true
  }
  /** Why these cells make no pack. */
  const noPack = computed(() => {
    if (!chosen.value || editing.value || (kind.value !== 'cell' && kind.value !== 'pack')) return null
    const made = packOf(document.shown, chosen.value as unknown as CellSpec)
    return made.outcome === 'none' ? made.reason : null
  })
  /** the name that the chosen part had before it was changed here */
  const was = ref('')
  /** edits by which the boat on the board takes over what was changed of a part that she has */
  const newer = computed(() =>
    chosen.value && !editing.value && isOwn(chosen.value)
      ? takeOver(kind.value, chosen.value, document.shown, was.value || chosen.value.id)
      : null,
  )
  function takeNewer() {
    if (newer.value && chosen.value) document.edit(libraryWords.takenOver(chosen.value.name), newer.value)
  }
  async function keep(part: Part) {
    const before = chosen.value
    await store.put(kind.value, [part])
    if (before && before.id && before.id !== part.id && isOwn(before)) await store.remove(kind.value, [before.id])
    choose(part)
    was.value = before?.id || part.id
  }
  async function remove(part: Part) {
    removed.value = { kind: kind.value, part }
    await store.remove(kind.value, [part.id])
    chosen.value = null
    told.value = libraryWords.deleted(part.name)
  }
  async function bringBack() {
    const back = removed.value
    if (!back) return
    await store.put(back.kind, [back.part])
    removed.value = null
    told.value = null
  }
  async function importFile(file: File) {
    told.value = null
    result.value = null
    const found = await fileText(file, MOST_BYTES.parts)
    if (found.ok) read({ kind: kind.value, text: found.text })
    else result.value = { outcome: 'wrong', errors: [{ line: 1, column: 'name', message: found.message }] }
  }
  function exportParts(which: 'all' | 'own') {
    download(
      `remigo-${PART_KINDS[kind.value].many.toLowerCase()}.csv`,
      writeParts(kind.value, which === 'own' ? own.value : all.value),
      'text/csv',
    )
  }
  /** Edits that put a part on the boat; null where it has no place on it, or makes no pack for it. */
  const editsFor = (part: Part): Edit[] | null => putOnBoat(kind.value, part, document.shown)
  function tryPart(part: Part) {
    const edits = editsFor(part)
    if (edits) document.startTrial(part.id, part.name, edits)
  }
  return {
    kind,
    words,
    chosen,
    editing,
    told,
    removed,
    own,
    all,
    shown,
    isOwn,
    imported,
    run,
    progress,
    running,
    cancel,
    errors,
    show,
    choose,
    copy,
    create,
    noPack,
    newer,
    takeNewer,
    keep,
    remove,
    bringBack,
    importFile,
    exportParts,
    editsFor,
    tryPart,
  }
}
