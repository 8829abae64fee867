import { mainsAboard, type Project } from '../project'
import { modelOf, wiringReport } from '../system'
import { bankChains, prechargeDevice, stringChains } from './bankChains'
import { device, words, type Chain, type OneLine, type Wire } from './device'
import { driveChains, lineChain } from './driveChains'
import { generatorDevice, houseChain, houseSourceChains, shoreChain, smallChain, sourceChains } from './sourceChains'

/** What stands at the common bus, by how the banks work. */
const BUS_WORDS = {
  common: 'each bank drives alone',
  'one at a time': 'one bank at a time',
  isolated: 'each charged for itself',
} as const

/**
 * The one-line diagram of a boat's drive, from its document: every device and cable.
 *
 * @param project the boat
 * @returns what there is, by what it is for, and as lists of devices and wires; what the owner left out is not there
 * @example oneLine(DEMO.tirrick).banks.length // 1
 */
export function oneLine(project: Project): OneLine {
  const { fitted } = project.design.wiring,
    report = wiringReport(modelOf(project)),
    banks = bankChains(project),
    single = banks.length === 1,
    precharge = single && fitted.precharge && fitted.contactor ? prechargeDevice(project) : null
  const parts: Omit<OneLine, 'devices' | 'wires'> = {
    banks,
    strings: stringChains(project),
    bus: device('bus', 'bus', single ? 'Busbar' : 'Common bus', [
      words(single ? 'plus and minus' : BUS_WORDS[project.design.banks.together]),
    ]),
    line: lineChain(project),
    precharge,
    drives: driveChains(project),
    stop: fitted.emergencyStop
      ? device('stop', 'stop', 'Emergency stop', [words('at the helm,'), words('cuts the coil feed')])
      : null,
    watch:
      fitted.insulationWatch && report.aboveTouch
        ? device('watch', 'watch', 'Insulation watch', [words('plus and minus'), words('against the hull')])
        : null,
    shore: mainsAboard(project.design.charging) ? shoreChain(project) : null,
    generator: generatorDevice(project),
    sources: sourceChains(project),
    house: houseChain(project),
    houseSources: houseSourceChains(project),
    small: smallChain(project),
  }
  return { ...parts, devices: devicesOf(parts), wires: wiresOf(parts) }
}

function devicesOf(parts: Omit<OneLine, 'devices' | 'wires'>): OneLine['devices'] {
  const chains = [
    ...parts.banks,
    ...parts.strings,
    parts.line,
    parts.shore,
    ...parts.sources,
    parts.house,
    ...parts.houseSources,
    parts.small,
  ]
  return [
    ...chains.flatMap(c => c?.devices ?? []),
    parts.bus,
    ...parts.drives.flatMap(d => [d.controller, d.motor]),
    ...parts.banks.flatMap(b => [b.guard, b.precharge]),
    parts.precharge,
    parts.stop,
    parts.watch,
    parts.generator,
  ].filter(d => d !== null)
}

/** Every wire once: power along the chains, then the lines that tell. */
function wiresOf(parts: Omit<OneLine, 'devices' | 'wires'>): Wire[] {
  const wires: Wire[] = []
  const join = (from: string, to: string, kind: Wire['kind'] = 'dc', label: Wire['label'] = null) =>
    wires.push({ from, to, kind, label })
  const along = (c: Chain, to: string | null) =>
    c.devices.forEach((d, i) => {
      const next = c.devices[i + 1]?.id ?? to
      if (next) join(d.id, next, c.kind, c.cables[d.id] ?? null)
    })
  const bus = parts.bus.id,
    { line, drives, banks } = parts,
    lastOfLine = line.devices.at(-1)?.id ?? bus
  banks.forEach(bank => along(bank, bus))
  parts.strings.forEach(s => along(s, bus))
  if (line.devices.length > 0) {
    join(bus, line.devices[0]!.id)
    along({ ...line, cables: {} }, null)
  }
  for (const { controller, motor, phase } of drives) {
    join(lastOfLine, controller.id, 'dc', line.cables[lastOfLine] ?? null)
    join(controller.id, motor.id, 'phase', phase)
  }
  for (const bank of banks)
    if (bank.precharge) {
      join(bank.devices.at(-2)!.id, bank.precharge.id)
      join(bank.precharge.id, bus)
    }
  if (parts.precharge) {
    join(bus, parts.precharge.id)
    join(parts.precharge.id, drives[0]!.controller.id)
  }
  if (parts.shore) along(parts.shore, 'charger')
  if (parts.generator) join(parts.generator.id, 'changeover', 'ac')
  parts.sources.forEach(s => along(s, bus))
  if (parts.house) {
    join(bus, parts.house.devices[0]!.id)
    along(parts.house, null)
    const fed = parts.house.devices.find(d => d.id === 'house')?.id ?? 'loads'
    parts.houseSources.forEach(s => along(s, fed))
  }
  if (parts.small) along(parts.small, null)
  tellingWires(parts, join)
  return wires
}

/** BMS to what it watches and opens; the stop in series with the feed of the coils. */
function tellingWires(
  { banks, line, strings, sources, stop, watch, drives, bus }: Omit<OneLine, 'devices' | 'wires'>,
  join: (from: string, to: string, kind: 'signal') => void,
) {
  const contactors = [...banks.flatMap(b => b.devices), ...line.devices].filter(d => d.kind === 'contactor')
  for (const [i, { devices, guard }] of banks.entries()) {
    join(devices[0]!.id, guard.id, 'signal')
    const coil = contactors[i]
    if (coil) join(guard.id, coil.id, 'signal')
    if (stop && coil) join(stop.id, guard.id, 'signal')
  }
  if (stop && contactors.length === 0) for (const d of drives) join(stop.id, d.controller.id, 'signal')
  for (const s of strings) join(s.devices[0]!.id, banks[0]!.guard.id, 'signal')
  for (const relay of sources.flatMap(s => s.devices).filter(d => d.kind === 'relay'))
    for (const { guard } of banks) join(guard.id, relay.id, 'signal')
  if (watch) join(watch.id, bus.id, 'signal')
}
