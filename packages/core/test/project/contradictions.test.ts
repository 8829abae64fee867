import { edit } from '../../src/project/definition/projectPath'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { HULL_TYPES } from '../../src/hull'
import {
  contradictionsOf,
  contradictionText,
  DEMO_BOATS,
  FIELDS,
  hullTypeEdits,
  newProject,
  projectSchema,
  typicalAnswers,
  valueAt,
  withEdits,
  type FieldPath,
  type Project,
} from '../../src/project'
import { findingsOf } from '../../src/advice'
import { foundOn } from '../findings/calmBoats'
import { evaluate } from '../../src/system'
import { fillText } from '../../src/units'
import { everyNth } from '../howMany'

const demo = (type: string) => DEMO_BOATS.find(b => b.boat.hullType === type)!
const tried = (boat: Project, changed: Partial<Project['boat']>) =>
  withEdits(boat, [edit('boat', { ...boat.boat, ...changed })])
const first = (boat: Project) => contradictionsOf(boat.boat)[0]

describe('dimensions of one boat', () => {
  it('are those of every demo boat, and of typical boats of every kind and usual length', () => {
    for (const boat of DEMO_BOATS) expect(contradictionsOf(boat.boat), boat.name).toEqual([])
    const kinds = fc
      .constantFrom(...HULL_TYPES)
      .chain(type =>
        fc.tuple(
          fc.constant(type),
          fc.double({ min: type.id === 'pontoon' ? 3 : 2.5, max: type.id === 'dinghy' ? 7 : 20, noNaN: true }),
        ),
      )
    fc.assert(
      fc.property(kinds, ([type, length]) => {
        expect(contradictionsOf(newProject(typicalAnswers(type.id, length), 'x').boat).map(contradictionText)).toEqual(
          [],
        )
      }),
      { numRuns: 300 },
    )
  })
  it.each<[string, object, string, RegExp]>([
    ['canoe', { beam: 30 }, 'beam', /A beam of 30\.0\sm is more than 60 % of the length, 4\.90\sm/],
    ['canoe', { draught: 5 }, 'draught', /more than half of the length/],
    ['canoe', { mass: 20 }, 'mass', /20\.0\skg is less than a boat weighs with anyone aboard, 50\.0\skg/],
    [
      'displacementLaunch',
      { mass: 250 },
      'mass',
      /too light for a waterline of .*; such boats of that length weigh \d\.\d+\st to \d+\.\d+\st/,
    ],
    ['canoe', { mass: 2000 }, 'mass', /the hull alone would lie 1\.1\d\sm deep; her draught is 0\.13\sm/],
    ['keelYacht', { draught: 0.08 }, 'draught', /the hull alone would lie 0\.5\d\sm deep; her draught is 0\.08\sm/],
    ['keelYacht', { beam: 0.4 }, 'beam', /a beam of 0\.40\sm the hull alone would lie/],
    ['keelYacht', { beamWaterline: 0.3 }, 'beamWaterline', /less than 40 % of her beam, 2\.95\sm/],
    ['keelYacht', { lengthOverAll: 40 }, 'lengthWaterline', /less than half of the length, 40\.0\sm/],
    ['keelYacht', { prismatic: 0.95 }, 'prismatic', /hulls have 0\.45 to 0\.88/],
    ['keelYacht', { waterplane: 1 }, 'waterplane', /hulls have 0\.53 to 0\.96/],
    [
      'displacementLaunch',
      { waterplane: 0.55, prismatic: 0.7, midship: 0.9 },
      'waterplane',
      /the waterplane is 0\.63 at least/,
    ],
    ['catamaran', { hullSpacing: 0.2 }, 'hullSpacing', /would stand in each other/],
    ['catamaran', { hullSpacing: 12 }, 'hullSpacing', /make her 13\.1\sm wide; her beam is 6\.10\sm/],
    ['catamaran', { hullBeam: 4 }, 'hullBeam', /make her 8\.20\sm wide/],
    ['catamaran', { hullBeam: 0.15 }, 'hullBeam', /would put the hull \d\.\d\d\sm deep; her draught is/],
    ['pontoon', { hullBeam: 0.15 }, 'hullBeam', /Two tubes of 0\.15\sm carry \d+\skg; she weighs/],
    ['pontoon', { mass: 3000 }, 'hullBeam', /carry 2\.\d+\st; she weighs 3\.00\st/],
    ['planing', { lcg: 20 }, 'lcg', /20\.0\sm forward of the transom/],
    ['planing', { lcg: 0.3 }, 'lcg', /not where a boat of 4\.50\sm on the water can balance/],
  ])('%s with %o: the field is named and the reason', (type, changed, field, reason) => {
    const boat = type === 'pontoon' && 'mass' in changed ? tried(demo(type), { hullBeam: 0.6 }) : demo(type),
      wrong = first(tried(boat, changed))!
    expect(wrong.field).toBe(field)
    expect(contradictionText(wrong)).toMatch(reason)
  })
  it('at odds stop the boat until they are mended, and what is offered mends them', () => {
    for (const [type, changed] of [
      ['keelYacht', { beamWaterline: 0.3 }],
      ['keelYacht', { draught: 0.08 }],
      ['catamaran', { hullSpacing: 0.2 }],
      ['pontoon', { hullBeam: 0.15 }],
      ['planing', { lcg: 20 }],
      ['canoe', { mass: 2000 }],
    ] as const) {
      const odd = tried(demo(type), changed),
        finding = foundOn(odd).findings.find(f => f.rule === 'dimensionsOdd')!
      expect(finding.severity).toBe('stop')
      expect(first(withEdits(odd, finding.fixes[0]!.edits)), `${type} ${JSON.stringify(changed)}`).toBeUndefined()
    }
  })
  it('may be those of a racing shell: 8.2 m, 0.1 t with her rower; of a yacht they may not', () => {
    const shell = tried(demo('canoe'), {
      variant: 'rowing',
      lengthOverAll: 8.2,
      lengthWaterline: 8.1,
      beam: 0.5,
      beamWaterline: 0.3,
      mass: 100,
      draught: 0.12,
    })
    expect(first(shell)).toBeUndefined()
    expect(contradictionText(first(tried(demo('keelYacht'), { mass: 300 }))!)).toMatch(/too light/)
  })
  it('of tubes too small are told from tubes that carry her', () => {
    const boat = demo('pontoon'),
      carries = (diameter: number) => !first(tried(boat, { hullBeam: diameter }))
    // by Archimedes: 0.98 t on two tubes of some 5.6 m are a segment of 0.09 m², nine tenths of a circle of 0.34 m
    // across
    expect([0.3, 0.33, 0.37, 0.45].map(carries)).toEqual([false, false, true, true])
  })
})

describe('another kind of hull', () => {
  it('keeps what it asks for too, and drops what would count unseen', () => {
    const typed = tried(
      { ...demo('keelYacht'), typed: { 'boat.prismatic': '0.54', 'boat.mass': '4.6 t' } },
      { prismatic: 0.54, beamWaterline: 2.5 },
    )
    const launch = withEdits(typed, hullTypeEdits(typed, 'displacementLaunch')),
      planer = withEdits(typed, hullTypeEdits(typed, 'planing'))
    expect([launch.boat.prismatic, launch.boat.beamWaterline]).toEqual([0.54, 2.5])
    expect([planer.boat.prismatic, planer.boat.beamWaterline]).toEqual([null, 2.5])
    expect(planer.typed).toEqual({ 'boat.mass': '4.6 t' })
    expect(launch.typed).toEqual(typed.typed)
  })
  it('has a drive that it can have, and is a valid document', () => {
    for (const boat of DEMO_BOATS)
      for (const type of HULL_TYPES) {
        const other = withEdits(boat, hullTypeEdits(boat, type.id))
        expect(type.drives).toContain(other.boat.drive.kind)
        expect(Object.keys(type.variants).concat('')).toContain(other.boat.variant)
        const refused = projectSchema.safeParse(other).error?.issues.map(i => i.message) ?? []
        expect(refused.filter(message => !/too (heavy|light)|60 %/.test(message))).toEqual([])
      }
  })
  it('weighs by its own form: what a yacht’s prismatic was does not reach a planing hull', () => {
    const blunt = tried(demo('keelYacht'), { prismatic: 0.6 }),
      fine = tried(demo('keelYacht'), { prismatic: 0.52 })
    const power = (boat: Project) =>
      evaluate(withEdits(boat, hullTypeEdits(boat, 'semiDisplacement')), 2.3).point.drive.packPower
    const planing = (boat: Project) =>
      evaluate(withEdits(boat, hullTypeEdits(boat, 'planing')), 2.3).point.drive.packPower
    expect(power(blunt)).not.toBeCloseTo(power(fine), 0)
    expect(planing(blunt)).toBe(planing(fine))
  })
})

describe('whatever a field may hold', () => {
  const paths = Object.keys(FIELDS) as FieldPath[]
  it.each(DEMO_BOATS.map((b, i) => [b.name, b, i] as const))(
    '%s: at its ends and between, the chain gives figures and no error',
    (_, boat, nth) => {
      // daily a third of the fields, the others on the next boats
      for (const [k, path] of paths.entries()) {
        if (everyNth([path], 3, nth + k).length === 0) continue
        const { least, most } = FIELDS[path],
          whole = Number.isInteger(valueAt(boat, path)) && FIELDS[path].quantity === 'count'
        // daily one of the four, another on the next boat and for the next field
        for (const share of everyNth([0, 0.03, 0.97, 1], 4, nth + k)) {
          const value = least + (most - least) * share,
            project = withEdits(boat, [edit(path, whole ? Math.round(value) : value)])
          if (!projectSchema.safeParse(project).success) continue
          const evaluation = evaluate(project, project.use.cruiseSpeed),
            { point, cruise, top } = evaluation,
            { findings } = findingsOf(evaluation)
          const figures = [point, cruise, top].flatMap(p => [
            p.drive.packPower,
            p.drive.effectivePower,
            p.drive.thrust,
            p.resistance.low,
            p.resistance.centre,
            p.resistance.high,
          ])
          if (figures.some(Number.isNaN)) throw new Error(`${path} = ${value}: ${figures.join(' ')}`)
          for (const f of findings) expect(fillText(f.sentence), path).not.toMatch(/NaN|undefined|–/)
        }
      }
    },
  )
})
