import bearing from '@turf/bearing'
import distance from '@turf/distance'
import { gpxDocument, listOf } from './gpxDocument'
import type { Sample } from './sampler'

/** A track as samples, or a sentence. */
export type TrackOutcome = { ok: true; samples: Sample[]; gaps: number } | { ok: false; message: string }

/** s between two points of a track after which nothing is known of what lies between. */
const GAP = 300
const DEGREES = 180 / Math.PI

/** m and rad from one place to another by the great circle; places in rad. */
export function betweenPlaces(
  a: { latitude: number; longitude: number },
  b: { latitude: number; longitude: number },
): { distance: number; course: number } {
  const from = [a.longitude * DEGREES, a.latitude * DEGREES],
    to = [b.longitude * DEGREES, b.latitude * DEGREES]
  const course = bearing(from, to) / DEGREES
  return { distance: distance(from, to, { units: 'meters' }), course: course < 0 ? course + 2 * Math.PI : course }
}

/**
 * Reads the tracks of a GPX file that have times.
 *
 * @param text of the file
 * @returns a sample for each point, with speed and course from the point before; or what is wrong
 *
 * Source: haversine distance and forward azimuth by package.
 */
export function readTrack(text: string): TrackOutcome {
  const read = gpxDocument(text)
  if (!read.ok) return read
  const raw = listOf(read.gpx.trk).flatMap(t => listOf(t.trkseg).flatMap(s => listOf(s.trkpt)))
  if (raw.length < 2) return { ok: false, message: 'The file holds no track. Export the recorded track as GPX.' }
  const samples: Sample[] = []
  let gaps = 0
  for (const p of raw) {
    const latitude = Number(p.lat) / DEGREES,
      longitude = Number(p.lon) / DEGREES,
      time = Date.parse(String(p.time)) / 1000
    if (!(Math.abs(latitude) <= Math.PI / 2) || !(Math.abs(longitude) <= Math.PI) || !Number.isFinite(time)) continue
    const last = samples.at(-1)
    if (last && time <= last.time) continue
    const values: Sample['values'] = { latitude, longitude }
    if (last) {
      const way = betweenPlaces(last.values as { latitude: number; longitude: number }, { latitude, longitude }),
        took = time - last.time
      if (took > GAP) gaps++
      else {
        values.ground = way.distance / took
        values.course = way.course
      }
    }
    samples.push({ time, values, marks: {} })
  }
  if (samples.length < 2)
    return { ok: false, message: 'The points of the track have no times. Export it as recorded, with times.' }
  return { ok: true, samples, gaps }
}
