import { GRAVITY } from '../constants'
import { frictionLine } from './frictionLine'
import { correlationAllowance, formFactor, transomResistance } from './holtropParts'
import { holtropWave, type HoltropShape } from './holtropWave'
import { outsideOf, type ResistanceMethod } from './resistanceMethod'

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
  accuracy: 0.15,
  prepare(given) {
    const { form, water } = given
    const shape: HoltropShape = {
      L: form.lengthWaterline,
      B: form.beamWaterline,
      T: form.draughtBody,
      volume: form.volumeBody,
      CP: form.prismatic,
      CM: form.midship,
      CWP: form.waterplane,
      lcb: 100 * form.lcb,
      AT: form.transomArea,
    }
    const wave = holtropWave(shape)
    const k1 = formFactor(shape)
    const allowance = given.frictionAllowance > 0 ? given.frictionAllowance : correlationAllowance(shape)
    const weight = form.volumeBody * water.density * GRAVITY
    const toFroude = 1 / Math.sqrt(GRAVITY * form.lengthWaterline)
    return {
      at(speed) {
        if (speed <= 0) return { friction: 0, wave: 0 }
        const reynolds = Math.max(1e4, (speed * form.lengthWaterline) / water.viscosity)
        const cf = k1 * frictionLine(reynolds) * given.frictionFactor + allowance
        return {
          friction: 0.5 * water.density * speed * speed * form.wettedSurface * cf,
          wave: weight * wave(speed * toFroude) + transomResistance(speed, water.density, shape),
        }
      },
      speedFrom: 0.1 / toFroude,
      speedTo: 0.8 / toFroude,
      outside: outsideOf([
        ['Prismatic coefficient', form.prismatic, 0.55, 0.85],
        ['Waterline length to beam', form.lengthWaterline / form.beamWaterline, 3.9, 15],
        ['Waterline beam to hull draught', form.beamWaterline / form.draughtBody, 2.1, 4],
      ]),
    }
  },
}
