import { finVolume } from '../finVolume'
import type { BoatDimensions } from '../boat'
import { givenOr } from '../estimate'
import { ONE_ROUND_HULL, type FormEstimate, type HullForm } from '../hullForm'

/**
 * Keel and rudder of a keel yacht, from its draught.
 * Fin: mean chord 0.20 of the waterline, 12 % thick. Long: chord 0.50, 7 % thick. Rudder: 4 % of waterline × draught.
 *
 * @param boat dimensions
 * @param lengthWaterline m
 * @param draughtBody m
 * @returns span, mean chord (m) and thickness ratio of each
 * @example keelGeometry({ keel: 'fin', draught: 1.8 }, 9, 0.6).keel.span // 1.200
 *
 * Source: common practice; all are estimates.
 */
export function keelGeometry(
  boat: Pick<BoatDimensions, 'keel' | 'draught'>,
  lengthWaterline: number,
  draughtBody: number,
) {
  const span = Math.max(0.1, boat.draught - draughtBody)
  const fin = boat.keel === 'fin'
  const rudderArea = 0.04 * lengthWaterline * boat.draught
  const rudderSpan = Math.max(0.3, 0.72 * boat.draught)
  return {
    keel: { span, chord: (fin ? 0.2 : 0.5) * lengthWaterline, thickness: fin ? 0.12 : 0.07 },
    rudder: { span: rudderSpan, chord: rudderArea / rudderSpan, thickness: 0.1 },
  }
}

/**
 * Form of a keel yacht: the hull body by itself, as the Delft series defines it.
 *
 * @param boat dimensions; mass in kg gives the volume
 * @param density of the water, kg/m³
 * @returns the form, with its estimates listed
 *
 * Source: wetted surface of Keuning & Sonnenberg 1998, Sc = (1.97 + 0.171 B/T) (0.65/CM)^⅓ (∇c L)^½.
 * Typical CP 0.56, CM 0.72, CWP 0.67, LCB −3 %, LCF −5 %: middle of the Delft models, from memory of.
 */
export function keelYachtForm(boat: BoatDimensions, density: number): HullForm {
  const estimates: FormEstimate[] = []
  const lengthWaterline = givenOr(
    boat.lengthWaterline,
    { field: 'lengthWaterline', value: 0.84 * boat.lengthOverAll, spread: 0.05, basis: '0.84 of the length over all' },
    estimates,
  )
  const beamWaterline = givenOr(
    boat.beamWaterline,
    { field: 'beamWaterline', value: 0.86 * boat.beam, spread: 0.05, basis: '0.86 of the greatest beam' },
    estimates,
  )
  const prismatic = givenOr(
    boat.prismatic,
    { field: 'prismatic', value: 0.56, spread: 0.04, basis: 'middle of the Delft models' },
    estimates,
  )
  const midship = givenOr(
    boat.midship,
    { field: 'midship', value: 0.72, spread: 0.06, basis: 'middle of the Delft models' },
    estimates,
  )
  const waterplane = givenOr(
    boat.waterplane,
    { field: 'waterplane', value: 0.67, spread: 0.04, basis: 'middle of the Delft models' },
    estimates,
  )
  const lcb = givenOr(
    boat.lcb,
    { field: 'lcb', value: -0.03, spread: 0.4, basis: 'middle of the Delft models' },
    estimates,
  )

  const volume = boat.mass / density
  const area = prismatic * midship * beamWaterline * lengthWaterline
  // The keel's volume depends on the body's draught and the reverse: two rounds settle it within 1 %.
  let draughtBody = volume / area
  for (let round = 0; round < 3; round++) {
    const { keel, rudder } = keelGeometry(boat, lengthWaterline, draughtBody)
    const fins = Math.min(0.3 * volume, finVolume(keel) + finVolume(rudder))
    draughtBody = (volume - fins) / area
  }
  const volumeBody = draughtBody * area
  const wettedSurface =
    (1.97 + (0.171 * beamWaterline) / draughtBody) * Math.cbrt(0.65 / midship) * Math.sqrt(volumeBody * lengthWaterline)
  return {
    lengthWaterline,
    beamWaterline,
    draughtBody,
    volumeBody,
    volume,
    prismatic,
    midship,
    waterplane,
    lcb,
    lcf: lcb - 0.02,
    wettedSurface,
    transomArea: 0,
    halfEntrance: (20 * Math.PI) / 180,
    ...ONE_ROUND_HULL,
    estimates,
  }
}
