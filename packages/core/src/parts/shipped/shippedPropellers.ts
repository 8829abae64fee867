import type { StockPropeller } from '../../propulsor'

const INCH = 0.0254

type Row = [
  kind: StockPropeller['kind'],
  blades: number,
  diameterIn: number,
  pitchIn: number,
  areaRatio: number,
  kg: number,
  price: number,
]

/** Invented, plausible propellers in sizes that are sold. */
const ROWS: Row[] = [
  ['fixed', 3, 10, 8, 0.5, 2.1, 210],
  ['fixed', 3, 12, 9, 0.52, 3.2, 250],
  ['fixed', 3, 14, 10, 0.52, 4.9, 310],
  ['fixed', 3, 16, 12, 0.53, 7.2, 390],
  ['fixed', 3, 18, 13, 0.53, 10.4, 520],
  ['fixed', 4, 14, 11, 0.62, 5.8, 420],
  ['fixed', 4, 18, 14, 0.62, 12.3, 690],
  ['fixed', 2, 13, 9, 0.34, 2.8, 230],
  ['fixed', 2, 15, 10, 0.34, 4.2, 290],
  ['folding', 2, 13, 9, 0.3, 3.6, 690],
  ['folding', 2, 15, 10, 0.3, 4.8, 820],
  ['folding', 3, 16, 11, 0.42, 7.1, 1340],
  ['feathering', 3, 15, 10, 0.42, 7.9, 1690],
  ['feathering', 3, 17, 12, 0.42, 10.6, 2050],
  ['outboard', 3, 7.5, 7, 0.5, 0.8, 85],
  ['outboard', 3, 9.25, 9, 0.52, 1.4, 120],
  ['outboard', 3, 13, 15, 0.55, 3.6, 190],
  ['sternDrive', 3, 14, 17, 0.58, 4.9, 320],
  ['sternDrive', 4, 14, 19, 0.66, 5.6, 410],
]

/** The propellers that ship with Remigo. */
export const SHIPPED_PROPELLERS: readonly StockPropeller[] = ROWS.map(
  ([kind, blades, diameterIn, pitchIn, areaRatio, mass, price]) => ({
    id: `tern-${kind}-${blades}-${diameterIn}-${pitchIn}`.toLowerCase(),
    estimated: [],
    standIn: false,
    name: `Tern ${kind === 'sternDrive' ? 'stern drive' : kind}, ${blades} blades, ${diameterIn} × ${pitchIn} in`,
    kind,
    blades,
    diameter: diameterIn * INCH,
    pitch: pitchIn * INCH,
    areaRatio,
    hand: 'right',
    mass,
    price,
  }),
)
