import { describe, expect, it } from 'vitest'
import { placeLabels } from '../app/components/lever/placeLabels'
import { strokesToPath } from '../app/components/strip/strokesToPath'
import { WAVE_MOST, wavePoints } from '../app/components/strip/wavePoints'
import { areaPoints } from '../app/components/lever/areaPoints'

describe('labels beside a scale', () => {
  it('keep their order, their gap and the scale’s ends', () => {
    const places = placeLabels(
      [
        { key: 'a', at: 50 },
        { key: 'b', at: 52 },
        { key: 'c', at: 99 },
      ],
      15,
      0,
      100,
    )
    expect(places.b! - places.a!).toBeGreaterThanOrEqual(15)
    expect(places.c! - places.b!).toBeGreaterThanOrEqual(15)
    expect(places.c).toBeLessThanOrEqual(100)
  })
})

describe('the drawing', () => {
  const scale = { pixelsPerMetre: 40, bowX: 100, waterY: 80 }
  it('has one scale along and up', () => {
    expect(strokesToPath([['M', 0, 0], ['L', 1, 1], ['Z']], scale)).toBe('M100.0 80.0L140.0 40.0Z')
  })
  it('draws the wave at its true length: crests one wavelength apart', () => {
    const points = wavePoints(scale, 0, 8, 4, 0.38, 700)
      .slice(1)
      .filter(([x]) => x < 420)
    const crests = points
      .filter(([, y], i) => i > 0 && i < points.length - 1 && y < points[i - 1]![1] && y <= points[i + 1]![1])
      .map(([x]) => x)
    expect(crests[1]! - crests[0]!).toBeGreaterThan(4 * 40 - 8)
    expect(crests[1]! - crests[0]!).toBeLessThan(4 * 40 + 8)
  })
  it('has no step in it, however long the wave, and stays within its band', () => {
    for (const wave of [1, 4, 12, 45]) {
      const points = wavePoints(scale, 0.2, 5, wave, 1, 700)
      expect(points[0]![0]).toBe(0)
      expect(points.at(-1)![0]).toBe(700)
      points.forEach(([x, y], i) => {
        expect(Math.abs(y - scale.waterY)).toBeLessThanOrEqual(WAVE_MOST)
        // steepest of a drawn wave: half its height times its wave number, and four times that where it dies out ahead
        if (i > 0 && x - points[i - 1]![0] <= 7.01)
          expect(Math.abs(y - points[i - 1]![1])).toBeLessThan((7 * WAVE_MOST * 12) / Math.max(20, wave * 40) + 0.5)
      })
    }
  })
})

it('the area behind a lever lies between its line and the foot, whichever way it stands', () => {
  expect(
    areaPoints(
      [
        [0, 5],
        [10, 2],
      ],
      ([x]) => [x, 9],
    ),
  ).toBe('0,9 0,5 10,2 10,9')
  expect(
    areaPoints(
      [
        [3, 0],
        [7, 4],
      ],
      ([, y]) => [1, y],
    ),
  ).toBe('1,0 3,0 7,4 1,4')
})
