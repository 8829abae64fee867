import bearing from '@turf/bearing'
import destination from '@turf/destination'
import distance from '@turf/distance'
import { XMLBuilder } from 'fast-xml-parser'
import { shortened, usualOf } from '../fields'
import { gpxDocument, listOf } from '../instruments'
import { DAY_LEG, PROJECT_FIELDS, type Leg, type Project } from '../project'
import { quoted } from '../units'

/** A point of a route or track, rad. */
export interface Waypoint {
  latitude: number
  longitude: number
  name: string
}

/** A file as it was read, or a sentence. */
export type GpxOutcome =
  { ok: true; points: Waypoint[]; kind: 'route' | 'track' | 'waypoints' } | { ok: false; message: string }

const DEGREES = 180 / Math.PI
/** Legs that a day takes at most; a track is thinned to so many. */
const MOST_LEGS = PROJECT_FIELDS.day.fields.legs.longest
/** Nearest that two points of a leg may lie, m. */
const NEAREST = 20

/**
 * Reads a GPX file: its first route, else its first track, else its waypoints.
 *
 * @param text of the file
 * @returns points in order, or a sentence that says what is wrong with the file
 * @example readGpx('<gpx><rte><rtept lat="54" lon="10"/><rtept lat="54.1" lon="10"/></rte></gpx>').ok // true
 */
export function readGpx(text: string): GpxOutcome {
  const read = gpxDocument(text)
  if (!read.ok) return read
  const { gpx } = read
  const route = listOf(gpx.rte).flatMap(r => listOf(r.rtept)),
    track = listOf(gpx.trk).flatMap(t => listOf(t.trkseg).flatMap(s => listOf(s.trkpt)))
  const [kind, raw] =
    route.length > 1
      ? (['route', route] as const)
      : track.length > 1
        ? (['track', track] as const)
        : (['waypoints', listOf(gpx.wpt)] as const)
  const points: Waypoint[] = []
  for (const [i, p] of raw.entries()) {
    const latitude = Number(p.lat),
      longitude = Number(p.lon)
    if (!(Math.abs(latitude) <= 90) || !(Math.abs(longitude) <= 180))
      return {
        ok: false,
        message: `Point ${i + 1} of the ${kind} has no place: ${said('lat', p.lat)}, ${said('lon', p.lon)}.`,
      }
    points.push({
      latitude: latitude / DEGREES,
      longitude: longitude / DEGREES,
      name:
        typeof p.name === 'string' || typeof p.name === 'number' ? shortened(String(p.name), DAY_LEG.fields.to) : '',
    })
  }
  if (points.length < 2)
    return { ok: false, message: `The file holds ${points.length} points; a day wants two or more.` }
  return { ok: true, points, kind }
}

/** What a file has for a coordinate. */
const said = (name: string, value: unknown): string =>
  value === undefined ? `no ${name}` : `${name} ${quoted(String(value))}`

const degrees = ({ latitude, longitude }: Pick<Waypoint, 'latitude' | 'longitude'>): [number, number] => [
  longitude * DEGREES,
  latitude * DEGREES,
]
const turn = (angle: number) => ((angle % (2 * Math.PI)) + 2 * Math.PI) % (2 * Math.PI)

/**
 * Legs along points, by great circles; points that lie nearer than 20 m are one, and a long track is thinned to the
 * points at which it turns most.
 *
 * @param points at least two
 * @param speed through the water of every leg, m/s
 * @returns legs, at most 60
 *
 * Source: haversine distance and forward azimuth by package.
 */
export function legsAlong(points: readonly Waypoint[], speed: number): Leg[] {
  const apart = points.slice(0, 1)
  for (const p of points) if (metres(apart.at(-1)!, p) >= NEAREST) apart.push(p)
  const kept = thinned(apart.length > 1 ? apart : points.slice(0, 2))
  return kept.slice(1).map((to, i) => ({
    ...usualOf(DAY_LEG.fields),
    to: to.name,
    course: turn(bearing(degrees(kept[i]!), degrees(to)) / DEGREES),
    distance: metres(kept[i]!, to),
    speed,
  }))
}

/** Great-circle distance, m. */
const metres = (a: Waypoint, b: Waypoint): number => distance(degrees(a), degrees(b), { units: 'meters' })

/** The two ends, then whichever point lies farthest from the way so far, until there are as many as a day takes. */
function thinned(points: readonly Waypoint[]): Waypoint[] {
  if (points.length <= MOST_LEGS + 1) return [...points]
  const scale = Math.cos(points[0]!.latitude)
  const off = (a: Waypoint, b: Waypoint, p: Waypoint) => {
    const dx = (b.longitude - a.longitude) * scale,
      dy = b.latitude - a.latitude,
      x = (p.longitude - a.longitude) * scale,
      y = p.latitude - a.latitude,
      length = Math.hypot(dx, dy)
    return length > 0 ? Math.abs(dx * y - dy * x) / length : Math.hypot(x, y)
  }
  const farthest = (from: number, to: number) => {
    let at = from,
      far = -1
    for (let i = from + 1; i < to; i++) {
      const away = off(points[from]!, points[to]!, points[i]!)
      if (away > far) [far, at] = [away, i]
    }
    return { from, to, at, far }
  }
  const parts = [farthest(0, points.length - 1)]
  const taken = [0, points.length - 1]
  while (taken.length < MOST_LEGS + 1) {
    parts.sort((a, b) => b.far - a.far)
    const { from, to, at, far } = parts.shift()!
    if (far < 0) break
    taken.push(at)
    parts.push(farthest(from, at), farthest(at, to))
  }
  return taken.sort((a, b) => a - b).map(i => points[i]!)
}

/**
 * Places of the berth and the ends of the legs.
 *
 * @param project the boat and her day
 * @returns one more than there are legs on which she goes, rad
 */
export function waypointsOf({ day, use }: Project): Waypoint[] {
  const points: Waypoint[] = [{ ...use.place, name: day.berth }]
  for (const leg of day.legs) {
    if (leg.does !== 'goes') continue
    const [longitude, latitude] = destination(degrees(points.at(-1)!), lengthOf(leg), leg.course * DEGREES, {
      units: 'meters',
    }).geometry.coordinates as [number, number]
    points.push({ latitude: latitude / DEGREES, longitude: longitude / DEGREES, name: leg.to })
  }
  return points
}

/** m of a leg; one that is measured by its time, at its speed in still water. */
const lengthOf = (leg: Leg): number => (leg.measure === 'distance' ? leg.distance : leg.speed * leg.duration)

/**
 * The day's route as GPX 1.1.
 *
 * @param project the boat and her day
 * @returns the file's text
 */
export function routeGpx(project: Project): string {
  const rtept = waypointsOf(project).map(p => ({
    '@lat': (p.latitude * DEGREES).toFixed(6),
    '@lon': (p.longitude * DEGREES).toFixed(6),
    ...(p.name ? { name: p.name } : {}),
  }))
  const xml = new XMLBuilder({ ignoreAttributes: false, attributeNamePrefix: '@', format: true }).build({
    '?xml': { '@version': '1.0', '@encoding': 'UTF-8' },
    gpx: {
      '@version': '1.1',
      '@creator': 'Remigo',
      '@xmlns': 'http://www.topografix.com/GPX/1/1',
      rte: { name: `${project.name}, ${project.day.date}`, rtept },
    },
  })
  return String(xml)
}
