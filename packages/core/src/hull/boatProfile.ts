import type { BoatDimensions } from './boat'
import type { Elevation, Line, PlacedBox } from './elevation'
import type { HullForm } from './hullForm'

/** How a hull looks from the side; heights and lengths as shares of the length over all. */
export interface Look {
  /** freeboard at the stem and the stern */
  bow: number
  stern: number
  /** how far the stem overhangs the waterline, and the stern */
  overhang: number
  aft: number
  /** how the keel line runs: flat to a transom, rising to a stern, or a tube with a nose cone */
  bottom: 'transom' | 'rocker' | 'tube'
  /** what stands on deck */
  house: 'none' | 'console' | 'cuddy' | 'saloon' | 'cabin' | 'canopy' | 'thwarts' | 'seats'
  mast?: boolean
}

/** The hull's own outline. */
function outline(L: number, T: number, look: Look, from: number, to: number): Line {
  const bow = look.bow * L,
    stern = look.stern * L
  if (look.bottom === 'tube') {
    return [
      ['M', 0, bow],
      ['C', 0.02 * L, 0.2 * bow, 0.05 * L, -T, 0.12 * L, -T],
      ['L', 0.97 * L, -T],
      ['L', L, -0.6 * T],
      ['L', L, stern],
      ['L', 0.06 * L, stern],
      ['L', 0, bow],
      ['Z'],
    ]
  }
  const keel: Line =
    look.bottom === 'transom'
      ? [
          ['L', to, -0.85 * T],
          ['L', 0.5 * L, -T],
          ['C', 0.3 * L, -T, from + 0.1 * L, -0.75 * T, from, 0],
        ]
      : [
          ['C', to, 0, to - 0.16 * L, -T, 0.55 * L, -T],
          ['C', 0.35 * L, -T, from + 0.12 * L, -0.9 * T, from, 0],
        ]
  return [
    ['M', 0, bow],
    ['C', 0.28 * L, 0.78 * bow, 0.66 * L, 0.8 * stern, L, stern],
    ['L', to, 0],
    ...keel,
    ['C', from - 0.01 * L, 0.3 * bow, 0.3 * from, 0.7 * bow, 0, bow],
    ['Z'],
  ]
}

/** Roof and windows of what stands on deck. */
function house(L: number, look: Look): { roof: Line | null; windows: Line[]; deck: Line[] } {
  const bow = look.bow * L,
    stern = look.stern * L,
    deckLine: Line = [
      ['M', 0.01 * L, 0.9 * bow],
      ['C', 0.28 * L, 0.7 * bow, 0.66 * L, 0.7 * stern, L, 0.86 * stern],
    ]
  const box = (x0: number, x1: number, height: number, slope: number): Line => [
    ['M', x0 * L, 0.8 * stern],
    ['L', (x0 + slope) * L, 0.8 * stern + height * L],
    ['L', x1 * L, 0.8 * stern + height * L],
    ['L', (x1 + 0.02) * L, 0.8 * stern],
  ]
  const pane = (x0: number, x1: number, base: number, height: number): Line => [
    ['M', x0 * L, 0.8 * stern + base * L],
    ['L', x1 * L, 0.8 * stern + base * L],
    ['L', x1 * L, 0.8 * stern + (base + height) * L],
    ['L', (x0 + 0.02) * L, 0.8 * stern + (base + height) * L],
    ['Z'],
  ]
  switch (look.house) {
    case 'console':
      return {
        roof: [
          ['M', 0.46 * L, 0.8 * stern],
          ['L', 0.47 * L, 0.8 * stern + 0.07 * L],
          ['L', 0.55 * L, 0.8 * stern + 0.06 * L],
          ['L', 0.56 * L, 0.8 * stern],
        ],
        windows: [
          [
            ['M', 0.45 * L, 0.8 * stern + 0.11 * L],
            ['L', 0.475 * L, 0.8 * stern + 0.07 * L],
            ['L', 0.5 * L, 0.8 * stern + 0.07 * L],
            ['L', 0.48 * L, 0.8 * stern + 0.11 * L],
            ['Z'],
          ],
        ],
        deck: [deckLine],
      }
    case 'cuddy':
      return {
        roof: box(0.2, 0.5, 0.075, 0.1),
        windows: [pane(0.31, 0.38, 0.03, 0.03), pane(0.4, 0.47, 0.03, 0.03)],
        deck: [deckLine],
      }
    case 'saloon':
      return {
        roof: box(0.26, 0.72, 0.115, 0.07),
        windows: [pane(0.33, 0.44, 0.05, 0.045), pane(0.46, 0.57, 0.05, 0.045), pane(0.59, 0.69, 0.05, 0.045)],
        deck: [deckLine],
      }
    case 'cabin':
      return {
        roof: box(0.14, 0.84, 0.09, 0.005),
        windows: [0.19, 0.32, 0.45, 0.58, 0.71].map(x => pane(x, x + 0.08, 0.035, 0.035)),
        deck: [deckLine],
      }
    case 'seats':
      return {
        roof: null,
        windows: [],
        deck: [
          [
            ['M', 0.06 * L, 0.9 * bow],
            ['L', 0.97 * L, 0.9 * stern],
          ],
          ...[0.42, 0.68].map((x): Line => [
            ['M', (x - 0.1) * L, stern],
            ['L', (x - 0.09) * L, stern + 0.06 * L],
            ['L', (x + 0.02) * L, stern + 0.05 * L],
            ['L', (x + 0.06) * L, stern + 0.17 * L],
          ]),
        ],
      }
    case 'canopy':
      return {
        roof: [
          ['M', 0.25 * L, 0.34 * L],
          ['L', 0.8 * L, 0.34 * L],
          ['L', 0.8 * L, 0.325 * L],
          ['L', 0.25 * L, 0.325 * L],
          ['Z'],
        ],
        windows: [],
        deck: [
          [
            ['M', 0.3 * L, stern],
            ['L', 0.3 * L, 0.325 * L],
          ],
          [
            ['M', 0.75 * L, stern],
            ['L', 0.75 * L, 0.325 * L],
          ],
          [
            ['M', 0.08 * L, stern + 0.09 * L],
            ['L', 0.98 * L, stern + 0.09 * L],
          ],
          [
            ['M', 0.03 * L, stern + 0.012 * L],
            ['L', L, stern + 0.012 * L],
          ],
        ],
      }
    case 'thwarts':
      return {
        roof: null,
        windows: [],
        deck: [
          deckLine,
          [
            ['M', 0.36 * L, 0.55 * stern],
            ['L', 0.42 * L, 0.55 * stern],
          ],
          [
            ['M', 0.62 * L, 0.55 * stern],
            ['L', 0.68 * L, 0.55 * stern],
          ],
        ],
      }
    case 'none':
      return { roof: null, windows: [], deck: [deckLine] }
  }
}

/**
 * Side elevation of a boat without a ballast keel, bow to the left: outline, house, and the drive where it is.
 *
 * @param boat dimensions in m and its drive
 * @param form its form
 * @param look proportions of its kind
 * @returns the drawing as data
 */
export function boatProfile(boat: BoatDimensions, form: HullForm, look: Look): Elevation {
  const L = boat.lengthOverAll,
    T = Math.max(0.02 * L, form.draughtBody)
  const from = look.overhang * L,
    to = L * (1 - look.aft)
  const { kind, greatestDiameter: D, shaftDepth } = boat.drive
  const depth = kind === 'jet' ? T : Math.max(shaftDepth, kind === 'shaft' ? T : 0.6 * D)
  const top =
    Math.max(
      look.bow * L,
      look.house === 'none' || look.house === 'thwarts' ? 0 : look.stern * L * 0.8 + 0.12 * L,
      look.house === 'canopy' ? 0.35 * L : 0,
      look.house === 'seats' ? look.stern * L + 0.17 * L : 0,
    ) +
    0.03 * L
  const inside = -0.35 * T
  const drive = driveLine()
  return {
    lengthOverAll: L,
    top: kind === 'outboard' ? Math.max(top, look.stern * L + 0.1 * L) : top,
    bottom: -Math.max(boat.draught, T, kind === 'jet' ? 0 : depth + D / 2),
    waterlineFrom: from,
    waterlineTo: to,
    keel: null,
    ballast: null,
    rudder:
      kind === 'shaft'
        ? [
            ['M', to - 0.01 * L, 0],
            ['L', to + 0.025 * L, 0],
            ['L', to + 0.03 * L, -depth - 0.4 * D],
            ['L', to - 0.005 * L, -depth - 0.4 * D],
            ['Z'],
          ]
        : null,
    hull: outline(L, T, look, from, to),
    ...house(L, look),
    mast: look.mast
      ? [
          ['M', 0.42 * L, look.stern * L],
          ['L', 0.43 * L, top + 0.16 * L],
        ]
      : null,
    pack: { x: 0.45 * L, z: inside, width: 0.13 * L, height: 0.55 * T },
    controller: { x: 0.64 * L, z: 0.1 * look.stern * L, width: 0.04 * L, height: Math.max(0.4 * T, 0.02 * L) },
    ...drive,
  }

  function driveLine(): { motor: PlacedBox; shaft: Line; propeller: Elevation['propeller'] } {
    if (kind === 'outboard') {
      const x = L + 0.015 * L
      return {
        motor: { x: x + 0.01 * L, z: look.stern * L + 0.03 * L, width: 0.055 * L, height: 0.07 * L },
        shaft: [
          ['M', x, look.stern * L],
          ['L', x, -depth],
          ['L', x + 0.02 * L, -depth],
        ],
        propeller: { x: x + 0.025 * L, z: -depth, diameter: D },
      }
    }
    if (kind === 'sternDrive') {
      const x = to + 0.03 * L
      return {
        motor: { x: to - 0.07 * L, z: 0.15 * look.stern * L, width: 0.08 * L, height: 0.55 * T + 0.02 * L },
        shaft: [
          ['M', to - 0.03 * L, 0.1 * look.stern * L],
          ['L', x, 0.1 * look.stern * L],
          ['L', x, -depth],
          ['L', x + 0.02 * L, -depth],
        ],
        propeller: { x: x + 0.025 * L, z: -depth, diameter: D },
      }
    }
    if (kind === 'jet') {
      const z = -0.25 * T
      return {
        motor: { x: 0.7 * L, z: inside + 0.1 * T, width: 0.08 * L, height: 0.5 * T },
        shaft: [
          ['M', 0.74 * L, z],
          ['L', to, z],
          ['M', 0.79 * L, -0.95 * T],
          ['L', 0.87 * L, z - D / 2],
          ['L', to + 0.02 * L, z - D / 3],
          ['L', to + 0.02 * L, z + D / 3],
          ['L', 0.85 * L, z + D / 2],
        ],
        propeller: { x: 0.9 * L, z, diameter: D },
      }
    }
    if (kind === 'pod' || kind === 'sailDrive') {
      const x = 0.8 * L
      return {
        motor: {
          x,
          z: kind === 'pod' ? -depth : inside + 0.2 * T,
          width: 0.07 * L,
          height: Math.max(0.25 * D, 0.3 * T),
        },
        shaft: [
          ['M', x, inside],
          ['L', x, -depth],
          ['L', x + 0.04 * L, -depth],
        ],
        propeller: { x: x + 0.045 * L, z: -depth, diameter: D },
      }
    }
    const x = to - 0.03 * L
    return {
      motor: { x: 0.68 * L, z: inside, width: 0.075 * L, height: 0.5 * T, tilt: 6 },
      shaft: [
        ['M', 0.72 * L, inside - 0.05 * T],
        ['L', x, -depth],
      ],
      propeller: { x, z: -depth, diameter: D },
    }
  }
}
