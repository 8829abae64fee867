import { XMLBuilder } from 'fast-xml-parser'
import type { Trip } from '../project'

const DEGREES = 180 / Math.PI

/**
 * The track of a trip as GPX, without the times, which the log does not keep.
 *
 * @param trip with a track
 * @returns the file
 */
export const trackGpx = ({ name, date, track }: Pick<Trip, 'name' | 'date' | 'track'>): string =>
  new XMLBuilder({ ignoreAttributes: false, attributeNamePrefix: '@', format: true, suppressEmptyNode: true }).build({
    '?xml': { '@version': '1.0', '@encoding': 'UTF-8' },
    gpx: {
      '@version': '1.1',
      '@creator': 'Remigo',
      '@xmlns': 'http://www.topografix.com/GPX/1/1',
      trk: {
        name: name || date,
        trkseg: {
          trkpt: track.map(p => ({
            '@lat': (p.latitude * DEGREES).toFixed(6),
            '@lon': (p.longitude * DEGREES).toFixed(6),
          })),
        },
      },
    },
  }) as string
