/** Sun above the atmosphere, W/m², and how it swings over the year. */
const SOLAR_CONSTANT = 1361,
  ECCENTRICITY = 0.033
/** Light that water throws back (common practice: 6 to 8 %). */
const WATER_ALBEDO = 0.07

/**
 * Sunlight on a flat square metre under a clear sky: GHI = 1098 cos z e^(−0.057/cos z).
 *
 * @param cosZenith cosine of the sun's angle from straight above
 * @returns W/m²; 0 when the sun is down
 * @example haurwitz(1) // 1037.2
 *
 * Source: Haurwitz 1945.
 */
export function haurwitz(cosZenith: number): number {
  return cosZenith > 0 ? 1098 * cosZenith * Math.exp(-0.057 / cosZenith) : 0
}

/**
 * Share of the light that comes from the whole sky and not from the sun.
 *
 * @param clearness kt, light on the ground over light above the air, 0 … 1
 * @returns share, 0 … 1
 * @example erbsDiffuse(0.5) // 0.659
 *
 * Source: Erbs, Klein & Duffie 1982.
 */
export function erbsDiffuse(clearness: number): number {
  if (clearness <= 0.22) return 1 - 0.09 * clearness
  if (clearness > 0.8) return 0.165
  return 0.9511 - 0.1604 * clearness + 4.388 * clearness ** 2 - 16.638 * clearness ** 3 + 12.336 * clearness ** 4
}

/**
 * Sunlight above the atmosphere on a flat square metre.
 *
 * @param cosZenith cosine of the sun's angle from straight above
 * @param dayOfYear 1 … 366
 * @returns W/m²
 */
export function extraterrestrial(cosZenith: number, dayOfYear: number): number {
  return Math.max(0, cosZenith) * SOLAR_CONSTANT * (1 + ECCENTRICITY * Math.cos((2 * Math.PI * dayOfYear) / 365))
}

/** The sun as seen: rad above the horizon, rad clockwise from north. */
export interface SunAngle {
  altitude: number
  azimuth: number
}
/** How a panel lies: rad from flat, and where its upper face looks; null when it turns all ways with the boat. */
export interface PanelAngle {
  tilt: number
  heading: number | null
}

/** Headings that stand for a boat that swings. */
const SWINGS = 12

/**
 * Light on a tilted panel from the light on a flat one.
 *
 * @param flat W/m² on a flat square metre
 * @param sun where it stands
 * @param dayOfYear 1 … 366
 * @param panel how it lies
 * @param shade share of the direct sun that something takes away; of the sky's light nothing is
 * @returns W/m²
 *
 * Source: Erbs split; isotropic sky, G = B cos θ + D (1 + cos β)/2 + G_flat × albedo (1 − cos β)/2.
 */
export function onPanel(flat: number, sun: SunAngle, dayOfYear: number, panel: PanelAngle, shade = 0): number {
  const cosZenith = Math.sin(sun.altitude)
  if (flat <= 0 || cosZenith <= 0) return 0
  if (panel.tilt === 0 && shade === 0) return flat
  const above = extraterrestrial(cosZenith, dayOfYear)
  const diffuse = flat * erbsDiffuse(Math.min(1, flat / above))
  // a low sun would be divided by almost nothing: the beam is never stronger than above the air
  const beam = Math.min((flat - diffuse) / cosZenith, above / cosZenith)
  return (
    beam * meanIncidence(sun, panel) * (1 - shade) +
    (diffuse * (1 + Math.cos(panel.tilt))) / 2 +
    (flat * WATER_ALBEDO * (1 - Math.cos(panel.tilt))) / 2
  )
}

/** Cosine of the angle at which the beam meets the panel, 0 from behind; the mean of all headings when she swings. */
function meanIncidence({ altitude, azimuth }: SunAngle, { tilt, heading }: PanelAngle): number {
  const at = (facing: number) =>
    Math.max(0, Math.sin(altitude) * Math.cos(tilt) + Math.cos(altitude) * Math.sin(tilt) * Math.cos(azimuth - facing))
  if (heading !== null) return at(heading)
  let sum = 0
  for (let i = 0; i < SWINGS; i++) sum += at((2 * Math.PI * i) / SWINGS)
  return sum / SWINGS
}
