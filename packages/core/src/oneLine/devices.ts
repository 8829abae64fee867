import type { PartName } from '../findings'
import type { Project } from '../project'
import { modelOf, wiringReport } from '../system'
import type { Text } from '../units'

/** What a device is; each has its symbol. */
export type DeviceKind = 'battery' | 'fuse' | 'switch' | 'contactor' | 'resistor' | 'stop' | 'shunt' | 'controller' | 'motor' | 'guard' | 'converter' | 'load' | 'watch' | 'charger' | 'inlet' | 'relay'

/** A device of the one-line diagram. */
export interface Device {
  id: string
  kind: DeviceKind
  label: string
  /** what is printed below it: its name and figures */
  lines: Text[]
  /** the bench that decides it */
  bench: 'pack' | 'motor' | 'wiring' | 'charging'
  part: PartName
}

/** What joins two devices: cables that carry power, and lines that only tell. */
export interface Wire { from: string, to: string, kind: 'dc' | 'phase' | 'ac' | 'signal', label: Text | null }

/** A one-line diagram before it is placed. */
export interface OneLine { devices: Device[], wires: Wire[] }

const volts = (value: number): Text => ({ text: '{v}', params: { v: { value, quantity: 'voltage' } } })
const amps = (value: number, words = ''): Text => ({ text: `{a}${words}`, params: { a: { value, quantity: 'current' } } })
const words = (text: string): Text => ({ text })

/**
 * The one-line diagram of a boat's drive, from its document: every device and cable.
 *
 * @param project the boat
 * @returns devices and wires; what the owner left out is not drawn
 */
export function oneLine(project: Project): OneLine {
  const { design, use } = project
  const { wiring, pack, motor, controller } = design
  const { fitted } = wiring
  const model = modelOf(project), report = wiringReport(model)
  const devices: Device[] = [], wires: Wire[] = []
  const add = (id: string, kind: DeviceKind, label: string, lines: Text[], bench: Device['bench'] = 'wiring', part: PartName = 'pack') => { devices.push({ id, kind, label, lines, bench, part }) }
  const join = (from: string, to: string, kind: Wire['kind'] = 'dc', label: Text | null = null) => { wires.push({ from, to, kind, label }) }
  const cable = (run: typeof report.main): Text => ({
    text: run.parallel > 1 ? '{n} × {s}, {l}' : '{s}, {l}',
    params: { n: String(run.parallel), s: { value: run.area * 1e-6, quantity: 'copperArea' }, l: { value: run.length, quantity: 'length' } },
  })

  add('pack', 'battery', 'Pack', [{ text: '{s} in series, {p} in parallel', params: { s: String(pack.series), p: String(pack.parallel) } }, words(pack.cell.name), { text: '{v}, {c}', params: { v: { value: model.pack.nominalVoltage, quantity: 'voltage' }, c: { value: model.pack.capacityAh, quantity: 'charge' } } }], 'pack')
  add('guard', 'guard', 'Battery guard', [amps(report.bmsCurrent, ' all day'), words('watches every cell')], 'pack')
  join('pack', 'guard', 'signal')
  // the main line, from the pack's plus to the controller; what is left out is bridged
  const line = ['pack']
  const inLine = (id: string, kind: DeviceKind, label: string, lines: Text[], part: PartName = 'pack') => { add(id, kind, label, lines, 'wiring', part); line.push(id) }
  inLine('fuse', 'fuse', 'Main fuse', report.fuse ? [{ text: '{a}, {v}', params: { a: { value: report.fuse.rating, quantity: 'current' }, v: { value: report.fuse.voltage, quantity: 'voltage' } } }, amps(report.fuse.interrupt, ' interrupts')] : [words('none suits')])
  if (fitted.disconnect) inLine('disconnect', 'switch', 'Main disconnect', [amps(report.contactor.wantsCurrent, ' all day'), volts(model.pack.fullVoltage)])
  if (fitted.contactor) inLine('contactor', 'contactor', 'Contactor', [{ text: '{a}, {v} DC', params: { a: { value: report.contactor.current, quantity: 'current' }, v: { value: report.contactor.voltage, quantity: 'voltage' } } }])
  if (fitted.shunt) inLine('shunt', 'shunt', 'Shunt', [words('in the minus, counts energy')])
  add('controller', 'controller', 'Controller', [words(controller.name), { text: '{a} to {b}', params: { a: { value: controller.leastVoltage, quantity: 'voltage' }, b: { value: controller.greatestVoltage, quantity: 'voltage' } } }], 'motor', 'controller')
  line.push('controller')
  line.slice(1).forEach((id, i) => join(line[i]!, id, 'dc', i === line.length - 2 ? cable(report.main) : null))
  add('motor', 'motor', 'Motor', [words(motor.name)], 'motor', 'motor')
  join('controller', 'motor', 'phase', { text: '3 × {s}, {l}', params: { s: { value: report.motor.area * 1e-6, quantity: 'copperArea' }, l: { value: report.motor.length, quantity: 'length' } } })

  if (fitted.precharge) {
    const before = line[line.indexOf(fitted.contactor ? 'contactor' : 'shunt') - 1] ?? 'fuse'
    add('precharge', 'resistor', 'Precharge', [{ text: '{r}, {t}', params: { r: { value: report.precharge.resistance, quantity: 'bigResistance' }, t: { value: report.precharge.time, quantity: 'seconds' } } }, { text: '{a} at first', params: { a: { value: report.precharge.peak, quantity: 'current' } } }], 'wiring', 'controller')
    join(before, 'precharge')
    join('precharge', 'controller')
  }
  if (fitted.emergencyStop) {
    add('stop', 'stop', 'Emergency stop', [words('at the helm, opens the coil')])
    join('stop', fitted.contactor ? 'contactor' : 'controller', 'signal')
  }
  if (fitted.contactor) join('guard', 'contactor', 'signal')
  if (fitted.insulationWatch && report.aboveTouch) {
    add('watch', 'watch', 'Insulation watch', [words('plus and minus against the hull')])
    join('fuse', 'watch', 'signal')
  }
  // charging: shore, charger, a relay that the guard opens, a fuse at the pack's side
  const { charging } = design
  add('inlet', 'inlet', 'Shore inlet', [{ text: '{v}, {a}', params: { v: { value: charging.shoreVoltage, quantity: 'voltage' }, a: { value: charging.shoreCurrent, quantity: 'current' } } }, words('residual-current breaker')], 'charging')
  add('charger', 'charger', charging.count > 1 ? `${charging.count} chargers` : 'Charger', [words(charging.charger.name), amps(charging.count * charging.charger.current, ' at most')], 'charging')
  add('chargeFuse', 'fuse', 'Fuse', [amps(chargeFuse(charging.count * charging.charger.current))])
  join('inlet', 'charger', 'ac')
  if (fitted.chargeRelays) {
    add('chargeRelay', 'relay', 'Charge relay', [words('the guard opens it')])
    join('charger', 'chargeRelay')
    join('chargeRelay', 'chargeFuse')
    join('guard', 'chargeRelay', 'signal')
  }
  else join('charger', 'chargeFuse')
  join('chargeFuse', fitted.disconnect ? 'disconnect' : 'fuse')
  // the house: from behind the main fuse, with a fuse of its own
  const tap = fitted.disconnect ? 'disconnect' : 'fuse'
  add('houseFuse', 'fuse', 'Fuse', [amps(houseFuse(use.houseLoad, model.pack.nominalVoltage))])
  add('converter', 'converter', 'DC-DC', [{ text: '{v} to 12 V, {p}', params: { v: { value: model.pack.nominalVoltage, quantity: 'voltage' }, p: { value: converterPower(use.houseLoad), quantity: 'smallPower' } } }])
  join(tap, 'houseFuse')
  join('houseFuse', 'converter')
  if (fitted.separateHouse) {
    add('house', 'battery', 'House battery', [words('12 V, keeps lights, pump and radio')])
    join('converter', 'house')
  }
  add('loads', 'load', 'House', [{ text: '{p} on average', params: { p: { value: use.houseLoad, quantity: 'smallPower' } } }])
  join(fitted.separateHouse ? 'house' : 'converter', 'loads')
  return { devices, wires }
}

/** Fuse of the chargers on the pack's side: the next stock size above 1.25 × their amps. */
export const chargeFuse = (current: number): number => [15, 20, 25, 30, 60, 75, 100, 125, 150, 200, 250, 300, 400].find(a => a >= 1.25 * current) ?? 500
/** Size of the converter: three times the average load, in steps of 60 W (common practice). */
export const converterPower = (houseLoad: number): number => Math.max(120, Math.ceil(3 * houseLoad / 60) * 60)
/** Its fuse on the pack's side: the next stock size above 1.25 × its greatest current. */
export const houseFuse = (houseLoad: number, voltage: number): number => [2, 5, 10, 15, 20, 25, 30, 60].find(a => a >= 1.25 * converterPower(houseLoad) / 0.9 / (0.85 * voltage)) ?? 100
