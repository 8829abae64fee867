import { describe, expect, it } from 'vitest'
import { DEMO, edit, withEdits } from '../../src/project'
import { legsAlong, readGpx, routeGpx, waypointsOf, type Waypoint } from '../../src/voyage'

const DEGREES = 180 / Math.PI
const point = (lat: number, lon: number, name = ''): Waypoint => ({
  latitude: lat / DEGREES,
  longitude: lon / DEGREES,
  name,
})

describe('GPX', () => {
  it('a degree of latitude is 60 sea miles north, and a degree of longitude at 60° north 30 miles east', () => {
    const [north, east] = legsAlong([point(59, 10), point(60, 10), point(60, 11)], 2)
    expect(north!.distance / 1852).toBeCloseTo(60.04, 0)
    expect(north!.course).toBeCloseTo(0, 6)
    expect(east!.distance / 1852).toBeCloseTo(30, 0)
    expect(east!.course).toBeCloseTo(Math.PI / 2, 1)
  })
  it('a route that goes out comes in again with the same legs', () => {
    for (const boat of [DEMO.tirrick, DEMO.brack, DEMO.osprel]) {
      const read = readGpx(routeGpx(boat))
      expect(read.ok).toBe(true)
      if (!read.ok) return
      const legs = legsAlong(read.points, 2),
        goes = boat.day.legs.filter(l => l.does === 'goes')
      expect(legs).toHaveLength(goes.length)
      legs.forEach((leg, i) => {
        expect(Math.abs(leg.distance / goes[i]!.distance - 1)).toBeLessThan(0.002)
        expect(Math.cos(leg.course - goes[i]!.course)).toBeGreaterThan(0.9999)
        expect(leg.to).toBe(goes[i]!.to)
      })
    }
  })
  it('reads a track of thousands of points as at most sixty legs of nearly its length', () => {
    const track = Array.from({ length: 4000 }, (_, i) => {
      const t = (i / 4000) * 2 * Math.PI
      return `<trkpt lat="${(54 + 0.05 * Math.sin(t)).toFixed(6)}" lon="${(10 + 0.08 * Math.cos(t)).toFixed(6)}"/>`
    }).join('')
    const read = readGpx(`<gpx><trk><trkseg>${track}</trkseg></trk></gpx>`)
    expect(read.ok && read.kind).toBe('track')
    if (!read.ok) return
    const all = legsAlong(read.points, 2)
    expect(all.length).toBeLessThanOrEqual(60)
    const whole = read.points.slice(1).reduce((sum, p, i) => sum + legsAlong([read.points[i]!, p], 2)[0]!.distance, 0)
    expect(all.reduce((sum, l) => sum + l.distance, 0) / whole).toBeGreaterThan(0.99)
  })
  it.each([
    ['', 'not a whole GPX file'],
    ['<gpx><rte>', 'not a whole GPX file'],
    ['<kml></kml>', 'no “gpx”'],
    ['<gpx><rte><rtept lat="54" lon="10"/></rte></gpx>', 'holds 0 points'],
    ['<gpx><rte><rtept lat="x" lon="10"/><rtept lat="54" lon="10"/></rte></gpx>', 'Point 1 of the route'],
  ])('%s is told', (text, words) => {
    const read = readGpx(text)
    expect(read.ok).toBe(false)
    if (!read.ok) expect(read.message).toContain(words)
  })
  it('places follow the legs from the berth', () => {
    const boat = withEdits(DEMO.tirrick, [edit('use.place.latitude', 0.9), edit('use.place.longitude', 0.1)])
    const places = waypointsOf(boat)
    expect(places[0]).toMatchObject({ latitude: 0.9, longitude: 0.1, name: 'Berth' })
    expect(places).toHaveLength(7)
  })
})
