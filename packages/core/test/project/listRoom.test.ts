import { describe, expect, it } from 'vitest'
import type { Field, ListField } from '../../src/fields'
import { DEMO, listsFull, PROJECT_FIELDS, readProject, withEdits, writeProject, type Edit } from '../../src/project'
import { edit } from '../../src/project/definition/projectPath'

/** Lists of the document by their paths, those within lists left out. */
function listsIn(fields: Readonly<Record<string, Field>>, at = ''): [string, ListField][] {
  return Object.entries(fields).flatMap(([key, field]): [string, ListField][] =>
    field.kind === 'group' ? listsIn(field.fields, `${at}${key}.`) : field.kind === 'list' ? [[at + key, field]] : [],
  )
}
const lists = listsIn(PROJECT_FIELDS)
const some = (n: number) => Array.from({ length: n }, () => ({}))
const put = (path: string, value: unknown) => [{ path, value } as unknown as Edit]

describe('room in the lists of a boat', () => {
  it.each(lists)('%s takes as many as its definition says, and tells of one more', (path, list) => {
    expect(listsFull(put(path, some(list.longest)))).toBeNull()
    const said = listsFull(put(path, some(list.longest + 1)))
    for (const word of [list.label, `${list.longest}`, `${list.longest + 1}`, 'remove']) expect(said).toContain(word)
  })
  it('looks into groups and into the items of a list', () => {
    const { legs, streams } = DEMO.tirrick.day
    expect(
      listsFull([edit('day', { ...DEMO.tirrick.day, legs, streams: [...Array(5)].map(() => streams[0]!) })]),
    ).toMatch(/^“Streams” holds at most 4; this would make 5/)
    const task = { ...DEMO.tirrick.yard.tasks[0], after: Array(13).fill('x') }
    expect(listsFull(put('yard.tasks', [task]))).toMatch(/^“After” holds at most 12/)
    expect(listsFull([edit('boat.mass', 5000)])).toBeNull()
  })
  it('what it refuses could not be read from a file either, and what it takes can', () => {
    const weight = { ...DEMO.tirrick.yard.weights[0]!, name: 'Tools' }
    for (const [n, room] of [
      [60, true],
      [61, false],
    ] as const) {
      const edits = [edit('yard.weights', Array(n).fill(weight))]
      expect(listsFull(edits) === null).toBe(room)
      expect(readProject(writeProject(withEdits(DEMO.tirrick, edits))).ok).toBe(room)
    }
  })
})
