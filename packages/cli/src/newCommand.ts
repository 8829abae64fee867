import { randomUUID } from 'node:crypto'
import { evaluate, fillText, findingsOf, firstDesign, readAnswers, readKnown, writeProject } from '@remigo/core'
import { textOf, Unusable, unusableFields, type CommandResult } from './command'

/** remigo new ANSWERS: a boat with her first design from ten answers, to standard output. */
export async function newCommand([file]: string[]): Promise<CommandResult> {
  let data: unknown
  try {
    data = JSON.parse(await textOf(file!))
  } catch (error) {
    if (error instanceof Unusable) throw error
    throw new Unusable(`${file} is not whole JSON (${(error as Error).message}).`)
  }
  const read = readAnswers(data)
  if (!read.ok) throw unusableFields(file!, read.errors)
  const known = readKnown(read.known, 'known')
  if (!known.ok) throw unusableFields(file!, known.errors)
  const { have, wish, placeTold } = read
  const { project, note, bought } = firstDesign(read.answers, randomUUID(), {
    known: known.told,
    have,
    wish,
    placeTold,
  })
  const stops = findingsOf(evaluate(project, project.use.cruiseSpeed)).counts.stop
  return {
    code: note || stops > 0 ? 1 : 0,
    stdout: writeProject(project),
    stderr: [bought, note].map(said => (said ? `remigo: ${fillText(said).replace(/\u00A0/g, ' ')}\n` : '')).join(''),
  }
}
