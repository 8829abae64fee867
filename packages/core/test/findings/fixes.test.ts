import { findingsOf } from '../../src/advice'
import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { largerMotor, lowerCruise, lowerTopSpeed, moreParallel, otherController } from '../../src/findings/fixes'
import { SHIPPED_LIBRARY } from '../../src/parts'
import { DEMO, newProject, projectSchema, typicalAnswers, withEdits, type Project } from '../../src/project'
import { evaluate, modelOf } from '../../src/system'
import { howMany } from '../howMany'

const yacht = DEMO.tirrick
const factsOf = (project: Project) => ({
  ...evaluate(project, project.use.cruiseSpeed),
  model: modelOf(project),
  library: SHIPPED_LIBRARY,
})

describe('fixes that several rules offer', () => {
  it('lower top to what holds all day, and cruise to what leaves the headroom', () => {
    const facts = factsOf(yacht)
    const [fix] = lowerTopSpeed(facts)
    const speed = fix!.edits[0]!.value as number
    expect(facts.allDaySpeed.outcome === 'limited' && speed <= facts.allDaySpeed.speed).toBe(true)
    expect(lowerCruise(facts)).toEqual([])
    const fast = withEdits(yacht, [
      { path: 'use.cruiseSpeed', value: 3.3 },
      { path: 'use.topSpeed', value: 3.4 },
    ])
    const slower = withEdits(fast, lowerCruise(factsOf(fast))[0]!.edits)
    expect(
      findingsOf(evaluate(slower, 2)).findings.some(
        f => f.rule === 'motorRating' && f.severity === 'stop' && f.title === 'motor at cruise',
      ),
    ).toBe(false)
  })
  it('touch nothing that is held', () => {
    const held = withEdits(yacht, [{ path: 'held.pack', value: true }])
    expect(moreParallel(factsOf(held), 3)).toEqual([])
    expect(moreParallel(factsOf(yacht), 3)[0]!.edits[0]).toMatchObject({ path: 'design.pack.parallel', value: 3 })
    expect(largerMotor(factsOf(yacht), 8000)).toEqual([])
    expect(largerMotor(factsOf(withEdits(yacht, [{ path: 'held.motor', value: false }])), 8000)).toHaveLength(1)
  })
  it('offer a controller only where one suits', () => {
    expect(otherController(factsOf(yacht), { batteryCurrent: 150, phaseCurrent: 200 })[0]!.edits[0]!.path).toBe(
      'design.controller',
    )
    expect(otherController(factsOf(yacht), { batteryCurrent: 9000, phaseCurrent: 200 })).toEqual([])
  })
})

it(
  'whatever the boat, every finding that matters has a fix or says what it takes, and every fix leaves a ' +
    'valid document',
  () => {
    const boats = fc.record({
      type: fc.constantFrom('keelYacht', 'displacementLaunch'),
      length: fc.double({ min: 6, max: 14, noNaN: true }),
      cruise: fc.double({ min: 1, max: 4.5, noNaN: true }),
      series: fc.integer({ min: 4, max: 40 }),
      hours: fc.double({ min: 1, max: 20, noNaN: true }),
    })
    fc.assert(
      fc.property(boats, ({ type, length, cruise, series, hours }) => {
        const project = withEdits(
          newProject({ ...typicalAnswers(type, length), cruiseSpeed: cruise, duration: hours * 3600 }, 'x'),
          [{ path: 'design.pack.series', value: series }],
        )
        for (const finding of findingsOf(evaluate(project, cruise)).findings) {
          expect(finding.fixes.length > 0 || finding.need !== null || finding.severity === 'note', finding.rule).toBe(
            true,
          )
          for (const fix of finding.fixes) {
            const parsed = projectSchema.safeParse(withEdits(project, fix.edits))
            expect(
              parsed.success,
              `${finding.rule}: ${fix.label.text} ${parsed.error?.issues[0]?.path.join('.')} ` +
                `${parsed.error?.issues[0]?.message}`,
            ).toBe(true)
          }
        }
      }),
      { numRuns: howMany(20, 60) },
    )
  },
)
