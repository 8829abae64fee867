import { plainNumber, smallMetres } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import { B_SERIES_RANGE } from '../../../propulsor'
import type { Rule } from '../../finding'

/** A propeller outside what the series tested gives figures that nobody measured. */
export const propellerSeries: Rule = {
  part: 'propeller',
  checks: 'Propeller lies inside the tested series',
  source: 'Oosterveld & van Oossanen 1975: P/D 0.5–1.4, areas tested for each blade number',
  check({ model: { project, propulsor } }) {
    const { diameter, pitch, areaRatio, blades } = project.design.propeller
    const ratio = pitch / diameter
    const [leastP, mostP] = B_SERIES_RANGE.pitchRatio
    const [leastA, mostA] = B_SERIES_RANGE.tested[blades] ?? B_SERIES_RANGE.areaRatio
    const p = Math.min(mostP, Math.max(leastP, ratio)),
      a = Math.min(mostA, Math.max(leastA, areaRatio))
    const pitchOut = Math.abs(p - ratio) > 1e-6
    if (propulsor.kind === 'jet' || (!pitchOut && a === areaRatio)) return null
    return {
      severity: 'note',
      title: 'outside the propeller tests',
      amount: {
        text: pitchOut ? 'P/D {r}' : 'area {r}',
        params: { r: plainNumber(pitchOut ? ratio : areaRatio) },
      },
      sentence: {
        text: pitchOut
          ? 'Pitch is {r} of the diameter; tests run from {least} to {most}.'
          : `Blade area is {r}; with ${blades} blades tests run from {least} to {most}.`,
        params: {
          r: plainNumber(pitchOut ? ratio : areaRatio),
          least: plainNumber(pitchOut ? leastP : leastA),
          most: plainNumber(pitchOut ? mostP : mostA),
        },
      },
      fixes: [
        pitchOut
          ? {
              label: { text: 'Pitch {p}', params: { p: smallMetres(p * diameter) } },
              edits: [edit('design.propeller.pitch', p * diameter)],
            }
          : {
              label: { text: 'Area {a}', params: { a: plainNumber(a) } },
              edits: [edit('design.propeller.areaRatio', a)],
            },
      ],
    }
  },
}
