import type { Rule } from '../../finding'

/** Work that wants a licensed person, done or next in turn, and nobody is named for it. */
export const licensedMissing: Rule = {
  part: 'hull',
  checks: 'Work that wants a licensed person has one',
  source: 'Shore power, packs and mains wiring: local code; insurers ask who did it (common practice)',
  check({ model: { project } }) {
    const { tasks } = project.yard,
      nobody = tasks.filter(t => t.licensed && t.by === ''),
      open = new Set(tasks.filter(t => !t.done).map(t => t.id))
    const done = nobody.filter(t => t.done),
      next = nobody.filter(t => !t.done && t.after.every(a => !open.has(a))),
      first = done[0] ?? next[0]
    if (!first) return null
    const n = done.length || next.length
    return {
      severity: done.length > 0 ? 'caution' : 'note',
      title: 'no licensed person',
      amount: { text: '{n}', params: { n: String(n) } },
      sentence: {
        text: done.length
          ? `“${first.name}” is done and wants a licensed person; nobody is named who did it or saw it.`
          : `“${first.name}” comes next and wants a licensed person; nobody is named for it.`,
      },
      measure: n,
      fixes: [],
      need: { text: 'Name on Work who does it, or who checks it and signs. What the law asks differs: ask locally.' },
    }
  },
}
