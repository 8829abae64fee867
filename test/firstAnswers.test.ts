import { findingsOf, evaluate, projectSchema } from '@remigo/core'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import { nextTick } from 'vue'
import { useFirstAnswers } from '../app/composables/useFirstAnswers'
import { useViewStore } from '../app/stores/view'

describe('ten answers', () => {
  beforeEach(() => setActivePinia(createPinia()))
  it('left empty, they are usual for the hull and length, and lead to a whole design', async () => {
    const made = (await useFirstAnswers().finish())!
    expect(projectSchema.safeParse(made.project).success).toBe(true)
    expect(made.note).toBeNull()
    expect(findingsOf(evaluate(made.project, made.project.use.cruiseSpeed)).counts.stop).toBe(0)
  })
  it('offer what suits the length typed, in the owner’s units', () => {
    const questions = useFirstAnswers()
    const usual = questions.show('mass')
    questions.typed.lengthOverAll = '12 m'
    expect(questions.show('mass')).not.toBe(usual)
    useViewStore().units = { profile: 'us', overrides: {} }
    expect(questions.show('mass')).toMatch(/lb$/)
  })
  it('take typed units and remember them', async () => {
    const questions = useFirstAnswers()
    Object.assign(questions.typed, { lengthOverAll: '28 ft', mass: '3,4 t', duration: '5 h 30 min' })
    questions.hullType.value = 'displacementLaunch'
    const { project } = (await questions.finish())!
    expect(project.boat.lengthOverAll).toBeCloseTo(8.5344, 9)
    expect(project.use.duration).toBe(19_800)
    expect(project.typed).toMatchObject({ 'boat.mass': '3,4 t', 'use.duration': '5 h 30 min' })
  })
  it('say which answer needs another look, and make nothing until it is mended', async () => {
    const questions = useFirstAnswers()
    questions.typed.cruiseSpeed = '40 kg'
    questions.typed.mass = '60 t'
    expect(await questions.finish()).toBeNull()
    expect(questions.errors.cruiseSpeed).toMatch(/wants a speed/)
    questions.typed.cruiseSpeed = '4 kn'
    await nextTick()
    expect(await questions.finish()).toBeNull()
    expect(questions.errors.mass).toMatch(/too heavy/)
    questions.typed.mass = '4 t'
    expect(await questions.finish()).not.toBeNull()
  })
  it('tell what is short when no motor will do', async () => {
    const questions = useFirstAnswers()
    Object.assign(questions.typed, { lengthOverAll: '16 m', mass: '24 t', greatestDiameter: '90 mm' })
    const made = (await questions.finish())!
    expect(made.note).toMatch(/Nothing fits/)
  })
})
