import type { Edit } from '../../src/project/definition/projectPath'
import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { fieldError, inUnits } from '../../src/fields'
import {
  boatContradictions,
  contradictionText,
  DEMO,
  DEMO_BOATS,
  FIELDS,
  migrateProject,
  newProject,
  PROJECT_VERSION,
  projectSchema,
  readProject,
  typicalAnswers,
  valueAt,
  withEdits,
  writeProject,
  type FieldPath,
  type Project,
} from '../../src/project'

const yacht = DEMO.tirrick
const errorsOf = (text: string) => {
  const read = readProject(text)
  return read.ok ? [] : read.errors
}
const altered = (change: (copy: Record<string, Record<string, unknown>>) => void) => {
  const copy = JSON.parse(writeProject(yacht))
  change(copy)
  return JSON.stringify(copy)
}

describe('a file', () => {
  it('comes back as it went out', () => {
    for (const project of DEMO_BOATS) expect(readProject(writeProject(project))).toEqual({ ok: true, project })
  })
  it.each<[string, string, string, RegExp]>([
    ['damaged', writeProject(yacht).slice(0, 200), 'file', /damaged/],
    ['a list', '[1, 2]', 'file', /one object/],
    ['foreign', '{"format":"other-boat","version":1}', 'format', /not “other-boat”/],
    ['without format', '{"version":1}', 'format', /is missing/],
    ['without version', '{"format":"remigo-boat"}', 'version', /whole number/],
    [
      'too new',
      altered(c => {
        Object.assign(c, { version: PROJECT_VERSION + 6 })
      }),
      'version',
      new RegExp(`version ${PROJECT_VERSION + 6}.*Update Remigo`),
    ],
    [
      'too heavy',
      altered(c => {
        Object.assign(c.boat!, { mass: 9e9 })
      }),
      'boat.mass',
      /Weight runs from 20\.0.kg to 150.t; this is/,
    ],
    [
      'a word for a number',
      altered(c => {
        Object.assign(c.use!, { cruiseSpeed: 'fast' })
      }),
      'use.cruiseSpeed',
      /should be a number/,
    ],
    [
      'a missing part',
      altered(c => {
        delete c.design!.motor
      }),
      'design.motor',
      /is missing/,
    ],
    [
      'a field of another program',
      altered(c => {
        Object.assign(c.boat!, { sails: 3 })
      }),
      'boat.sails',
      /not part of a Remigo boat/,
    ],
    [
      'an unknown hull',
      altered(c => {
        Object.assign(c.boat!, { hullType: 'raft' })
      }),
      'boat.hullType',
      /“keelYacht”, “displacementLaunch”.*this is “raft”/,
    ],
    [
      'a waterline longer than the boat',
      altered(c => {
        Object.assign(c.boat!, { lengthWaterline: 11 })
      }),
      'boat.lengthWaterline',
      /longer than the boat/,
    ],
  ])('that is %s names the field and the reason', (_, text, field, reason) => {
    const errors = errorsOf(text)
    expect(errors.map(e => e.field)).toContain(field)
    expect(errors.find(e => e.field === field)!.message).toMatch(reason)
  })
  it('of any text never throws', () => {
    fc.assert(fc.property(fc.oneof(fc.string(), fc.json()), text => !readProject(text).ok))
  })
})

describe('migrations', () => {
  const steps = {
    1: (d: Record<string, unknown>) => ({ ...d, b: 1 }),
    2: (d: Record<string, unknown>) => ({ ...d, c: Number(d.b) + 1 }),
  }
  it('walk step by step to the version wanted', () => {
    expect(migrateProject({ version: 1 }, steps, 3)).toEqual({
      outcome: 'current',
      document: { version: 3, b: 1, c: 2 },
    })
  })
  it('say when a document is too new or the path has a gap', () => {
    expect(migrateProject({ version: 4 }, steps, 3).outcome).toBe('tooNew')
    expect(migrateProject({ version: 1 }, { 2: steps[2] }, 3)).toEqual({ outcome: 'noPath', version: 1 })
  })
})

describe('edits', () => {
  it('change one path, share the rest, leave the original', () => {
    const changed = withEdits(yacht, [{ path: 'boat.mass', value: 5000 }])
    expect(changed.boat.mass).toBe(5000)
    expect(yacht.boat.mass).toBe(4600)
    expect(changed.design).toBe(yacht.design)
    expect(() => withEdits(yacht, [{ path: 'boat.sails', value: 1 } as unknown as Edit])).toThrow(/boat\.sails/)
  })
  it('every field has a path in the document and a value inside its range', () => {
    for (const path of Object.keys(FIELDS) as FieldPath[]) {
      for (const project of DEMO_BOATS) {
        const value = valueAt(project, path)
        if (value !== null) expect(fieldError(FIELDS[path], value as number), path).toBeNull()
      }
    }
  })
  it('out of range is told in the owner’s units', () => {
    expect(fieldError(FIELDS['boat.mass'], 1, inUnits({ profile: 'us', overrides: {} }))).toMatch(
      /Weight runs from 44.lb to 330.693.lb; this is 2(\.2|\.20)?.lb/,
    )
    expect(fieldError(FIELDS['design.motor.ratedRpm'], 100_000)).toMatch(/20\s000\srpm/)
  })
})

describe('a first boat', () => {
  it('from typical answers is valid for every type and usual length', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('keelYacht', 'displacementLaunch'),
        fc.double({ min: 5, max: 20, noNaN: true }),
        (type, length) => {
          const project: Project = newProject(typicalAnswers(type, length), 'x')
          expect(projectSchema.safeParse(project).error?.issues).toBeUndefined()
          expect(boatContradictions(project.boat)).toEqual([])
        },
      ),
    )
  })
  it.each([
    [{ beam: 8 }, /60 %/],
    [{ mass: 40_000 }, /too heavy/],
    [{ mass: 60 }, /too light/],
    [{ beamWaterline: 4 }, /beam at the waterline/],
  ])('contradiction %o is told', (over, reason) => {
    expect(
      boatContradictions({ ...yacht.boat, ...over })
        .map(contradictionText)
        .join(),
    ).toMatch(reason)
  })
})
