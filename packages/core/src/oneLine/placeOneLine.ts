import type { Text } from '../units'
import type { Bank, Chain, Device, OneLine, Wire } from './device'
import { wirePath, type Point } from './wirePath'

/** Side of a device's square, px. */
export const DEVICE = 42
const HALF = DEVICE / 2
/** From one device to the next along a line, and down a chain of sources. */
const ACROSS = 100,
  DOWN = 56
/** From the bus to the next device at its right, and to the contactors of banks at its left, past a precharge. */
const BUS_GAP = 66,
  BANK_GAP = 140
/** Where banks, strings and drives stand below one another. */
const BANK_DOWN = 180,
  STRING_DOWN = 106,
  DRIVE_DOWN = 108
/** From the last device of the line to a controller, and from there to its motor: a cable's words stand between. */
const TO_CONTROLLER = 114,
  TO_CONTROLLER_TAGGED = 190,
  TO_MOTOR = 130
const ARRAY_ACROSS = 160
const MARGIN = 60
/** Height of a row of words, and where the first stands under a device. */
export const WORD_ROW = 13
const BELOW = 36

/**
 * Where the words of a device stand: which side, letters of a row, rows below its name; along is right of it, over and
 * under the wire that goes on there.
 */
export interface WordPlace {
  side: 'below' | 'right' | 'left' | 'above' | 'along'
  wide: number
  rows: number
}

/** A device with its place, the middle of its square. px. */
export interface PlacedDevice extends Device {
  x: number
  y: number
  words: WordPlace
}

/** A wire as it is drawn: a path, and where its words stand. px. */
export interface PlacedWire extends Wire {
  points: Point[]
  path: string
  labelAt: { x: number; y: number; rows: 1 | 2 } | null
}

/** What is read at the lever, and where its tag stands. */
export interface PlacedTag {
  of: 'pack' | 'phase'
  x: number
  y: number
  wire: number
}

/** A diagram ready to be drawn. px. */
export interface PlacedOneLine {
  width: number
  height: number
  devices: PlacedDevice[]
  wires: PlacedWire[]
  /** where wires meet */
  nodes: Point[]
  bus: Point[]
  tags: PlacedTag[]
}

/** Words below a device; a name and two rows are usual. */
const below = (rows = 2, wide = 18): WordPlace => ({ side: 'below', wide, rows })
const right = (rows = 2, wide = 18): WordPlace => ({ side: 'right', wide, rows })

/** What is placed so far; the bus stands at x = 0. */
class Sheet {
  readonly devices: PlacedDevice[] = []
  readonly wires: PlacedWire[] = []
  readonly nodes: Point[] = []
  readonly tags: PlacedTag[] = []

  put(device: Device, x: number, y: number, words: WordPlace = below()): PlacedDevice {
    const placed = { ...device, x, y, words }
    this.devices.push(placed)
    return placed
  }
  wire(
    from: string,
    to: string,
    kind: Wire['kind'],
    points: Point[],
    label: Text | null = null,
    labelAt: PlacedWire['labelAt'] = null,
  ) {
    this.wires.push({ from, to, kind, label, points, path: '', labelAt })
  }
  /** devices along a line from left to right, each joined to the one before */
  along(chain: Chain, xs: number[], y: number, words: (d: Device) => WordPlace = () => below()): PlacedDevice[] {
    const row = chain.devices.map((d, i) => this.put(d, xs[i]!, y, words(d)))
    row.slice(1).forEach((d, i) => {
      const before = row[i]!,
        label = chain.cables[before.id] ?? null
      this.wire(
        before.id,
        d.id,
        chain.kind,
        side(before, d),
        label,
        label && { x: (before.x + d.x) / 2, y: y - 22, rows: 2 },
      )
    })
    return row
  }
}

/** Straight from the edge of one square to the edge of the next. */
function side(a: Point, b: Point): Point[] {
  const dx = Math.sign(b.x - a.x) * HALF,
    dy = Math.sign(b.y - a.y) * HALF
  return a.y === b.y
    ? [
        { x: a.x + dx, y: a.y },
        { x: b.x - dx, y: b.y },
      ]
    : [
        { x: a.x, y: a.y + dy },
        { x: b.x, y: b.y - dy },
      ]
}

/**
 * Places a one-line diagram by rule: one main line from the banks at the left over the bus to the motors at the right,
 * sources above it, the house below; squares with their words beside them.
 *
 * @param diagram what there is
 * @returns squares, paths of the wires with a hop where a line that tells passes over one that carries, words
 */
export function placeOneLine(diagram: OneLine): PlacedOneLine {
  const sheet = new Sheet()
  const busTop = placeSources(sheet, diagram)
  const { main, last } = placeBanks(sheet, diagram, busTop)
  const across = placeDrives(sheet, diagram, main)
  placeHouse(sheet, diagram, main + across, last)
  placeTelling(sheet, diagram, main)
  const bus: Point[] = [
    { x: 0, y: busTop },
    { x: 0, y: Math.max(last, main + 24) },
  ]
  const shown = sheet.put(diagram.bus, 0, (Math.max(busTop, main - 30) + bus[1]!.y) / 2, {
    side: 'left',
    wide: 1,
    rows: 0,
  })
  return normalised(sheet, shown, bus, Math.max(0, diagram.sources.length - 1) * ARRAY_ACROSS, busTop)
}

/** Chains of sources side by side, the charger's in the bus's own column; returns where they reach the bus. */
function placeSources(sheet: Sheet, { sources, shore, generator, bus }: OneLine): number {
  // nothing may charge her: the bus stands as if one device were above it
  const longest = Math.max(1, ...sources.map(s => s.devices.length)),
    high = Math.max(longest, (sources[0]?.devices.length ?? 0) + (generator ? 1.35 : 0)),
    top = (high - 1) * DOWN + HALF + 24
  for (const [k, chain] of sources.entries()) {
    const x = k * ARRAY_ACROSS
    const column = chain.devices.map((d, i) => {
      const upper = chain.devices[i - 1],
        cable = (upper && chain.cables[upper.id]) ?? null
      // the cable that leads down to it stands with its own words
      return sheet.put(
        cable ? { ...d, lines: [...d.lines.slice(0, 2), cable] } : d,
        x,
        top - HALF - 24 - (chain.devices.length - 1 - i) * DOWN,
        right(2),
      )
    })
    column
      .slice(1)
      .forEach((d, i) =>
        sheet.wire(column[i]!.id, d.id, 'dc', side(column[i]!, d), chain.cables[column[i]!.id] ?? null),
      )
    const foot = column.at(-1)!
    sheet.wire(foot.id, bus.id, 'dc', [
      { x, y: foot.y + HALF },
      { x, y: top },
    ])
  }
  const charger = sheet.devices.find(d => d.id === 'charger')
  if (shore && charger) {
    const xs = shore.devices.map((_, i) => -ACROSS * (shore.devices.length - i))
    const row = sheet.along(shore, xs, charger.y)
    sheet.wire(row.at(-1)!.id, charger.id, 'ac', side(row.at(-1)!, charger))
    if (generator) {
      const changeover = row.at(-1)!,
        placed = sheet.put(generator, changeover.x, charger.y - 1.35 * DOWN, right())
      sheet.wire(generator.id, changeover.id, 'ac', side(placed, changeover))
    }
  }
  return top
}

/** Whether there is a contactor, whose coil the stop cuts. */
const hasCoil = ({ banks, line }: Pick<OneLine, 'banks' | 'line'>): boolean =>
  [...banks.flatMap(b => b.devices), ...line.devices].some(d => d.kind === 'contactor')

/** Banks in rows at the left of the bus, strings below them; returns the heights of the main line and the last row. */
function placeBanks(
  sheet: Sheet,
  { banks, strings, stop, bus, watch, line, shore }: OneLine,
  busTop: number,
): { main: number; last: number } {
  const single = banks.length === 1,
    coil = hasCoil({ banks, line })
  const way = Math.max(...banks.map(b => b.devices.length)),
    gap = single && !banks[0]!.precharge ? BUS_GAP : BANK_GAP
  const xOf = (i: number) => -gap - ACROSS * (way - 1 - i)
  // what stands above the pack must clear the words of the shore line
  const shoreEnds = shore ? sheet.devices.find(d => d.id === shore.devices[0]!.id)!.y + BELOW + 2 * WORD_ROW + 8 : 0,
    above = 96 + (stop && coil ? 62 : 0)
  const main = Math.max(busTop + (watch || (stop && !coil) ? 124 : 84), shoreEnds + above)
  let y = main
  for (const [i, bank] of banks.entries()) {
    placeBank(
      sheet,
      bank,
      bank.devices.map((_, k) => xOf(k)),
      y,
      bus.id,
    )
    if (banks.length + strings.length === 1)
      sheet.tags.push({ of: 'pack', x: (xOf(0) + xOf(1)) / 2, y: y - 31, wire: y })
    if (i < banks.length - 1) y += BANK_DOWN
  }
  for (const [i, chain] of strings.entries()) {
    y += i === 0 && !single ? BANK_DOWN - 34 : STRING_DOWN + (i === 0 ? 16 : 0)
    const row = sheet.along(chain, [xOf(0), xOf(1)], y, d => below(d.kind === 'battery' ? 2 : 1))
    sheet.wire(row.at(-1)!.id, bus.id, 'dc', [
      { x: xOf(1) + HALF, y },
      { x: 0, y },
    ])
  }
  return { main, last: y }
}

function placeBank(sheet: Sheet, bank: Bank, xs: number[], y: number, bus: string) {
  const bridged = bank.precharge && bank.devices.at(-1)
  const row = sheet.along(bank, xs, y, d =>
    d.kind === 'contactor' || d === bridged
      ? { side: 'above', wide: 18, rows: 1 }
      : below(d.kind === 'battery' ? 3 : 2),
  )
  const last = row.at(-1)!,
    cable = bank.cables[last.id] ?? null
  sheet.wire(
    last.id,
    bus,
    'dc',
    [
      { x: last.x + HALF, y },
      { x: 0, y },
    ],
    cable,
    cable && { x: -66, y: y - 8, rows: 1 },
  )
  const guard = sheet.put(bank.guard, row[0]!.x, y - 75, right(1))
  sheet.wire(row[0]!.id, guard.id, 'signal', side(row[0]!, guard))
  if (bank.precharge) bridge(sheet, bank.precharge, last.x, y, 54, [last.x - ACROSS / 2, -20], [row.at(-2)!.id, bus])
}

/** A resistor round what stands in the line, from one node to another. */
function bridge(
  sheet: Sheet,
  precharge: Device,
  x: number,
  y: number,
  down: number,
  [from, to]: [number, number],
  [before, after]: [string, string],
) {
  sheet.put(precharge, x, y + down, { side: 'along', wide: 16, rows: 2 })
  sheet.nodes.push({ x: from, y }, { x: to, y })
  sheet.wire(before, precharge.id, 'dc', [
    { x: from, y },
    { x: from, y: y + down },
    { x: x - HALF, y: y + down },
  ])
  sheet.wire(precharge.id, after, 'dc', [
    { x: x + HALF, y: y + down },
    { x: to, y: y + down },
    { x: to, y },
  ])
}

/** From the bus to the motors; returns how far below the main line they and their words reach. */
function placeDrives(
  sheet: Sheet,
  { line, precharge, drives, bus, banks, strings, watch, stop }: OneLine,
  main: number,
): number {
  const contactor = line.devices[0]?.kind === 'contactor',
    coil = hasCoil({ banks, line }),
    /** several batteries: what all of them give is read behind the bus */
    several = banks.length + strings.length > 1
  const xs = line.devices.map((_, i) => BUS_GAP + ACROSS * i)
  const row = sheet.along({ ...line, cables: {} }, xs, main, d =>
    d.kind === 'contactor' ? { side: 'above', wide: 18, rows: 1 } : below(),
  )
  const first = row[0],
    last = row.at(-1)
  if (first)
    sheet.wire(bus.id, first.id, 'dc', [
      { x: 0, y: main },
      { x: first.x - HALF, y: main },
    ])
  const end = Math.max(
      last?.x ?? 0,
      // room for the words of a contactor at the end of the line, of its precharge, of a watch beside a stop
      last?.kind === 'contactor' ? last.x + 74 : 0,
      contactor && precharge ? BUS_GAP + ACROSS : 0,
      watch && stop && !coil ? BUS_GAP + ACROSS : 0,
    ),
    // a stop that has no coil to cut goes to each controller: its line passes between words and square
    atEach = stop && drives.length > 1 && !coil ? 64 : 0,
    x = end + atEach + (several ? TO_CONTROLLER_TAGGED : TO_CONTROLLER),
    part = x - 64
  const cable = line.cables[last?.id ?? bus.id] ?? null
  if (several) sheet.tags.push({ of: 'pack', x: end + 129, y: main - 31, wire: main })
  for (const [i, drive] of drives.entries()) {
    const y = main + i * DRIVE_DOWN
    sheet.put(drive.controller, x, y)
    const motor = sheet.put(drive.motor, x + TO_MOTOR, y)
    const start = (last?.x ?? 0) + (last ? HALF : 0)
    sheet.wire(
      last?.id ?? bus.id,
      drive.controller.id,
      'dc',
      i === 0
        ? [
            { x: start, y },
            { x: x - HALF, y },
          ]
        : [
            { x: part, y: main },
            { x: part, y },
            { x: x - HALF, y },
          ],
      cable,
      i === 0 && cable ? { x: end + 57, y: y - 22, rows: 2 } : null,
    )
    if (i > 0) sheet.nodes.push({ x: part, y: main })
    sheet.wire(drive.controller.id, motor.id, 'phase', side({ x, y }, motor), drive.phase, {
      x: x + TO_MOTOR / 2,
      y: y + 14,
      rows: 2,
    })
    sheet.tags.push({ of: 'phase', x: x + TO_MOTOR / 2, y: y - 31, wire: y })
  }
  if (precharge && contactor)
    bridge(sheet, precharge, BUS_GAP, main, 96, [BUS_GAP / 2, end + 38], [bus.id, drives[0]!.controller.id])
  return Math.max(
    precharge && contactor ? 96 + HALF + 6 : 74,
    (drives.length - 1) * DRIVE_DOWN + (drives.length > 1 ? 78 : 0),
  )
}

/** The house below at the right of the bus, what charges it below that; a small motor by itself at the left. */
function placeHouse(
  sheet: Sheet,
  { house, houseSources, small, banks, bus, strings }: OneLine,
  under: number,
  last: number,
) {
  const leftUnder = last + BELOW + 3 * WORD_ROW + (banks.length > 1 ? 20 : 8)
  if (small) {
    const y = Math.max(leftUnder + HALF + 8, house ? under + HALF + 8 : 0)
    const start = -BUS_GAP - 2 * ACROSS
    sheet.along(small, [start, start + ACROSS, start + 2 * ACROSS], y, () => below(2, 17))
  }
  if (!house) return
  const y = Math.max(under + HALF + 8, strings.length > 0 ? last + HALF : 0),
    xs = house.devices.map((_, i) => BUS_GAP + ACROSS * i + (i > 1 ? 14 : 0))
  const row = sheet.along(house, xs, y)
  sheet.wire(bus.id, row[0]!.id, 'dc', [
    { x: 0, y: last },
    { x: 0, y },
    { x: row[0]!.x - HALF, y },
  ])
  const join = (row[1]!.x + row[2]!.x) / 2
  for (const [k, chain] of houseSources.entries()) {
    const down = y + 96 * (k + 1),
      from = join + 50 + HALF,
      apart = ACROSS + 12
    const places = chain.devices.map((_, i) => from + apart * (chain.devices.length - 1 - i))
    const array = sheet.along(chain, places, down)
    const foot = array.at(-1)!
    sheet.wire(foot.id, row[2]!.id, 'dc', [
      { x: foot.x - HALF, y: down },
      { x: join, y: down },
      { x: join, y },
    ])
  }
  if (houseSources.length > 0) sheet.nodes.push({ x: join, y })
}

/** Lines that tell: from the stop over the BMS to the coils, from the BMS to the relays of charge. */
function placeTelling(sheet: Sheet, diagram: OneLine, main: number) {
  const { banks, line, strings, sources, stop, watch, drives, bus } = diagram
  const at = (id: string) => sheet.devices.find(d => d.id === id)!
  const guards = banks.map(b => at(b.guard.id)),
    first = guards[0]!
  const coils = [...banks.flatMap(b => b.devices), ...line.devices]
    .filter(d => d.kind === 'contactor')
    .map(d => at(d.id))
  coils.forEach((coil, i) => {
    const guard = guards[i]!,
      y = guard.y + 14
    sheet.wire(guard.id, coil.id, 'signal', [
      { x: guard.x + HALF, y },
      { x: coil.x, y },
      { x: coil.x, y: coil.y - HALF },
    ])
  })
  // strings beside the pack and further banks hang on one line at the far left
  const lane = first.x - 58
  for (const [i, guard] of guards.entries())
    if (i > 0)
      sheet.wire(first.id, guard.id, 'signal', [
        { x: first.x - HALF, y: first.y },
        { x: lane, y: first.y },
        { x: lane, y: guard.y },
        { x: guard.x - HALF, y: guard.y },
      ])
  for (const s of strings) {
    const battery = at(s.devices[0]!.id)
    sheet.wire(battery.id, first.id, 'signal', [
      { x: first.x - HALF, y: first.y },
      { x: lane, y: first.y },
      { x: lane, y: battery.y },
      { x: battery.x - HALF, y: battery.y },
    ])
  }
  // one relay after another, since any BMS opens all of them
  const relays = sources.flatMap(s => s.devices.filter(d => d.kind === 'relay')).map(d => at(d.id))
  relays.forEach((relay, i) => {
    relay.words = { ...relay.words, side: 'right', rows: 1 }
    if (i === 0) {
      const up = first.x + 134,
        y = first.y - 14
      sheet.wire(first.id, relay.id, 'signal', [
        { x: first.x + HALF, y },
        { x: up, y },
        { x: up, y: relay.y + 14 },
        { x: relay.x - HALF, y: relay.y + 14 },
      ])
    } else
      sheet.wire(first.id, relay.id, 'signal', [
        { x: relays[i - 1]!.x + HALF, y: relay.y + 16 },
        { x: relay.x - HALF, y: relay.y + 16 },
      ])
  })
  if (stop && coils.length > 0) {
    const placed = sheet.put(stop, first.x, first.y - 62, right())
    sheet.wire(stop.id, first.id, 'signal', side(placed, first))
  } else if (stop) {
    const controller = at(drives[0]!.controller.id)
    const placed = sheet.put(stop, controller.x, main - 84, right())
    sheet.wire(stop.id, controller.id, 'signal', side(placed, controller))
    for (const drive of drives.slice(1)) {
      const other = at(drive.controller.id),
        x = controller.x - 54
      sheet.wire(stop.id, other.id, 'signal', [
        { x: controller.x, y: main - 46 },
        { x, y: main - 46 },
        { x, y: other.y - HALF - 8 },
        { x: other.x, y: other.y - HALF - 8 },
        { x: other.x, y: other.y - HALF },
      ])
    }
  }
  if (watch) {
    const x = BUS_GAP + ACROSS + (line.devices.length === 1 && line.devices[0]!.kind === 'shunt' ? -ACROSS : 0)
    const under = line.devices.some((d, i) => d.kind === 'shunt' && BUS_GAP + ACROSS * i === x)
    sheet.put(watch, x, main - 75, right())
    sheet.wire(watch.id, bus.id, 'signal', [
      { x, y: main - 75 + HALF },
      { x, y: under ? main - HALF : main },
    ])
  }
}

/** Moves everything to a sheet that begins at 0, and draws the paths. */
function normalised(sheet: Sheet, bus: PlacedDevice, way: Point[], reach: number, busTop: number): PlacedOneLine {
  const { devices, wires, nodes, tags } = sheet
  const left = Math.min(...devices.map(d => d.x - MARGIN), ...wires.flatMap(w => w.points.map(p => p.x - 10))),
    top = Math.min(...devices.map(d => d.y)) - HALF - 14
  const move = <P extends Point>(p: P): P => ({ ...p, x: p.x - left, y: p.y - top })
  const wide = (d: PlacedDevice) =>
    ['right', 'along'].includes(d.words.side) ? HALF + 8 + 118 : d.words.side === 'above' ? 90 : MARGIN
  const deep = (d: PlacedDevice) => (d.words.side === 'below' ? BELOW + WORD_ROW * d.words.rows + 8 : HALF + 12)
  const moved = wires.map(w => ({
    ...w,
    points: w.points.map(move),
    labelAt: w.labelAt && move(w.labelAt),
  }))
  const power = moved.filter(w => w.kind !== 'signal')
  return {
    width: Math.ceil(Math.max(...devices.filter(d => d !== bus).map(d => d.x + wide(d))) - left),
    height: Math.ceil(Math.max(...devices.filter(d => d !== bus).map(d => d.y + deep(d))) - top),
    devices: devices.map(move),
    wires: moved.map(w => ({ ...w, path: wirePath(w.points, w.kind === 'signal' ? power : []) })),
    nodes: nodes.map(move),
    bus: [...(reach > 0 ? [{ x: reach, y: busTop }] : []), ...way].map(move),
    tags: tags.map(t => ({ ...move(t), wire: t.wire - top })),
  }
}
