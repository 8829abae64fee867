import { chargersOf, type PartName, type Project } from '../project'
import { stringVoltage } from '../solar'
import { modelOf, tapRuns, wiringReport } from '../system'
import {
  type Text,
  ampHours,
  fewSeconds,
  metres,
  ohms,
  smallWatts,
  squareMillimetres,
  watts,
  amps,
  volts,
} from '../units'
import { chargeFuse, converterPower, houseFuse, panelSourceCurrent } from '../wiring'

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
  /** what is printed below it: its name and figures */
  lines: Text[]
  /** the bench that decides it */
  bench: 'pack' | 'motor' | 'wiring' | 'charging' | 'solar'
  part: PartName
}

/** What joins two devices: cables that carry power, and lines that only tell. */
export interface Wire {
  from: string
  to: string
  kind: 'dc' | 'phase' | 'ac' | 'signal'
  label: Text | null
}

/** A one-line diagram before it is placed. */
export interface OneLine {
  devices: Device[]
  wires: Wire[]
}

const ofVolts = (value: number): Text => ({ text: '{v}', params: { v: volts(value) } })
const ofAmps = (value: number, words = ''): Text => ({
  text: `{a}${words}`,
  params: { a: amps(value) },
})
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
  const model = modelOf(project),
    report = wiringReport(model),
    /** two drives are drawn as one, and counted */
    times = model.drives > 1 ? `${model.drives} × ` : ''
  const devices: Device[] = [],
    wires: Wire[] = []
  const add = (
    id: string,
    kind: DeviceKind,
    label: string,
    lines: Text[],
    bench: Device['bench'] = 'wiring',
    part: PartName = 'pack',
  ) => {
    devices.push({ id, kind, label, lines, bench, part })
  }
  const join = (from: string, to: string, kind: Wire['kind'] = 'dc', label: Text | null = null) => {
    wires.push({ from, to, kind, label })
  }
  const cable = (run: typeof report.main): Text => ({
    text: run.parallel > 1 ? '{n} × {s}, {l}' : '{s}, {l}',
    params: {
      n: String(run.parallel),
      s: squareMillimetres(run.area),
      l: metres(run.length),
    },
  })

  // each bank from its plus to the common bus, or one pack straight to the controller; what is left out is bridged
  const banks = Math.min(design.banks.count, pack.parallel),
    single = banks === 1
  const contactors: string[] = [],
    guards: string[] = [],
    line: string[] = []
  for (let bank = 0; bank < banks; bank++) {
    const of = (id: string) => (bank === 0 ? id : `${id}${bank + 1}`),
      named = (label: string) => (single ? label : `${label} ${bank + 1}`)
    const strings = Math.floor(pack.parallel / banks) + (bank < pack.parallel % banks ? 1 : 0),
      way = [of('pack')]
    add(
      of('pack'),
      'battery',
      single ? 'Pack' : `Bank ${bank + 1}`,
      [
        {
          text: strings === 1 ? '{s} in series' : '{p} × {s} in series',
          params: { s: String(pack.series), p: String(strings) },
        },
        words(pack.cell.name),
        {
          text: '{v}, {c}',
          params: {
            v: volts(model.pack.nominalVoltage),
            c: ampHours(strings * pack.cell.capacityAh * design.banks.health),
          },
        },
      ],
      'pack',
    )
    add(
      of('guard'),
      'guard',
      named('BMS'),
      [ofAmps(report.bmsCurrent, ' all day'), words('watches every cell')],
      'pack',
    )
    join(of('pack'), of('guard'), 'signal')
    const inWay = (id: string, kind: DeviceKind, label: string, lines: Text[]) => {
      add(of(id), kind, named(label), lines)
      way.push(of(id))
    }
    inWay(
      'fuse',
      'fuse',
      'Main fuse',
      report.fuse
        ? [
            {
              text: '{a}, {v}',
              params: {
                a: amps(report.fuse.rating),
                v: volts(report.fuse.voltage),
              },
            },
            ofAmps(report.fuse.interrupt, ' interrupts'),
          ]
        : [words('none suits')],
    )
    if (fitted.disconnect)
      inWay('disconnect', 'switch', single ? 'Main disconnect' : 'Disconnect', [
        ofAmps(report.contactor.wantsCurrent, ' all day'),
        ofVolts(model.pack.fullVoltage),
      ])
    if (fitted.contactor) {
      inWay('contactor', 'contactor', 'Contactor', [
        {
          text: '{a}, {v} DC',
          params: {
            a: amps(report.contactor.current),
            v: volts(report.contactor.voltage),
          },
        },
      ])
      contactors.push(of('contactor'))
      join(of('guard'), of('contactor'), 'signal')
    }
    guards.push(of('guard'))
    if (single) line.push(...way)
    else way.slice(1).forEach((id, i) => join(way[i]!, id))
    if (!single) join(way[way.length - 1]!, 'bus', 'dc', cable(report.bank.lead))
  }
  if (!single) {
    add('bus', 'bus', 'Common bus', [words(banks === 2 ? 'either bank drives alone' : 'each bank drives alone')])
    line.push('bus')
  }
  if (fitted.shunt) {
    add('shunt', 'shunt', 'Shunt', [words('in the minus, counts energy')])
    line.push('shunt')
  }
  add(
    'controller',
    'controller',
    'Controller',
    [
      words(`${times}${controller.name}`),
      {
        text: '{a} to {b}',
        params: {
          a: volts(controller.leastVoltage),
          b: volts(controller.greatestVoltage),
        },
      },
    ],
    'motor',
    'controller',
  )
  line.push('controller')
  line.slice(1).forEach((id, i) => join(line[i]!, id, 'dc', i === line.length - 2 ? cable(report.main) : null))
  add('motor', 'motor', 'Motor', [words(`${times}${motor.name}`)], 'motor', 'motor')
  join('controller', 'motor', 'phase', {
    text: '3 × {s}, {l}',
    params: {
      s: squareMillimetres(report.motor.area),
      l: metres(report.motor.length),
    },
  })

  if (fitted.precharge) {
    // round the contactor that closes last
    const before = fitted.contactor && fitted.disconnect ? 'disconnect' : 'fuse'
    add(
      'precharge',
      'resistor',
      'Precharge',
      [
        {
          text: '{r}, {t}',
          params: {
            r: ohms(report.precharge.resistance),
            t: fewSeconds(report.precharge.time),
          },
        },
        { text: '{a} at first', params: { a: amps(report.precharge.peak) } },
      ],
      'wiring',
      'controller',
    )
    join(before, 'precharge')
    join('precharge', 'controller')
  }
  if (fitted.emergencyStop) {
    add('stop', 'stop', 'Emergency stop', [words('at the helm, opens the coil')])
    for (const id of contactors.length > 0 ? contactors : ['controller']) join('stop', id, 'signal')
  }
  if (fitted.insulationWatch && report.aboveTouch) {
    add('watch', 'watch', 'Insulation watch', [words('plus and minus against the hull')])
    join('fuse', 'watch', 'signal')
  }
  design.banks.others.forEach((group, i) => {
    const id = `others${i + 1}`
    add(
      id,
      'battery',
      'Strings beside it',
      [
        {
          text: group.parallel === 1 ? '{s} in series' : '{p} × {s} in series',
          params: { s: String(group.series), p: String(group.parallel) },
        },
        words(group.cell.name),
      ],
      'pack',
    )
    add(`${id}Fuse`, 'fuse', 'Fuse', [ofAmps(chargeFuse(group.parallel * group.cell.current))], 'pack')
    join(id, `${id}Fuse`)
    join(`${id}Fuse`, fitted.disconnect ? 'disconnect' : 'fuse')
    join(id, 'guard', 'signal')
  })
  // charging: what feeds it, charger, a relay that the BMS opens, a fuse at the pack's side
  const { charging, solar } = design,
    tap = single ? (fitted.disconnect ? 'disconnect' : 'fuse') : 'bus'
  /** a source through a relay and a fuse of its own to the pack */
  const taps = tapRuns(project)
  const tapCable = (name: keyof typeof taps): Text | null => (taps[name] ? cable(taps[name]) : null)
  const source = (from: string, name: 'charge' | 'panel', current: number, bench: Device['bench']) => {
    const size = tapCable(name === 'charge' ? 'charge' : 'sun')
    add(`${name}Fuse`, 'fuse', 'Fuse', [ofAmps(chargeFuse(current))], bench)
    if (fitted.chargeRelays) {
      add(`${name}Relay`, 'relay', 'Charge relay', [words('the BMS opens it')], bench)
      join(from, `${name}Relay`)
      join(`${name}Relay`, `${name}Fuse`, 'dc', size)
      for (const guard of guards) join(guard, `${name}Relay`, 'signal')
    } else join(from, `${name}Fuse`, 'dc', size)
    join(`${name}Fuse`, tap)
  }
  if (charging.supply === 'generator') {
    add(
      'generator',
      'generator',
      'Generator',
      [{ text: '{p} rated', params: { p: watts(charging.generatorPower) } }],
      'charging',
    )
    add('changeover', 'switch', 'Changeover', [words('shore or generator, never both')], 'charging')
    join('generator', 'changeover', 'ac')
  }
  add(
    'inlet',
    'inlet',
    'Shore inlet',
    [
      {
        text: '{v}, {a}',
        params: {
          v: volts(charging.shoreVoltage),
          a: amps(charging.shoreCurrent),
        },
      },
      words('residual-current breaker'),
    ],
    'charging',
  )
  const shoreLine = [
    'inlet',
    ...(fitted.galvanicIsolator ? ['isolator'] : []),
    ...(charging.supply === 'generator' ? ['changeover'] : []),
    'charger',
  ]
  const chargers = chargersOf(project.design)
  if (fitted.galvanicIsolator)
    add('isolator', 'isolator', 'Galvanic isolator', [words('in the earth of the shore')], 'charging', 'hull')
  add(
    'charger',
    'charger',
    chargers.pieces > 1 ? `${chargers.pieces} chargers` : 'Charger',
    [
      words(charging.charger.name),
      ...(charging.each === 'block' ? [words('one at each block')] : []),
      ofAmps(chargers.count * chargers.charger.current, ' at most'),
    ],
    'charging',
  )
  shoreLine.slice(1).forEach((id, i) => join(shoreLine[i]!, id, 'ac'))
  source('charger', 'charge', chargers.count * chargers.charger.current, 'charging')
  if (solar.fitted) {
    add(
      'panels',
      'panel',
      'Panels',
      [
        {
          text: solar.parallel === 1 ? '{s} in a string' : '{p} × {s} in a string',
          params: { s: String(solar.series), p: String(solar.parallel) },
        },
        words(solar.panel.name),
        ...solar.others.map(a => words(`and ${a.name}: ${a.series * a.parallel} × ${a.panel.name}`)),
      ],
      'solar',
    )
    add(
      'panelSwitch',
      'switch',
      'Panel disconnect',
      [ofVolts(stringVoltage(solar).cold), ofAmps(solar.parallel * solar.panel.shortCurrent)],
      'solar',
    )
    join('panels', 'panelSwitch', 'dc', tapCable('panels'))
    if (solar.controller) {
      add(
        'regulator',
        'regulator',
        'Charge controller',
        [words(solar.controller.name), ofAmps(solar.controller.current, ' at most')],
        'solar',
      )
      join('panelSwitch', 'regulator')
    }
    source(solar.controller ? 'regulator' : 'panelSwitch', 'panel', panelSourceCurrent(solar), 'solar')
  }
  if (use.houseLoad === 0) return { devices, wires }
  // the house: from behind the main fuse, with a fuse of its own
  add('houseFuse', 'fuse', 'Fuse', [ofAmps(houseFuse(use.houseLoad, model.pack.nominalVoltage))])
  add('converter', 'converter', 'DC-DC', [
    {
      text: '{v} to 12 V, {p}',
      params: {
        v: volts(model.pack.nominalVoltage),
        p: smallWatts(wiring.dcdcPower ?? converterPower(use.houseLoad)),
      },
    },
  ])
  join(tap, 'houseFuse')
  join('houseFuse', 'converter', 'dc', tapCable('house'))
  if (fitted.separateHouse) {
    add('house', 'battery', 'House battery', [words('12 V, keeps lights, pump and radio')])
    join('converter', 'house')
  }
  add('loads', 'load', 'House', [{ text: '{p} on average', params: { p: smallWatts(use.houseLoad) } }])
  join(fitted.separateHouse ? 'house' : 'converter', 'loads')
  return { devices, wires }
}
