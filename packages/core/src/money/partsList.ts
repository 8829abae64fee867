import { REDUCTION_PRICE } from '../drive'
import { SHIPPED_LIBRARY, type Library } from '../parts'
import { chargersOf, mainsAboard, wholeDriveOf, type Project } from '../project'
import { panelId } from '../oneLine'
import { arrayRuns, HEATER_PRICE, modelOf, smallMotorNeeds, tapRuns, wiringReport } from '../system'
import { stringVoltage } from '../solar'
import { chargeFuse, converterPower, houseFuse, panelSourceCurrent, type CableRun } from '../wiring'
import { writeTable } from '../tables'

/** What is ordered together, in the order in which one would order. */
export const PARTS_GROUPS = [
  'Battery and BMS',
  'Motor and drive',
  'Fuses and switches',
  'Cables and lugs',
  'Charging',
  'Panels',
  'House',
  'Small motor',
] as const

/**
 * One line of the parts list: the device of the diagram that it belongs to, what, how many, for what. €; null where no
 * price is known.
 */
export interface PartsLine {
  device: string
  /** further devices that it is bought for */
  also: string[]
  group: (typeof PARTS_GROUPS)[number]
  item: string
  quantity: number
  unit: 'piece' | 'm'
  use: string
  price: number | null
}

/** Spare length for lugs and bends, as a share of a run (common practice). */
const SPARE = 0.1
/** Lugs at each conductor. */
const LUGS = 2

const cheapest = <P>(parts: readonly P[], price: (part: P) => number): P | undefined =>
  [...parts].sort((a, b) => price(a) - price(b))[0]

/**
 * Everything to buy for the drive as it is drawn, as one orders it.
 *
 * @param project the boat
 * @param library names and prices of cables and fuses; the cheapest that suits
 * @returns lines by what is ordered together; what is the same is one line
 */
export const partsList = (project: Project, library: Library = SHIPPED_LIBRARY): PartsLine[] =>
  ordered(partsByDevice(project, library))

/**
 * The same device by device.
 *
 * @param project the boat
 * @param library names and prices of cables and fuses; the cheapest that suits
 * @returns lines in the order of the power
 */
export function partsByDevice(project: Project, library: Library = SHIPPED_LIBRARY): PartsLine[] {
  const { boat, design, use } = project
  const { wiring } = design
  const model = modelOf(project),
    report = wiringReport(model)
  const lines: PartsLine[] = []
  const add = (
    device: string,
    item: string,
    quantity: number,
    use: string,
    price: number | null,
    unit: PartsLine['unit'] = 'piece',
  ) => {
    if (quantity > 0)
      lines.push({
        device,
        also: [],
        group: groupOf(device, item, unit),
        item,
        quantity,
        unit,
        use,
        price: price === null ? null : Math.round(100 * price) / 100,
      })
  }
  const run = (r: CableRun, device: string, where: string) => {
    const metres = Math.ceil(10 * r.conductors * r.parallel * r.length * (1 + SPARE)) / 10
    const stock = cheapest(
      library.cables.filter(
        c => c.area === r.area && c.insulation === r.place.insulation && c.voltage >= model.pack.fullVoltage,
      ),
      c => c.pricePerMetre,
    )
    add(
      device,
      stock?.name ?? `Cable ${r.area} mm², ${r.place.insulation} °C`,
      metres,
      where,
      stock ? metres * stock.pricePerMetre : null,
      'm',
    )
    add(device, `Lug for ${r.area} mm²`, LUGS * r.conductors * r.parallel, where, null)
  }
  const { banks } = report
  add(
    'pack',
    design.pack.cell.name,
    design.pack.series * design.pack.parallel,
    'pack',
    design.pack.series * design.pack.parallel * design.pack.cell.price,
  )
  if (!design.pack.cell.complete) {
    add('guard', `BMS, ${model.pack.cellsInSeries} cells, ${Math.round(report.bmsCurrent)} A`, banks, 'pack', null)
    add('pack', 'Link between cells', (design.pack.series - 1) * design.pack.parallel, 'pack', null)
  }
  for (const [i, group] of design.banks.others.entries()) {
    add(
      `others${i + 1}`,
      group.cell.name,
      group.series * group.parallel,
      'strings beside the pack',
      group.series * group.parallel * group.cell.price,
    )
    add(
      `others${i + 1}Fuse`,
      `Fuse ${chargeFuse(group.parallel * group.cell.current)} A`,
      1,
      'strings beside the pack',
      null,
    )
  }
  if (report.fuse)
    add(
      'fuse',
      report.fuse.name,
      banks,
      banks > 1 ? 'main fuse, at each bank' : 'main fuse, at the pack',
      banks * report.fuse.price,
    )
  if (wiring.fitted.disconnect)
    add(
      'disconnect',
      `Disconnect, ${Math.ceil(report.contactor.wantsCurrent)} A, ${Math.ceil(model.pack.fullVoltage)} V DC`,
      banks,
      'main line',
      null,
    )
  add(
    'bus',
    `Busbar, ${Math.ceil(1.25 * report.current)} A`,
    2,
    banks > 1 ? 'plus and minus of the banks' : 'plus and minus',
    null,
  )
  if (wiring.fitted.contactor)
    add(
      'contactor',
      `Contactor, ${report.contactor.current} A, ${report.contactor.voltage} V DC`,
      banks,
      'main line',
      null,
    )
  // every bank that may come in alone fills the capacitors first
  if (wiring.fitted.precharge && (wiring.fitted.contactor || wiring.fitted.disconnect))
    add(
      'precharge',
      `Resistor ${report.precharge.resistance.toFixed(0)} ohm for ${Math.ceil(report.precharge.energy)} J, with relay`,
      banks,
      'precharge',
      null,
    )
  if (wiring.fitted.emergencyStop) add('stop', 'Emergency stop button, latching', 1, 'helm', null)
  if (wiring.fitted.shunt)
    add('shunt', `Shunt with display, ${Math.ceil(report.current / 50) * 50} A`, 1, 'minus line', null)
  if (wiring.fitted.insulationWatch && report.aboveTouch)
    add('watch', `Insulation watch, ${Math.ceil(model.pack.fullVoltage)} V DC`, 1, 'traction', null)
  if (banks > 1)
    run({ ...report.bank.lead, conductors: banks * report.bank.lead.conductors }, 'bus', 'banks to their busbar')
  run(report.main, 'controller', banks > 1 ? 'busbar to controller' : 'pack to controller')
  const { drives } = model,
    each = drives > 1 ? 'of each drive' : 'drive'
  const whole = wholeDriveOf(design)
  if (!whole) add('controller', design.controller.name, drives, each, drives * design.controller.price)
  if (!whole) run({ ...report.motor, conductors: drives * report.motor.conductors }, 'motor', 'controller to motor')
  add('motor', (whole ?? design.motor).name, drives, each, drives * design.motor.price)
  if (design.reduction.kind !== 'direct')
    add(
      'motor',
      `${design.reduction.kind === 'belt' ? 'Toothed belt drive' : 'Gearbox'} ${design.reduction.ratio} : 1`,
      drives,
      each,
      drives * REDUCTION_PRICE[design.reduction.kind],
    )
  if (boat.drive.kind === 'jet') add('motor', design.jet.name, drives, each, drives * design.jet.price)
  else if (!whole || whole.diameter !== design.propeller.diameter || whole.pitch !== design.propeller.pitch)
    add(
      'motor',
      `Propeller ${Math.round(1000 * design.propeller.diameter)} × ` +
        `${Math.round(1000 * design.propeller.pitch)} mm, ${design.propeller.blades} blades, ` +
        (drives > 1 ? 'one right-hand, one left-hand' : `${design.propeller.hand}-hand`),
      drives,
      each,
      null,
    )
  /** a fuse of its own for a tap of the pack: it must clear the full volts and break the same short */
  const tapFuse = (device: string, amps: number, where: string) => {
    const stock = cheapest(
      library.fuses.filter(
        f => f.rating === amps && f.voltage >= model.pack.fullVoltage && f.interrupt >= report.joinedShort,
      ),
      f => f.price,
    )
    add(
      device,
      stock?.name ??
        `Fuse ${amps} A, ${Math.ceil(model.pack.fullVoltage)} V DC, interrupts ` +
          `${Math.ceil(report.joinedShort / 1000)} kA`,
      1,
      where,
      stock?.price ?? null,
    )
  }
  const taps = tapRuns(project)
  if (use.houseLoad > 0) {
    tapFuse('houseFuse', houseFuse(use.houseLoad, model.pack.nominalVoltage), 'DC-DC converter')
    run(taps.house!, 'converter', 'pack to DC-DC')
    add(
      'converter',
      `DC-DC converter to 12 V, ${wiring.dcdcPower ?? converterPower(use.houseLoad)} W`,
      1,
      'house',
      null,
    )
    if (wiring.fitted.separateHouse) add('house', 'House battery, 12 V', 1, 'house', null)
  }
  const small = smallMotorNeeds(project)
  if (small) {
    const { name, voltage, chemistry, power } = design.smallMotor
    add('smallMotor', `${name}, ${Math.round(power)} W, ${Math.round(voltage)} V`, 1, 'by itself', null)
    add('smallFuse', `Fuse ${chargeFuse(power / voltage)} A`, 1, name, null)
    add(
      'smallBattery',
      `Battery, ${Math.round(voltage)} V, ${Math.ceil(small.ampHours)} Ah, ${chemistry}`,
      1,
      name,
      null,
    )
    run(small.cable, 'smallMotor', `battery to ${name}`)
  }
  const { charging } = design
  const chargers = chargersOf(design)
  const mains = charging.supply !== 'none'
  if (mains) {
    add(
      'charger',
      charging.charger.name,
      chargers.pieces,
      charging.each === 'block' ? 'shore, one at each block' : 'shore',
      chargers.pieces * charging.charger.price,
    )
  }
  if (mainsAboard(charging)) {
    add(
      'inlet',
      charging.inlet === 'carType' ? 'Car-type inlet with cable' : 'Shore inlet with cable',
      1,
      'shore',
      null,
    )
    add('inlet', 'Residual-current breaker', 1, 'shore', null)
    if (wiring.fitted.galvanicIsolator)
      add('isolator', `Galvanic isolator, ${Math.ceil(charging.shoreCurrent)} A`, 1, 'shore', null)
  }
  if (charging.supply === 'generator') {
    add('generator', `Generator, ${(charging.generatorPower / 1000).toFixed(1)} kW`, 1, 'charging', null)
    add('changeover', `Changeover switch, ${Math.ceil(charging.shoreCurrent)} A`, 1, 'shore or generator', null)
  }
  /** a source's fuse and the relay that stops it */
  const source = (name: string, current: number, where: string) => {
    tapFuse(`${name}Fuse`, chargeFuse(current), where)
    if (wiring.fitted.chargeRelays)
      add(`${name}Relay`, `Relay, ${chargeFuse(current)} A, ${Math.ceil(model.pack.fullVoltage)} V DC`, 1, where, null)
  }
  if (mains) {
    run(taps.charge!, 'charger', 'charger to pack')
    source('charge', chargers.count * chargers.charger.current, 'charger')
  }
  if (charging.heater > 0)
    add(
      'pack',
      `Pack heater, ${Math.round(charging.heater)} W, with thermostat`,
      1,
      'pack',
      HEATER_PRICE.least + HEATER_PRICE.watt * charging.heater,
    )
  const { solar } = design
  if (solar.fitted) {
    const runs = arrayRuns(project)
    for (const [k, each] of [{ name: '', feeds: 'drive' as const, ...solar }, ...solar.others].entries()) {
      const array = { ...solar, ...each },
        of = (id: string) => panelId(id, k),
        pieces = array.series * array.parallel,
        where = k === 0 ? 'sun' : `sun, ${each.name}${each.feeds === 'house' ? ', to the house' : ''}`
      add(of('panels'), array.panel.name, pieces, where, pieces * array.panel.price)
      add(
        of('panelSwitch'),
        `Disconnect, ${Math.ceil(array.parallel * array.panel.shortCurrent)} A, ` +
          `${Math.ceil(stringVoltage(array).cold)} V DC`,
        1,
        where,
        null,
      )
      if (array.controller) add(of('regulator'), array.controller.name, 1, where, array.controller.price)
      if (each.feeds === 'house') continue
      const { panels, sun } = runs.shift()!
      run(panels, of('panels'), 'panels to their controller')
      run(sun, of('panels'), 'from there to the pack')
      source(of('panel'), panelSourceCurrent(array), where)
    }
  }
  return lines
}

/** Devices by what is ordered together, where their own name does not say it. */
const GROUP_OF: Record<string, PartsLine['group']> = {
  pack: 'Battery and BMS',
  guard: 'Battery and BMS',
  others1: 'Battery and BMS',
  controller: 'Motor and drive',
  motor: 'Motor and drive',
  charger: 'Charging',
  inlet: 'Charging',
  isolator: 'Charging',
  generator: 'Charging',
  changeover: 'Charging',
  panels: 'Panels',
  panelSwitch: 'Panels',
  regulator: 'Panels',
  converter: 'House',
  house: 'House',
  smallBattery: 'Small motor',
  smallMotor: 'Small motor',
}

function groupOf(device: string, item: string, unit: PartsLine['unit']): PartsLine['group'] {
  if (unit === 'm' || item.startsWith('Lug ')) return 'Cables and lugs'
  return GROUP_OF[device.replace(/\d+$/, '')] ?? GROUP_OF[device] ?? 'Fuses and switches'
}

/** By group, the same things together in one line, lugs behind their cables. */
function ordered(lines: PartsLine[]): PartsLine[] {
  const merged = new Map<string, PartsLine>()
  for (const line of lines) {
    const key = `${line.group} ${line.item} ${line.unit}`,
      same = merged.get(key)
    if (!same) merged.set(key, line)
    else
      merged.set(key, {
        ...same,
        also: [...same.also, line.device],
        quantity: Math.round(10 * (same.quantity + line.quantity)) / 10,
        use: same.use === line.use ? same.use : `${same.use}; ${line.use}`,
        price: same.price === null || line.price === null ? null : Math.round(100 * (same.price + line.price)) / 100,
      })
  }
  const place = (l: PartsLine) => 2 * PARTS_GROUPS.indexOf(l.group) + Number(l.item.startsWith('Lug '))
  return [...merged.values()].sort((a, b) => place(a) - place(b))
}

/**
 * The parts list as CSV.
 *
 * @param project the boat
 * @param library names and prices of cables and fuses
 * @returns CSV with a heading; a price that is not known stays empty
 */
export function partsListCsv(project: Project, library: Library = SHIPPED_LIBRARY): string {
  const rows = partsList(project, library).map(l => [
    l.item,
    String(l.quantity),
    l.unit,
    l.use,
    l.price?.toFixed(2) ?? '',
  ])
  return writeTable([['item', 'quantity', 'unit', 'use', 'price_euro'], ...rows])
}
