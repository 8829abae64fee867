import { GRAVITY } from '../constants'
import type { HullForm, Water } from '../hull'

/**
 * Drag of a transom that hangs in the water, N: still wet at low speed it drags a bubble of dead water with it; from
 * some speed on the water leaves its edge and what is missing behind it is the water's pressure at rest.
 *
 * @param form transom area, beam, draught
 * @param speed m/s
 * @param water density and viscosity
 * @returns N; 0 without an immersed transom
 *
 * Source: Doctors & Beck 2005 (from memory of): dry share η = 0.06296 FnT^2.834 (BT/TT)^0.1352 ReT^0.01338, at most 1,
 * FnT = V/√(g TT); drag dry ½ ρ g BT TT² η. Wet part: base drag ½ ρ V² AT CD (1 − η), CD = 0.029/√(CF S/AT) (Hoerner
 * 1965, from memory of), taken as 0.13 for small craft (common practice).
 */
export function drownedTransom(
  form: Pick<HullForm, 'transomArea' | 'beamWaterline' | 'hulls'>,
  speed: number,
  water: Water,
): number {
  if (form.transomArea <= 0 || speed <= 0) return 0
  const breadth = TRANSOM_BREADTH * form.beamWaterline,
    depth = form.transomArea / breadth
  const froude = speed / Math.sqrt(GRAVITY * depth),
    reynolds = Math.sqrt(GRAVITY * depth ** 3) / water.viscosity
  const dry = Math.min(1, 0.06296 * froude ** 2.834 * (breadth / depth) ** 0.1352 * reynolds ** 0.01338)
  const still = 0.5 * water.density * GRAVITY * breadth * depth * depth * dry,
    base = 0.5 * water.density * speed * speed * form.transomArea * BASE_DRAG * (1 - dry)
  return form.hulls * (still + base)
}

/** Breadth of an immersed transom as a share of the waterline beam (common practice). */
const TRANSOM_BREADTH = 0.85
/** Drag coefficient of the dead water behind a wet transom (0.1 to 0.2; Hoerner 1965, from memory of). */
const BASE_DRAG = 0.13
