import type { Device, OneLine, Wire } from './devices'

/** A step of a path: a device, the cable that leads to it, and what it tells or is told by signal lines. */
export interface PathStep {
  device: Device
  cable: Wire['label']
  kind: Wire['kind'] | null
  tells: Device[]
}

/**
 * One way of the power: from a source, or from where it leaves another way, to its end or to where it joins another.
 */
export interface PowerPath {
  leaves: Device | null
  steps: PathStep[]
  joins: Device | null
}

/**
 * A one-line diagram as ways to be read one after another, for a screen that is too narrow for the drawing: every
 * device once, every power line once.
 *
 * @param diagram devices and wires
 * @returns paths; first those that begin at a source, then those that leave them
 */
export function powerPaths({ devices, wires }: OneLine): PowerPath[] {
  const named = new Map(devices.map(d => [d.id, d])),
    power = wires.filter(w => w.kind !== 'signal')
  const tells = (id: string) => wires.filter(w => w.kind === 'signal' && w.from === id).map(w => named.get(w.to)!)
  const seen = new Set<string>(),
    gone = new Set<Wire>()
  const stepOf = (id: string, by: Wire | null): PathStep => {
    seen.add(id)
    return { device: named.get(id)!, cable: by?.label ?? null, kind: by?.kind ?? null, tells: tells(id) }
  }
  const follow = (leaves: Device | null, first: PathStep[], from: string): PowerPath => {
    const path: PowerPath = { leaves, steps: first, joins: null }
    for (let at = from; ;) {
      const wire = power.find(w => w.from === at && !gone.has(w))
      if (!wire) return path
      gone.add(wire)
      if (seen.has(wire.to)) return { ...path, joins: named.get(wire.to)! }
      path.steps.push(stepOf(wire.to, wire))
      at = wire.to
    }
  }
  const paths = devices
    .filter(d => power.some(w => w.from === d.id) && !power.some(w => w.to === d.id))
    .map(d => follow(null, [stepOf(d.id, null)], d.id))
  for (const device of devices) {
    while (seen.has(device.id) && power.some(w => w.from === device.id && !gone.has(w)))
      paths.push(follow(device, [], device.id))
  }
  // what no power line reaches: guards, watches and stops
  for (const device of devices)
    if (!seen.has(device.id)) paths.push({ leaves: null, steps: [stepOf(device.id, null)], joins: null })
  return paths.filter(path => path.steps.length > 0 || path.joins)
}
