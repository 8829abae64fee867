import { Graph, layout } from '@dagrejs/dagre'
import type { Device, OneLine, Wire } from './devices'

/** A device with its place, the middle of its box. px. */
export interface PlacedDevice extends Device {
  x: number
  y: number
}

/** A diagram ready to be drawn. px. */
export interface PlacedOneLine {
  width: number
  height: number
  devices: PlacedDevice[]
  wires: (Wire & { path: string; labelAt: { x: number; y: number } })[]
}

/** A device's box, and room between boxes, px; narrower boxes where the drawing would be wider than its place. */
export const DEVICE_BOX = { width: 134, height: 74 }
export const NARROW_BOX = { width: 108, height: 98 }
/** Size of a box. */
export interface BoxSize {
  width: number
  height: number
}
const GAP = { across: 12, down: 26 }
const MARGIN = 6

/**
 * Places a one-line diagram from top to bottom.
 *
 * @param diagram devices and wires
 * @param box size of a device's box
 * @returns boxes and the ways of the wires, straight down and across
 */
export function placeOneLine({ devices, wires }: OneLine, box: BoxSize = DEVICE_BOX): PlacedOneLine {
  const graph = new Graph({ multigraph: true })
  graph.setGraph({ rankdir: 'TB', nodesep: GAP.across, ranksep: GAP.down, marginx: MARGIN, marginy: MARGIN })
  graph.setDefaultEdgeLabel(() => ({}))
  for (const d of devices) graph.setNode(d.id, { ...box })
  // lines that only tell pull less, so that the main line stays straight
  for (const [i, w] of wires.entries()) graph.setEdge(w.from, w.to, { weight: w.kind === 'signal' ? 1 : 8 }, String(i))
  layout(graph)
  /** devices at which several labelled cables arrive: their labels stand where the cables begin */
  const arrive = (id: string) => wires.filter(w => w.to === id && w.label).length
  const at = new Map(devices.map(d => [d.id, graph.node(d.id) as { x: number; y: number }]))
  const { width, height } = graph.graph() as { width: number; height: number }
  return {
    width: Math.ceil(width),
    height: Math.ceil(height),
    devices: devices.map(d => ({ ...d, x: at.get(d.id)!.x, y: at.get(d.id)!.y })),
    wires: wires.map((w, i) => ({
      ...w,
      ...wayOf(
        box.height,
        at.get(w.from)!,
        at.get(w.to)!,
        (graph.edge(w.from, w.to, String(i)) as { points: { x: number; y: number }[] }).points,
        arrive(w.to) > 1,
      ),
    })),
  }
}

/** Straight down from box to box, across between two ranks; long wires follow the lanes that the layout kept free. */
function wayOf(
  high: number,
  from: { x: number; y: number },
  to: { x: number; y: number },
  points: { x: number; y: number }[],
  early: boolean,
): { path: string; labelAt: { x: number; y: number } } {
  const down = to.y >= from.y,
    half = high / 2
  const start = from.y + (down ? half : -half),
    end = to.y + (down ? -half : half)
  // the lane of a wire that passes a rank, else the place of its box
  const lanes = points.slice(1, -1).map(p => p.x)
  const lane = lanes.length > 2 ? lanes[Math.floor(lanes.length / 2)]! : null
  // across nearer to where it comes from: what it is stands below, beside where it goes in
  const out = (down ? 0.3 : -0.3) * GAP.down
  if (lane === null || Math.abs(to.y - from.y) < high + 1.5 * GAP.down) {
    return {
      path: from.x === to.x ? `M${from.x} ${start}V${end}` : `M${from.x} ${start}v${out}H${to.x}V${end}`,
      labelAt: early ? { x: from.x, y: start + 10 } : { x: to.x, y: end - 8 },
    }
  }
  return {
    path: `M${from.x} ${start}v${out}H${lane}V${end - out}H${to.x}V${end}`,
    labelAt: early ? { x: from.x, y: start + 10 } : { x: lane, y: (start + end) / 2 },
  }
}
