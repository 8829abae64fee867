import { GRAVITY } from '../constants'
import { frictionLine } from './frictionLine'
import { correlationAllowance, formFactor, transomResistance } from './holtropParts'
import { holtropWave, type HoltropShape } from './holtropWave'
import type { HullForm } from '../hull'
import { beliefAtSpeed, beliefOf, outsideReaches, type Reach } from './belief'
import type { ResistanceMethod } from './resistanceMethod'

/** The shortest hulls of its tests, by length over beam. */
const SHORTEST = 3.9

const shapeOf = (form: HullForm): HoltropShape => ({
  L: form.lengthWaterline,
  B: form.beamWaterline,
  T: form.draughtBody,
  volume: form.volumeBody,
  CP: form.prismatic,
  CM: form.midship,
  CWP: form.waterplane,
  lcb: 100 * form.lcb,
  AT: form.transomArea,
  iE: (form.halfEntrance * 180) / Math.PI,
})

/**
 * Holtrop & Mennen with the 1984 revision. Roughness here is the owner's paint and growth, not the ships' allowance CA.
 */
export const holtrop1984: ResistanceMethod = {
  id: 'holtrop1984',
  label: 'Holtrop 1984',
  letter: 'B',
  source: 'Holtrop & Mennen 1982, Holtrop 1984; friction ITTC-1957',
  basis: 'Tank and sea trials of some 330 ships and workboats',
  inService: false,
  prepare(given) {
    const { form, water } = given
    const raw = shapeOf(form)
    const lengthToBeam = raw.L / raw.B
    // below its shortest hulls it is too high by itself, and too low as a slimmer hull: the mean of both does best
    const slimmer: HoltropShape | null =
      lengthToBeam < SHORTEST ? { ...raw, B: raw.L / SHORTEST, T: (raw.T * raw.B * SHORTEST) / raw.L } : null
    const own = holtropWave(raw),
      other = slimmer && holtropWave(slimmer)
    const wave = (fn: number) => (other ? Math.sqrt(own(fn) * other(fn)) : own(fn))
    const k1 = slimmer ? Math.sqrt(formFactor(raw) * formFactor(slimmer)) : formFactor(raw)
    const allowance = given.frictionAllowance > 0 ? given.frictionAllowance : correlationAllowance(raw)
    const weight = form.volumeBody * water.density * GRAVITY
    const toFroude = 1 / Math.sqrt(GRAVITY * form.lengthWaterline)
    const reaches: Reach[] = [
      {
        name: 'Prismatic coefficient',
        value: form.prismatic,
        least: 0.55,
        most: 0.85,
        doubt: 0.12,
        far: 2,
        unit: 0.04,
      },
      { name: 'Waterline length to beam', value: lengthToBeam, least: SHORTEST, most: 15, doubt: 0.9, far: 0.3 },
      {
        name: 'Waterline beam to hull draught',
        value: form.beamWaterline / form.draughtBody,
        least: 2.1,
        most: 4,
        doubt: 0.7,
        far: 0.47,
      },
    ]
    const hull = beliefOf(0.15, reaches)
    return {
      at(speed) {
        if (speed <= 0) return { friction: 0, wave: 0 }
        const reynolds = Math.max(1e4, (speed * form.lengthWaterline) / water.viscosity)
        const cf = k1 * frictionLine(reynolds) * given.frictionFactor + allowance
        return {
          friction: 0.5 * water.density * speed * speed * form.wettedSurface * cf,
          wave: weight * wave(speed * toFroude) + transomResistance(speed, water.density, raw),
        }
      },
      belief: speed =>
        beliefAtSpeed(hull, {
          name: '',
          value: speed * toFroude,
          least: 0,
          most: 0.45,
          doubt: 0.06,
          far: 4,
          unit: 0.05,
        }),
      speedFrom: 0.1 / toFroude,
      speedTo: 0.8 / toFroude,
      outside: outsideReaches(reaches),
    }
  },
}
