import { chargeLevels, chargersOf, HELD_PARTS, wholeDriveOf, type Project } from '../project'
import { arraysOf } from '../solar'
import { coolingReport, evaluate, houseBattery, modelOf, smallMotorNeeds, tapRuns, wiringReport } from '../system'
import {
  ampHours,
  amps,
  fewSeconds,
  joules,
  metres,
  share,
  smallWatts,
  squareMillimetres,
  volts,
  watts,
  type Text,
} from '../units'

/** One line of what is decided beside motor, propeller and pack. */
export interface Decided {
  what: string
  text: Text
}

const WAY_HOME = { none: 'nothing', sails: 'sails', oars: 'oars', secondDrive: 'an outboard' } as const
const TOGETHER = {
  common: 'all at once',
  'one at a time': 'one at a time',
  isolated: 'at once, charged each for itself',
} as const

/**
 * Everything that is decided about a boat beside what the sheet's first table tells: banks, charging, sun, cables and
 * their guards, house, cooling, the lever, what is held.
 *
 * @param project the boat
 * @returns lines in the order of the power; those of what is not there are left out
 */
export function decided(project: Project): Decided[] {
  const { boat, design, use, held } = project
  const model = modelOf(project),
    wiring = wiringReport(model),
    taps = tapRuns(project)
  const lines: Decided[] = []
  const tell = (what: string, text: string, params: Text['params'] = {}) => lines.push({ what, text: { text, params } })
  const whole = wholeDriveOf(design)
  if (whole) tell('Whole drive', whole.name)
  if (boat.drive.count > 1) tell('Drives', 'Two, side by side; the figures of motor and propeller are those of each.')
  if (boat.drive.still !== 'none')
    tell('Another screw', 'In the water, {s}.', {
      s: { locked: 'standing still', freewheeling: 'turning freely', folded: 'folded' }[boat.drive.still],
    })
  const { banks } = design
  const worn = banks.health < 1 ? '; {h} of the printed capacity left' : '',
    beside = banks.others.length > 0 ? '; other strings beside it' : '',
    kept = wiring.banks > 1 ? `{n} that drive alone, ${TOGETHER[banks.together]}` : 'One'
  tell('Banks', `${kept}${worn}${beside}. Way home: {w}.`, {
    n: String(wiring.banks),
    h: share(banks.health),
    w: WAY_HOME[use.wayHome],
  })
  const { charging } = design,
    chargers = chargersOf(design)
  tell('Charging', '{n} {c}, {a} at most, from {v} {b}.', {
    n: chargers.pieces > 1 ? `${chargers.pieces} ×` : 'One',
    c: charging.charger.name,
    a: amps(chargers.count * chargers.charger.current),
    v: volts(charging.shoreVoltage),
    b: amps(charging.shoreCurrent),
  })
  if (design.solar.fitted)
    for (const [i, array] of [...arraysOf(design.solar, 'drive'), ...arraysOf(design.solar, 'house')].entries())
      tell(i === 0 ? 'Sun' : 'Sun, elsewhere', '{n} × {p}, {s} in a string, {c}.', {
        n: String(array.series * array.parallel),
        p: array.panel.name,
        s: String(array.series),
        c: array.controller?.name ?? 'straight on the pack',
      })
  tell('Main cable', '{a}, {l} each way{f}.', {
    a: squareMillimetres(wiring.main.area),
    l: metres(wiring.main.length),
    f: wiring.fuse ? `; ${wiring.fuse.name}` : '; no fuse suits',
  })
  if (!whole)
    tell('Motor cable', '{a}, {l}.', { a: squareMillimetres(wiring.motor.area), l: metres(wiring.motor.length) })
  tell('Contactor', '{a}, {v}; precharge {t}.', {
    a: amps(wiring.contactor.current),
    v: volts(wiring.contactor.voltage),
    t: fewSeconds(wiring.precharge.time),
  })
  if (use.houseLoad > 0) {
    const house = houseBattery(project)
    tell('House', '{p} on average; battery {a} of lithium or {l} of lead; cable {c}.', {
      p: smallWatts(use.houseLoad),
      a: ampHours(house.lithiumAh),
      l: ampHours(house.leadAh),
      c: taps.house ? squareMillimetres(taps.house.area) : '–',
    })
  }
  const small = smallMotorNeeds(project)
  if (small)
    tell(design.smallMotor.name, '{p} at {v}; its own battery {a}, cable {c}.', {
      p: smallWatts(design.smallMotor.power),
      v: volts(design.smallMotor.voltage),
      a: ampHours(small.ampHours),
      c: squareMillimetres(small.cable.area),
    })
  const { cooler } = design
  if (cooler.kind !== 'none') {
    const cooling = coolingReport(model, evaluate(project, use.cruiseSpeed).cruise.drive)
    tell('Cooling', `By ${cooler.kind}: {h} must leave at cruise, it carries {c}.`, {
      h: watts(cooling.heat),
      c: watts(cooling.answer?.carries ?? 0),
    })
  }
  tell(
    'Lever',
    `Sets ${design.throttle.controls === 'torque' ? 'torque' : 'turns'}; from stop to full in {u}, back in {d}.`,
    {
      u: fewSeconds(design.throttle.rampUp),
      d: fewSeconds(design.throttle.rampDown),
    },
  )
  tell('Kept back', 'Reserve {r} of what is usable, {g} on the gauge; headroom {h}, sea margin {s}.', {
    r: share(use.reserve),
    g: share(chargeLevels(project).reserve),
    h: share(use.headroom),
    s: share(use.seaMargin),
  })
  const bought = HELD_PARTS.filter(part => held[part])
  if (bought.length) tell('Held', `${bought.join(', ')}.`)
  const { needed } = evaluate(project, use.cruiseSpeed).energy
  tell('An outing takes', '{e}.', { e: joules(needed) })
  return lines
}
