import table from '../../data/dsyhs1998.json' with { type: 'json' }
import { GRAVITY } from '../constants'
import { slenderness } from '../hull'
import { monotoneCubic } from '../numeric'
import { frictionLine } from './frictionLine'
import { outsideOf, type ResistanceCase, type ResistanceMethod } from './resistanceMethod'

/**
 * Residuary resistance per unit weight of the canoe body, Rr / (∇c ρ g), at the series' Froude numbers.
 *
 * @param given hull and water
 * @returns one figure for each Froude number of the table, never negative
 *
 * Source: Keuning & Sonnenberg 1998, eq. for Rr with table a0 … a8.
 */
export function delftResiduary({ form }: Pick<ResistanceCase, 'form'>): number[] {
  const { lengthWaterline: L, beamWaterline: B, volumeBody: V, prismatic: Cp } = form
  const lcbFpp = L * (0.5 - form.lcb),
    lcfFpp = L * (0.5 - form.lcf)
  const root = Math.cbrt(V),
    face = root * root
  const waterplane = form.waterplane * L * B
  const raw = table.Fn.map((_, i) =>
    Math.max(
      0,
      table.a0[i]! +
        (((table.a1[i]! * lcbFpp) / L +
          table.a2[i]! * Cp +
          (table.a3[i]! * face) / waterplane +
          (table.a4[i]! * B) / L) *
          root) /
          L +
        (((table.a5[i]! * face) / form.wettedSurface +
          (table.a6[i]! * lcbFpp) / lcfFpp +
          table.a7[i]! * (lcbFpp / L) ** 2 +
          table.a8[i]! * Cp * Cp) *
          root) /
          L,
    ),
  )
  // The fit may dip to zero at Fn 0.10 (the paper warns of it): a wave resistance that fades with V⁴ bounds it from
  // below.
  raw[0] = Math.max(raw[0]!, raw[1]! * (table.Fn[0]! / table.Fn[1]!) ** 4)
  return raw
}

/** Delft systematic yacht hull series, 1998 regression. */
export const delft1998: ResistanceMethod = {
  id: 'delft1998',
  label: 'Delft yacht series',
  letter: 'A',
  source: 'Keuning & Sonnenberg 1998; friction ITTC-1957 on 0.7 LWL',
  basis: 'Towing tests of some fifty yacht models',
  inService: false,
  accuracy: 0.12,
  prepare(given) {
    const { form, water } = given
    const knots = delftResiduary(given)
    const curve = monotoneCubic(table.Fn, knots)
    const firstFn = table.Fn[0]!,
      lastFn = table.Fn.at(-1)!
    const weight = form.volumeBody * water.density * GRAVITY
    const toFroude = 1 / Math.sqrt(GRAVITY * form.lengthWaterline)
    const outside = outsideOf([
      ['Waterline length to beam', form.lengthWaterline / form.beamWaterline, 2.73, 5],
      ['Waterline beam to hull draught', form.beamWaterline / form.draughtBody, 2.46, 19.4],
      ['Length to cube root of volume', slenderness(form.lengthWaterline, form.volumeBody), 4.34, 8.5],
      ['Centre of buoyancy', form.lcb, -0.06, 0],
      ['Prismatic coefficient', form.prismatic, 0.52, 0.6],
      ['Midship coefficient', form.midship, 0.65, 0.79],
    ])
    return {
      at(speed) {
        if (speed <= 0) return { friction: 0, wave: 0 }
        const fn = speed * toFroude
        const reynolds = Math.max(1e4, (speed * 0.7 * form.lengthWaterline) / water.viscosity)
        const cf = frictionLine(reynolds) * given.frictionFactor + given.frictionAllowance
        const specific = fn < firstFn ? knots[0]! * (fn / firstFn) ** 4 : curve(fn)
        return { friction: 0.5 * water.density * speed * speed * form.wettedSurface * cf, wave: weight * specific }
      },
      speedFrom: 0.1 / toFroude,
      speedTo: lastFn / toFroude,
      outside,
    }
  },
}
