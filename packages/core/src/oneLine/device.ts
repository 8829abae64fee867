import type { PartName } from '../project'
import { amps, metres, squareMillimetres, volts, type Text } from '../units'
import type { CableRun } from '../wiring'

/** What a device is; each has its symbol. */
export type DeviceKind =
  | 'battery'
  | 'fuse'
  | 'switch'
  | 'contactor'
  | 'resistor'
  | 'stop'
  | 'shunt'
  | 'controller'
  | 'motor'
  | 'guard'
  | 'converter'
  | 'load'
  | 'watch'
  | 'charger'
  | 'inlet'
  | 'relay'
  | 'bus'
  | 'panel'
  | 'regulator'
  | 'generator'
  | 'isolator'

/** A device of the one-line diagram. */
export interface Device {
  id: string
  kind: DeviceKind
  label: string
  /** what is printed at it: its name and figures */
  lines: Text[]
  /** the bench that decides it */
  bench: 'pack' | 'motor' | 'wiring' | 'charging' | 'solar'
  part: PartName
}

/** Devices one after another along a cable. */
export interface Chain {
  devices: Device[]
  /** what carries the power */
  kind: 'dc' | 'ac'
  /** the cable that leads away from a device, by its id, where it has a size */
  cables: Record<string, Text>
}

/** A bank: from its plus to where it joins the rest. */
export interface Bank extends Chain {
  guard: Device
  /** round its own contactor */
  precharge: Device | null
}

/** What joins two devices: cables that carry power, and lines that only tell. */
export interface Wire {
  from: string
  to: string
  kind: 'dc' | 'phase' | 'ac' | 'signal'
  label: Text | null
}

/** A one-line diagram by what its parts are for; where each stands follows from that by rule. */
export interface OneLine {
  banks: Bank[]
  /** strings of other blocks beside them */
  strings: Chain[]
  /** where banks, sources and house meet */
  bus: Device
  /** from there to where the drives part, and its precharge */
  line: Chain
  precharge: Device | null
  /** controller and motor of each drive */
  drives: { controller: Device; motor: Device; phase: Text }[]
  stop: Device | null
  watch: Device | null
  /** from the shore to the charger; the generator that takes turns with it */
  shore: Chain | null
  generator: Device | null
  /** each from its charger or panels down to the bus */
  sources: Chain[]
  /** fuse, converter, house battery, loads; what charges them by itself */
  house: Chain | null
  houseSources: Chain[]
  /** a small motor by itself */
  small: Chain | null
  devices: Device[]
  wires: Wire[]
}

/** Two conductors of a run in words. */
export const cableText = (run: CableRun): Text => ({
  text: run.parallel > 1 ? '{n} × {s}, {l}' : '{s}, {l}',
  params: { n: String(run.parallel), s: squareMillimetres(run.area), l: metres(run.length) },
})
export const ofVolts = (value: number): Text => ({ text: '{v}', params: { v: volts(value) } })
export const ofAmps = (value: number, words = ''): Text => ({ text: `{a}${words}`, params: { a: amps(value) } })
export const words = (text: string): Text => ({ text })

/** A device of the wiring; others say their bench and part. */
export const device = (
  id: string,
  kind: DeviceKind,
  label: string,
  lines: Text[],
  bench: Device['bench'] = 'wiring',
  part: PartName = 'pack',
): Device => ({ id, kind, label, lines, bench, part })
