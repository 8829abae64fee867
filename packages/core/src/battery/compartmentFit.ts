import type { CellSpec } from './cellSpec'

/** A space in the boat, as measured. m. */
export interface Compartment {
  name: string
  /** fore and aft, athwart, and up */
  length: number
  width: number
  height: number
  /** kept free all round, for air, straps and hands */
  clearance: number
  /** its middle, m aft of the bow; null where nobody measured it */
  along: number | null
}

/** A block in its place: m from the compartment's aft port corner, layer from below, string of the pack. */
export interface PlacedBlock {
  x: number
  y: number
  layer: number
  string: number
}

/** How blocks stand in one compartment. */
export interface CompartmentFit {
  compartment: Compartment
  /** blocks along the length, across the width, and above each other; room for that many */
  columns: number
  rows: number
  layers: number
  room: number
  /** size of a block along the length and across the width, m */
  blockLength: number
  blockWidth: number
  blocks: PlacedBlock[]
}

/** A pack in the spaces of the boat. */
export interface PackFit {
  compartments: CompartmentFit[]
  placed: number
  left: number
}

/** Room above each layer for poles and links, m (common practice). */
export const POLE_ROOM = 0.03

type BlockSize = Pick<CellSpec, 'width' | 'depth' | 'height'>

/**
 * Sets the blocks of a pack into the spaces of the boat, upright, all one way round within a space, in the order of the
 * spaces.
 *
 * @param block size of one block, m
 * @param series blocks of a string, so that strings can be told apart
 * @param count of blocks
 * @param compartments as measured
 * @returns where each stands, how many found a place and how many did not
 * @example packIntoCompartments({ width: 0.174, depth: 0.072, height: 0.207 }, 16, 16, [{ name: 'bunk', length: 0.7,
 *   width: 0.5, height: 0.3, clearance: 0.02 }]).left // 0
 *
 * Source: whole blocks along each side, better of two ways round.
 */
export function packIntoCompartments(
  block: BlockSize,
  series: number,
  count: number,
  compartments: readonly Compartment[],
): PackFit {
  let placed = 0
  const fits = compartments.map(compartment => {
    const grid = bestGrid(block, compartment),
      blocks: PlacedBlock[] = []
    for (let i = 0; i < grid.room && placed < count; i++, placed++) {
      const inLayer = i % (grid.columns * grid.rows)
      blocks.push({
        x: compartment.clearance + (inLayer % grid.columns) * grid.blockLength,
        y: compartment.clearance + Math.floor(inLayer / grid.columns) * grid.blockWidth,
        layer: Math.floor(i / (grid.columns * grid.rows)),
        string: Math.floor(placed / series),
      })
    }
    return { compartment, ...grid, blocks }
  })
  return { compartments: fits, placed, left: count - placed }
}

/** The way round that takes more blocks. */
function bestGrid({ width, depth, height }: BlockSize, { length: l, width: w, height: h, clearance }: Compartment) {
  const whole = (room: number, size: number) => Math.max(0, Math.floor((room - 2 * clearance) / size + 1e-9))
  const grids = [
    [depth, width],
    [width, depth],
  ].map(([blockLength, blockWidth]) => {
    const columns = whole(l, blockLength!),
      rows = whole(w, blockWidth!),
      layers = whole(h, height + POLE_ROOM)
    return { columns, rows, layers, room: columns * rows * layers, blockLength: blockLength!, blockWidth: blockWidth! }
  })
  return grids[1]!.room > grids[0]!.room ? grids[1]! : grids[0]!
}
