import table from '../../data/dsyhs1998.json' with { type: 'json' }
import { GRAVITY } from '../constants'
import { slenderness } from '../hull'
import { monotoneCubic } from '../numeric'
import { frictionLine } from './frictionLine'
import { beliefAtSpeed, beliefOf, outsideReaches, type Reach } from './belief'
import type { ResistanceCase, ResistanceMethod } from './resistanceMethod'

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
  prepare(given) {
    const { form, water } = given
    const knots = delftResiduary(given)
    const curve = monotoneCubic(table.Fn, knots)
    const firstFn = table.Fn[0]!,
      lastFn = table.Fn.at(-1)!
    const weight = form.volumeBody * water.density * GRAVITY
    const toFroude = 1 / Math.sqrt(GRAVITY * form.lengthWaterline)
    const reaches: Reach[] = [
      {
        name: 'Waterline length to beam',
        value: form.lengthWaterline / form.beamWaterline,
        least: 2.73,
        most: 5,
        doubt: 0.6,
        far: 0.3,
      },
      {
        name: 'Waterline beam to hull draught',
        value: form.beamWaterline / form.draughtBody,
        least: 2.46,
        most: 19.4,
        doubt: 0.3,
        far: 0.47,
      },
      {
        name: 'Length to cube root of volume',
        value: slenderness(form.lengthWaterline, form.volumeBody),
        least: 4.34,
        most: 8.5,
        doubt: 1,
        far: 0.18,
      },
      { name: 'Centre of buoyancy', value: form.lcb, least: -0.06, most: 0, doubt: 0.1, far: 2, unit: 0.02 },
      { name: 'Prismatic coefficient', value: form.prismatic, least: 0.52, most: 0.6, doubt: 0.15, far: 2, unit: 0.04 },
      { name: 'Midship coefficient', value: form.midship, least: 0.65, most: 0.79, doubt: 0.06, far: 2, unit: 0.08 },
    ]
    const hull = beliefOf(0.13, reaches)
    return {
      at(speed) {
        if (speed <= 0) return { friction: 0, wave: 0 }
        const fn = speed * toFroude
        const reynolds = Math.max(1e4, (speed * 0.7 * form.lengthWaterline) / water.viscosity)
        const cf = frictionLine(reynolds) * given.frictionFactor + given.frictionAllowance
        const specific = fn < firstFn ? knots[0]! * (fn / firstFn) ** 4 : curve(fn)
        return { friction: 0.5 * water.density * speed * speed * form.wettedSurface * cf, wave: weight * specific }
      },
      belief: speed =>
        beliefAtSpeed(hull, {
          name: '',
          value: speed * toFroude,
          least: 0,
          most: lastFn,
          doubt: 0.15,
          far: 1.5,
          unit: 0.05,
        }),
      speedFrom: 0.1 / toFroude,
      speedTo: lastFn / toFroude,
      outside: outsideReaches(reaches),
    }
  },
}
