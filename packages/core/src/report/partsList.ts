import { csvFormatRows } from 'd3-dsv'
import { REDUCTION_PRICE } from '../drive'
import { SHIPPED_LIBRARY, type Library } from '../parts'
import { chargersOf, wholeDriveOf, type Project } from '../project'
import { modelOf, smallMotorNeeds, tapRuns, wiringReport } from '../system'
import { stringVoltage } from '../solar'
import { chargeFuse, converterPower, houseFuse, panelSourceCurrent, type CableRun } from '../wiring'

/**
 * One line of the parts list: the device of the diagram that it belongs to, what, how many, for what. €; null where no
 * price is known.
 */
export interface PartsLine {
  device: string
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
 * Everything to buy for the drive as it is drawn.
 *
 * @param project the boat
 * @param library names and prices of cables and fuses; the cheapest that suits
 * @returns lines in the order of the power
 */
export function partsList(project: Project, library: Library = SHIPPED_LIBRARY): PartsLine[] {
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
      lines.push({ device, item, quantity, unit, use, price: price === null ? null : Math.round(100 * price) / 100 })
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
  for (const group of design.banks.others)
    add(
      'others1',
      group.cell.name,
      group.series * group.parallel,
      'strings beside the pack',
      group.series * group.parallel * group.cell.price,
    )
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
  if (banks > 1) add('bus', `Busbar, ${Math.ceil(1.25 * report.current)} A`, 2, 'plus and minus of the banks', null)
  if (wiring.fitted.contactor)
    add(
      'contactor',
      `Contactor, ${report.contactor.current} A, ${report.contactor.voltage} V DC`,
      banks,
      'main line',
      null,
    )
  if (wiring.fitted.precharge)
    add(
      'precharge',
      `Resistor ${report.precharge.resistance.toFixed(0)} ohm for ${Math.ceil(report.precharge.energy)} J, with relay`,
      1,
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
    add('motor', `${name}, ${Math.round(power)} W, ${Math.round(voltage)} V`, 1, 'by itself', null)
    add('motor', `Battery, ${Math.round(voltage)} V, ${Math.ceil(small.ampHours)} Ah, ${chemistry}`, 1, name, null)
    run(small.cable, 'motor', `battery to ${name}`)
  }
  const { charging } = design
  const chargers = chargersOf(design)
  add(
    'charger',
    charging.charger.name,
    chargers.pieces,
    charging.each === 'block' ? 'shore, one at each block' : 'shore',
    chargers.pieces * charging.charger.price,
  )
  add('inlet', charging.inlet === 'carType' ? 'Car-type inlet with cable' : 'Shore inlet with cable', 1, 'shore', null)
  add('inlet', 'Residual-current breaker', 1, 'shore', null)
  if (wiring.fitted.galvanicIsolator)
    add('isolator', `Galvanic isolator, ${Math.ceil(charging.shoreCurrent)} A`, 1, 'shore', null)
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
  run(taps.charge!, 'charger', 'charger to pack')
  source('charge', chargers.count * chargers.charger.current, 'charger')
  const { solar } = design
  if (solar.fitted) {
    const panels = solar.series * solar.parallel
    add('panels', solar.panel.name, panels, 'sun', panels * solar.panel.price)
    add(
      'panelSwitch',
      `Disconnect, ${Math.ceil(solar.parallel * solar.panel.shortCurrent)} A, ` +
        `${Math.ceil(stringVoltage(solar).cold)} V DC`,
      1,
      'sun',
      null,
    )
    run(taps.panels!, 'panels', 'panels to their controller')
    run(taps.sun!, 'panels', 'from there to the pack')
    if (solar.controller) add('regulator', solar.controller.name, 1, 'sun', solar.controller.price)
    source('panel', panelSourceCurrent(solar), 'sun')
    for (const array of solar.others) {
      const pieces = array.series * array.parallel,
        where = `sun, ${array.name}${array.feeds === 'house' ? ', to the house' : ''}`
      add('panels', array.panel.name, pieces, where, pieces * array.panel.price)
      if (array.controller) add('regulator', array.controller.name, 1, where, array.controller.price)
      if (array.feeds === 'drive') tapFuse('panelFuse', chargeFuse(panelSourceCurrent({ ...solar, ...array })), where)
    }
  }
  return lines
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
  return `${csvFormatRows([['item', 'quantity', 'unit', 'use', 'price_euro'], ...rows])}\n`
}
