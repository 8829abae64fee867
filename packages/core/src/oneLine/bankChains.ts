import type { Project } from '../project'
import { modelOf, wiringReport } from '../system'
import { ampHours, amps, fewSeconds, ohms, volts } from '../units'
import { chargeFuse } from '../wiring'
import { cableText, device, ofAmps, ofVolts, words, type Bank, type Chain, type Device } from './device'

/** Banks above this number are drawn as one row with its count: they are alike. */
const DRAWN_BANKS = 4

/** Resistor and relay that fill the controller's capacitors before a contactor closes. */
export function prechargeDevice(project: Project, id = 'precharge'): Device {
  const { precharge } = wiringReport(modelOf(project))
  return device(
    id,
    'resistor',
    'Precharge',
    [
      { text: '{r}, {t}', params: { r: ohms(precharge.resistance), t: fewSeconds(precharge.time) } },
      { text: '{a} at first', params: { a: amps(precharge.peak) } },
    ],
    'wiring',
    'controller',
  )
}

/** The contactor of a bank, or the one of the drive. */
export function contactorDevice(project: Project, id = 'contactor', label = 'Contactor'): Device {
  const { contactor } = wiringReport(modelOf(project))
  return device(id, 'contactor', label, [
    { text: '{a}, {v} DC', params: { a: amps(contactor.current), v: volts(contactor.voltage) } },
  ])
}

/**
 * Every bank with what guards it.
 *
 * @param project the boat
 * @returns banks in rows; one pack is one bank without a contactor of its own, since the drive's stands behind the bus
 */
export function bankChains(project: Project): Bank[] {
  const { pack, banks: kept, wiring } = project.design,
    { fitted } = wiring,
    model = modelOf(project),
    report = wiringReport(model)
  const count = report.banks,
    single = count === 1,
    drawn = Math.min(count, DRAWN_BANKS),
    /** a precharge goes round a bank's own contactor or disconnect, but for the one of the drive behind the bus */
    bridged = single ? fitted.disconnect && !fitted.contactor : fitted.contactor || fitted.disconnect
  return Array.from({ length: drawn }, (_, bank) => {
    const of = (id: string) => (bank === 0 ? id : `${id}${bank + 1}`),
      /** the last row stands for all that are left */
      stands = bank === drawn - 1 ? count - bank : 1,
      number = stands > 1 ? `${bank + 1}–${count}` : `${bank + 1}`,
      named = (label: string) => (single ? label : `${label} ${number}`)
    const strings = Math.floor(pack.parallel / count) + (bank < pack.parallel % count ? 1 : 0)
    const devices = [
      device(
        of('pack'),
        'battery',
        single ? 'Pack' : stands > 1 ? `Banks ${number}` : `Bank ${number}`,
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
              c: ampHours(strings * pack.cell.capacityAh * kept.health),
            },
          },
        ],
        'pack',
      ),
      device(
        of('fuse'),
        'fuse',
        named('Main fuse'),
        report.fuse
          ? [
              { text: '{a}, {v}', params: { a: amps(report.fuse.rating), v: volts(report.fuse.voltage) } },
              { text: 'breaks {a}', params: { a: amps(report.fuse.interrupt) } },
            ]
          : [words('none suits')],
      ),
    ]
    if (fitted.disconnect)
      devices.push(
        device(of('disconnect'), 'switch', single ? 'Main disconnect' : named('Disconnect'), [
          ofAmps(report.contactor.wantsCurrent),
          ofVolts(model.pack.fullVoltage),
        ]),
      )
    if (!single && fitted.contactor) devices.push(contactorDevice(project, of('contactor'), named('Contactor')))
    const guard = device(of('guard'), 'guard', named('BMS'), [ofAmps(report.bmsCurrent, ' continuous')], 'pack')
    return {
      devices,
      kind: 'dc' as const,
      cables: single ? {} : { [devices.at(-1)!.id]: cableText(report.bank.lead) },
      guard,
      precharge: fitted.precharge && bridged ? prechargeDevice(project, of('precharge')) : null,
    }
  })
}

/**
 * Strings of other blocks beside the pack, each with a fuse.
 *
 * @param project the boat
 * @returns a chain for each
 */
export const stringChains = (project: Project): Chain[] =>
  project.design.banks.others.map((group, i) => ({
    devices: [
      device(
        `others${i + 1}`,
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
      ),
      device(`others${i + 1}Fuse`, 'fuse', 'Fuse', [ofAmps(chargeFuse(group.parallel * group.cell.current))], 'pack'),
    ],
    kind: 'dc',
    cables: {},
  }))
