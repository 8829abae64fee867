import { chargersOf, mainsAboard, type Project } from '../project'
import { arraysOf, stringVoltage, type SolarArray } from '../solar'
import { arrayRuns, modelOf, smallMotorNeeds, tapRuns } from '../system'
import { ampHours, amps, smallWatts, volts, watts, type Text } from '../units'
import { chargeFuse, converterPower, houseFuse, panelSourceCurrent } from '../wiring'
import { cableText, device, ofAmps, ofVolts, words, type Chain, type Device } from './device'

const chain = (devices: Device[], kind: Chain['kind'] = 'dc', cables: Chain['cables'] = {}): Chain => ({
  devices,
  kind,
  cables,
})

/** Relay and fuse of a source at the pack's side. */
const guarded = (project: Project, name: string, current: number, bench: Device['bench']): Device[] => [
  ...(project.design.wiring.fitted.chargeRelays
    ? [device(`${name}Relay`, 'relay', 'Charge relay', [words('the BMS opens it')], bench)]
    : []),
  device(`${name}Fuse`, 'fuse', 'Fuse', [ofAmps(chargeFuse(current))], bench),
]

/**
 * From the shore's inlet to where its current reaches the charger.
 *
 * @param project the boat
 * @returns inlet, isolator, changeover
 */
export function shoreChain(project: Project): Chain {
  const { charging, wiring } = project.design
  return chain(
    [
      device(
        'inlet',
        'inlet',
        'Shore inlet',
        [
          { text: '{v}, {a}', params: { v: volts(charging.shoreVoltage), a: amps(charging.shoreCurrent) } },
          words('with RCD breaker'),
        ],
        'charging',
      ),
      ...(wiring.fitted.galvanicIsolator
        ? [
            device(
              'isolator',
              'isolator',
              'Galvanic isolator',
              [words('in the earth'), words('of the shore')],
              'charging',
              'hull',
            ),
          ]
        : []),
      ...(charging.supply === 'generator'
        ? [device('changeover', 'switch', 'Changeover', [words('never both')], 'charging')]
        : []),
    ],
    'ac',
  )
}

/** The generator that takes turns with the shore. */
export const generatorDevice = ({ design: { charging } }: Project): Device | null =>
  charging.supply === 'generator'
    ? device(
        'generator',
        'generator',
        'Generator',
        [{ text: '{p} rated', params: { p: watts(charging.generatorPower) } }],
        'charging',
      )
    : null

/** Panels, their disconnect and their charge controller. */
function panelDevices(array: SolarArray & { name?: string }, of: (id: string) => string): Device[] {
  return [
    device(
      of('panels'),
      'panel',
      array.name ? `Panels, ${array.name}` : 'Panels',
      [
        {
          text: array.parallel === 1 ? '{s} in a string' : '{p} × {s} in a string',
          params: { s: String(array.series), p: String(array.parallel) },
        },
        words(array.panel.name),
      ],
      'solar',
    ),
    device(
      of('panelSwitch'),
      'switch',
      'Panel disconnect',
      [ofVolts(stringVoltage(array).cold), ofAmps(array.parallel * array.panel.shortCurrent)],
      'solar',
    ),
    ...(array.controller
      ? [
          device(
            of('regulator'),
            'regulator',
            'Charge controller',
            [words(array.controller.name), ofAmps(array.controller.current, ' at most')],
            'solar',
          ),
        ]
      : []),
  ]
}

/** Names of the devices of the panels of a boat: the first have plain ones, those elsewhere a number. */
export const panelId = (id: string, array: number): string => (array === 0 ? id : `${id}${array + 1}`)

/**
 * What charges the pack: chargers, and each array of panels for the drive.
 *
 * @param project the boat
 * @returns chains, each down to the bus
 */
export function sourceChains(project: Project): Chain[] {
  const { design } = project,
    { charging, solar } = design,
    chargers = chargersOf(design),
    charge = tapRuns(project).charge
  const own = device(
    'charger',
    'charger',
    chargers.pieces > 1 ? `${chargers.pieces} chargers` : 'Charger',
    [
      words(charging.charger.name),
      ...(charging.supply === 'shore' && !mainsAboard(charging) ? [words('plugged in ashore')] : []),
      ...(charging.each === 'block' ? [words('one at each block')] : []),
      ofAmps(chargers.count * chargers.charger.current, ' at most'),
    ],
    'charging',
  )
  // nothing feeds a charger where there is neither shore nor generator
  const all =
    charging.supply === 'none'
      ? []
      : [
          chain(
            [own, ...guarded(project, 'charge', chargers.count * chargers.charger.current, 'charging')],
            'dc',
            charge ? { charger: cableText(charge) } : {},
          ),
        ]
  if (!solar.fitted) return all
  const runs = arrayRuns(project)
  let i = 0
  for (const [k, array] of [solar, ...solar.others].entries()) {
    if (k > 0 && solar.others[k - 1]!.feeds !== 'drive') continue
    const whole: SolarArray = k === 0 ? solar : { ...solar, ...array, others: [] },
      first = panelDevices(k === 0 ? solar : { ...whole, name: solar.others[k - 1]!.name }, id => panelId(id, k)),
      run = runs[i++]!
    all.push(
      chain(
        [...first, ...guarded(project, panelId('panel', k), panelSourceCurrent(whole), 'solar')],
        'dc',
        // panels straight on the pack have one cable all the way
        { [first[0]!.id]: cableText(run.panels), ...(first.length > 2 ? { [first[2]!.id]: cableText(run.sun) } : {}) },
      ),
    )
  }
  return all
}

/**
 * The house: from the bus over a fuse of its own and a converter to what it feeds.
 *
 * @param project the boat
 * @returns fuse, converter, house battery, loads; null where she has none
 */
export function houseChain(project: Project): Chain | null {
  const { design, use } = project
  if (use.houseLoad === 0 && houseSourceChains(project).length === 0) return null
  const { wiring } = design,
    voltage = modelOf(project).pack.nominalVoltage,
    cable = tapRuns(project).house
  return chain(
    [
      device('houseFuse', 'fuse', 'House fuse', [ofAmps(houseFuse(use.houseLoad, voltage))]),
      device('converter', 'converter', 'DC-DC', [
        { text: '{v} to 12 V', params: { v: volts(voltage) } },
        { text: '{p}', params: { p: smallWatts(wiring.dcdcPower ?? converterPower(use.houseLoad)) } },
      ]),
      ...(wiring.fitted.separateHouse
        ? [device('house', 'battery', 'House battery', [words('12 V, for lights,'), words('pump and radio')])]
        : []),
      device('loads', 'load', 'House', [{ text: '{p} on average', params: { p: smallWatts(use.houseLoad) } }]),
    ],
    'dc',
    cable ? { houseFuse: cableText(cable) } : {},
  )
}

/**
 * Panels that charge the house by themselves.
 *
 * @param project the boat
 * @returns a chain for each array
 */
export function houseSourceChains({ design: { solar } }: Project): Chain[] {
  if (!solar.fitted || arraysOf(solar, 'house').length === 0) return []
  return solar.others.flatMap((array, i) =>
    array.feeds === 'house' ? [chain(panelDevices({ ...solar, ...array, others: [] }, id => panelId(id, i + 1)))] : [],
  )
}

/**
 * A small motor with a battery of its own.
 *
 * @param project the boat
 * @returns battery, fuse, motor; null where none is fitted
 */
export function smallChain(project: Project): Chain | null {
  const needs = smallMotorNeeds(project),
    { smallMotor } = project.design
  if (!needs) return null
  const about: [Device['bench'], Device['part']] = ['wiring', 'motor'],
    amps_: Text = ofAmps(chargeFuse(smallMotor.power / smallMotor.voltage))
  return chain(
    [
      device(
        'smallBattery',
        'battery',
        'Its own battery',
        [
          { text: '{v}, {c}', params: { v: volts(smallMotor.voltage), c: ampHours(needs.ampHours) } },
          words(smallMotor.chemistry),
        ],
        ...about,
      ),
      device('smallFuse', 'fuse', 'Fuse', [amps_], ...about),
      device(
        'smallMotor',
        'motor',
        smallMotor.name,
        [{ text: '{p}', params: { p: smallWatts(smallMotor.power) } }],
        ...about,
      ),
    ],
    'dc',
    { smallBattery: cableText(needs.cable) },
  )
}
