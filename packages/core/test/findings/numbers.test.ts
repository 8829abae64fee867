import { edit, type PathAndValue } from '../../src/project/definition/projectPath'
import { motorTimeFactor } from '../../src/drive'
import { describe, expect, it } from 'vitest'
import { KNOT } from '../../src/constants'
import { CHEMISTRIES, packFigures, restVoltage } from '../../src/battery'
import { withEdits, DEMO_BOATS, type Project } from '../../src/project'
import { tipClearance } from '../../src/propulsor'
import { airResistance } from '../../src/resistance'
import { ageingReport, evaluate, modelOf, wiringReport } from '../../src/system'
import { fillText, timesText } from '../../src/units'
import type { FuseSpec } from '../../src/wiring'
import { calm, calmJet, foundOn } from './calmBoats'

const { motor, controller, pack, propeller } = calm.design
const with_ = (...edits: PathAndValue[]) =>
  withEdits(
    calm,
    edits.map(([path, value]) => edit(path, value)),
  )
const ruleOn = (boat: Project, rule: string) => foundOn(boat).findings.find(f => f.rule === rule)
const severity = (boat: Project, rule: string) => ruleOn(boat, rule)?.severity ?? 'fits'
/** Numbers of a finding, by their name in its sentence, SI. */
function said(boat: Project, rule: string): Record<string, number> {
  const finding = ruleOn(boat, rule)
  if (!finding) throw new Error(`${rule} is content`)
  return Object.fromEntries(
    Object.entries({ ...finding.amount.params, ...finding.sentence.params }).flatMap(([k, v]) =>
      typeof v === 'object' && v !== null ? [[k, v.value as number]] : [],
    ),
  )
}
const drives = (boat: Project) => {
  const { cruise, top } = evaluate(boat, boat.use.cruiseSpeed)
  return { cruise: cruise.drive, top: top.drive, topSpeed: top }
}

describe('what a finding says is what the boat says', () => {
  it('a pack that wears out soon: by its cells, or by outings that no longer fit, whichever is sooner', () => {
    const warm = with_(['use.outings', 366], ['boat.waterTemperature', 305])
    const short = withEdits(warm, [
      edit('use.stretchKind', 'hours'),
      edit('use.duration', 7200),
      edit('boat.waterTemperature', 308),
    ])
    const sentences = [warm, short].map(boat => {
      const { outgrown, years } = ageingReport(boat),
        { sentence } = ruleOn(boat, 'packOutgrown')!
      expect(sentence.text.includes('four fifths')).toBe((outgrown ?? Infinity) >= years)
      return sentence.text
    })
    expect(new Set(sentences).size, 'one of each').toBe(2)
  })
  it('chargers against a generator: their watts out over their efficiency, against its share for hours', () => {
    const boat = with_(
      ['design.charging.supply', 'generator'],
      ['design.charging.generatorPower', 900],
      ['design.charging.generatorShare', 0.8],
      ['design.charging.count', 2],
    )
    const { charger } = boat.design.charging,
      wanted = (2 * charger.power) / charger.efficiency
    expect(said(boat, 'generatorWeak')).toMatchObject({
      a: expect.closeTo(wanted, 6),
      b: expect.closeTo(720, 9),
      p: expect.closeTo(wanted - 720, 6),
    })
  })
  it('a nearly empty pack below the cut-off of its blocks: rest at a tenth, less amps times ohms at top', () => {
    const boat = with_(
      ['design.banks.lowCut', 3.1],
      ['design.pack.cell.resistance', 0.0012],
      ['design.pack.parallel', 1],
    )
    const { top } = drives(boat),
      figures = modelOf(boat).pack,
      loaded = restVoltage(boat.design.pack, 0.1) - top.packCurrent * figures.resistance
    expect(said(boat, 'lowCutOff')).toMatchObject({
      v: expect.closeTo(loaded, 6),
      c: figures.lowVoltage,
    })
  })
  it('a full pack above the controller: cells × volts, and the excess', () => {
    const boat = with_(
      ['design.pack.chargeVoltage', 3.9],
      ['design.controller', { ...controller, greatestVoltage: 60 }],
    )
    const full = 3.9 * pack.series * pack.cell.cellsInSeries
    expect(said(boat, 'packAboveWindow')).toMatchObject({
      full: expect.closeTo(full, 9),
      limit: 60,
      over: expect.closeTo(full - 60, 9),
    })
    expect(
      severity(
        withEdits(boat, [{ path: 'design.controller.greatestVoltage', value: Math.ceil(full) }]),
        'packAboveWindow',
      ),
    ).toBe('fits')
  })
  it('a sagging pack below the controller: rest at a tenth, less amps times ohms at top', () => {
    const boat = with_(['design.controller.leastVoltage', 51])
    const { top } = drives(boat),
      loaded = restVoltage(pack, 0.1) - top.packCurrent * packFigures(pack).resistance
    expect(said(boat, 'packBelowWindow')).toMatchObject({ v: expect.closeTo(loaded, 6), least: 51 })
    expect(severity(with_(['design.controller.leastVoltage', loaded - 0.1]), 'packBelowWindow')).toBe('fits')
  })
  it('the use against the pack: power times hours, the usable share less the reserve', () => {
    const boat = with_(['use.stretchKind', 'hours'], ['use.duration', 20 * 3600])
    const { cruise } = drives(boat),
      figures = packFigures(pack)
    const have = figures.energy * CHEMISTRIES[pack.cell.chemistry].usableShare * (1 - boat.use.reserve)
    const numbers = said(boat, 'rangeShort')
    expect(numbers.need).toBeCloseTo(cruise.packPower * 20 * 3600, 3)
    expect(numbers.have! / have).toBeCloseTo(1, 6)
    expect(numbers.d! / ((have / cruise.packPower) * boat.use.cruiseSpeed)).toBeCloseTo(1, 6)
    // the reserve alone carries a little more: then it is a caution, beyond it a stop
    const hours = have / cruise.packPower / 3600
    expect(
      [0.99, 1.03, 1.4].map(x =>
        severity(with_(['use.stretchKind', 'hours'], ['use.duration', x * hours * 3600]), 'rangeShort'),
      ),
    ).toEqual(['fits', 'caution', 'stop'])
  })
  it('motor torque against its plate, for as long as top is wanted', () => {
    const weak = { ...motor, ratedPower: 0.6 * motor.ratedPower, peakPower: 3 * motor.ratedPower, peakSeconds: 180 }
    const boat = with_(['design.motor', weak], ['use.topTime', 86_400]),
      finding = ruleOn(boat, 'motorRating')!
    const { cruise, top } = drives(boat),
      rated = weak.ratedPower / ((weak.ratedRpm * Math.PI) / 30)
    const share = finding.measure!,
      atTop = finding.title === 'motor at top'
    expect(share).toBeCloseTo(
      atTop ? top.motorTorque / rated / motorTimeFactor(weak, boat.use.topTime) : cruise.motorTorque / rated,
      6,
    )
    expect(fillText(finding.sentence)).toMatch(atTop ? /does not hold that for/ : /overheats/)
  })
  it('a plate that contradicts itself, by both figures, and raised to the least it is content', () => {
    for (const [path, value, rule, words] of [
      [
        'design.motor.peakPower',
        0.5 * motor.ratedPower,
        'motorNameplate',
        /peak is below the rated power: it says 3\.00\skW, and 6\.00\skW is the least/,
      ],
      [
        'design.motor.greatestRpm',
        0.5 * motor.ratedRpm,
        'motorNameplate',
        /greatest speed is below the rated speed: it says \d+\srpm/,
      ],
      [
        'design.controller.rollbackTo',
        controller.rollbackFrom - 10,
        'controllerPlate',
        /off below where it begins to cut back: it says 70\s°C, and 80\s°C is the least/,
      ],
      [
        'design.controller.phaseCurrentPeak',
        10,
        'controllerPlate',
        /amps for a minute are below the continuous ones: it says 10\.0\sA/,
      ],
    ] as const) {
      const boat = with_([path, value]),
        finding = ruleOn(boat, rule)!
      expect(fillText(finding.sentence)).toMatch(words)
      expect(finding.severity).toBe('stop')
      expect(ruleOn(withEdits(boat, finding.fixes[0]!.edits), rule)).toBeUndefined()
    }
  })
  it('controller and motor amps, at the point where they are the most', () => {
    const { top } = drives(calm)
    const boat = with_(
      ['design.controller.batteryCurrent', 0.95 * top.controllerCurrent],
      ['design.controller.batteryCurrentPeak', 0.97 * top.controllerCurrent],
    )
    expect(said(boat, 'controllerCurrent')).toMatchObject({
      amps: expect.closeTo(top.controllerCurrent, 6),
      limit: expect.closeTo(0.97 * top.controllerCurrent, 6),
    })
    const phase = with_(
      ['design.controller.phaseCurrent', 0.9 * top.phaseCurrent],
      ['design.controller.phaseCurrentPeak', 2 * top.phaseCurrent],
    )
    expect(said(phase, 'phaseCurrent').amps).toBeCloseTo(top.phaseCurrent, 6)
    expect(severity(phase, 'phaseCurrent')).toBe('caution')
  })
  it('turns for which the volts do not suffice: need and have', () => {
    const fine = with_(['design.propeller.pitch', 0.19])
    const { top } = drives(fine)
    expect(said(fine, 'motorSpeed')).toMatchObject({ rpm: expect.closeTo(top.motorRpm / 60, 6) })
    expect(severity(fine, 'motorSpeed')).toBe('stop')
  })
  it('a propeller beyond its place turns with a tenth of room, and not with less', () => {
    const room = calm.boat.drive.greatestDiameter
    const across = (share: number) =>
      severity(
        with_(['design.propeller.diameter', share * room], ['design.propeller.pitch', 0.7 * room]),
        'propellerDiameter',
      )
    expect([1, 1.05, 1.1].map(across)).toEqual(['fits', 'caution', 'stop'])
    // 8 % more across leaves 0.15 − 0.04 of the place at each side: the tenth of the blades that is the least
    expect(tipClearance(room, 1.08 * room) / (1.08 * room)).toBeCloseTo(0.1, 2)
  })
  it('torque from standstill against the old gears, and the amps that spare them', () => {
    const boat = with_(['boat.drive.torqueLimit', 30]),
      finding = ruleOn(boat, 'gearTorque')!
    const t = said(boat, 'gearTorque')
    expect(t.limit).toBe(30)
    expect(t.share).toBeCloseTo(30 / t.t!, 9)
    const spared = withEdits(boat, finding.fixes[0]!.edits)
    expect(ruleOn(spared, 'gearTorque')).toBeUndefined()
  })
  it('gears turned faster than they were made for', () => {
    const boat = with_(['boat.drive.rpmLimit', 700]),
      { top } = drives(boat),
      { totalRatio } = modelOf(boat)
    expect(said(boat, 'gearSpeed').n).toBeCloseTo((top.shaftSpeed * totalRatio) / boat.design.reduction.ratio, 6)
  })
  it('drop in a long cable by Ohm’s law, and what it burns', () => {
    const boat = with_(['design.wiring.mainArea', 35], ['design.wiring.mainLength', 25]),
      n = said(boat, 'cableDrop')
    const { current } = wiringReport(modelOf(boat))
    expect(n.w! / n.d!).toBeCloseTo(current, 6)
    // 25 m there and back of 35 mm² warm copper: some 25 to 32 mohm
    expect(n.d! / current).toBeGreaterThan(0.024)
    expect(n.d! / current).toBeLessThan(0.034)
    expect(n.l).toBe(25)
    expect(n.a).toBeCloseTo(35e-6, 12)
    expect(n.s).toBeGreaterThan(n.p!)
  })
  it('a fuse above its cable, one that cannot break the short, and one too small', () => {
    const fuse: FuseSpec = {
      id: 'own/fuse',
      name: 'A fuse',
      estimated: [],
      standIn: false,
      kind: 'fast, current-limiting',
      rating: 400,
      voltage: 125,
      interrupt: 40_000,
      price: 50,
    }
    const large = with_(['design.wiring.fuse', fuse], ['design.wiring.mainArea', 25]),
      n = said(large, 'fuseAboveCable')
    expect(n.f).toBe(400)
    expect(n.a).toBeCloseTo(400 - n.c!, 6)
    const short = restVoltage(pack, 1) / packFigures(pack).resistance
    expect(
      severity(with_(['design.wiring.fuse', { ...fuse, rating: 150, interrupt: 0.5 * short }]), 'fuseInterrupt'),
    ).toBe('stop')
    expect(severity(with_(['design.wiring.fuse', { ...fuse, rating: 30 }]), 'fuseSmall')).toBe('caution')
  })
  it('thrust at the quay against air on the bow', () => {
    const boat = with_(['design.propeller', { ...propeller, diameter: 0.2, pitch: 0.15 }]),
      model = modelOf(boat),
      n = said(boat, 'windHolding')
    expect(n.d).toBeCloseTo(airResistance(model.windage, 0, 25 * KNOT) / (1 - model.interaction.thrustDeduction), 6)
    expect(n.f).toBeCloseTo(n.d! - n.t!, 9)
  })
  it('top beyond hull speed: how many times cruise', () => {
    const boat = with_(['use.topSpeed', 4.2]),
      { top, cruise } = drives(boat)
    expect(said(boat, 'topBeyondHull')).toMatchObject({ p: expect.closeTo(top.packPower, 6) })
    expect(fillText(ruleOn(boat, 'topBeyondHull')!.sentence)).toContain(
      `${timesText(top.packPower / cruise.packPower)} cruise`,
    )
  })
  it('a pump beyond its plate, by watts', () => {
    const boat = withEdits(calmJet, [{ path: 'design.jet.ratedPower', value: 9000 }]),
      { top } = drives(boat)
    expect(said(boat, 'jetSuction')).toMatchObject({
      p: expect.closeTo(top.deliveredPower, 6),
      r: 9000,
      x: expect.closeTo(top.deliveredPower / 9000 - 1, 9),
    })
  })
  it('the house converter: its window against the pack’s, its watts against the house', () => {
    const full = packFigures(pack).fullVoltage
    const window = (least: number | null, greatest: number | null, power: number | null = null) =>
      severity(
        with_(
          ['design.wiring.dcdcLeast', least],
          ['design.wiring.dcdcGreatest', greatest],
          ['design.wiring.dcdcPower', power],
        ),
        'houseConverter',
      )
    expect(window(null, null)).toBe('fits')
    expect(window(20, full)).toBe('fits')
    expect(window(20, full - 1)).toBe('stop')
    expect(window(restVoltage(pack, 0.05) + 0.5, full + 5)).toBe('caution')
    expect(window(null, null, calm.use.houseLoad - 1)).toBe('caution')
    expect(window(null, null, calm.use.houseLoad)).toBe('fits')
  })
  it(
    'panels that nobody can stop: straight on the pack a stop, with a deaf controller a caution, with ' +
      'a relay none',
    () => {
      const launch = DEMO_BOATS.find(b => b.design.solar.fitted && b.design.solar.controller)!
      const on = (changed: object | null, relay: boolean) =>
        severity(
          withEdits(launch, [
            { path: 'design.solar.controller', value: changed && { ...launch.design.solar.controller!, ...changed } },
            { path: 'design.wiring.fitted.chargeRelays', value: relay },
          ]),
          'panelsUncontrolled',
        )
      expect([
        on(null, true),
        on({ listens: false }, false),
        on({ listens: false }, true),
        on({ listens: true }, false),
      ]).toEqual(['stop', 'caution', 'fits', 'fits'])
    },
  )
  it('banks of unlike size a note, more banks than strings a stop', () => {
    const banks = (parallel: number, count: number) =>
      severity(with_(['design.pack.parallel', parallel], ['design.banks.count', count]), 'bankUneven')
    expect([banks(2, 1), banks(2, 2), banks(3, 2), banks(1, 2)]).toEqual(['fits', 'fits', 'note', 'stop'])
  })
})

describe('a finding ends where its limit is met', () => {
  const { top, cruise } = drives(calm)
  it.each<[string, (share: number) => PathAndValue[]]>([
    [
      'controllerCurrent',
      share => [
        [
          'design.controller.batteryCurrent',
          share * Math.max(top.controllerCurrent, cruise.controllerCurrent / (1 - calm.use.headroom)),
        ],
        [
          'design.controller.batteryCurrentPeak',
          share * Math.max(top.controllerCurrent, cruise.controllerCurrent / (1 - calm.use.headroom)),
        ],
      ],
    ],
    [
      'phaseCurrent',
      share => [
        [
          'design.controller.phaseCurrent',
          share * Math.max(top.phaseCurrent, cruise.phaseCurrent / (1 - calm.use.headroom)),
        ],
        [
          'design.controller.phaseCurrentPeak',
          share * Math.max(top.phaseCurrent, cruise.phaseCurrent / (1 - calm.use.headroom)),
        ],
      ],
    ],
    [
      'packCurrent',
      share => [
        [
          'design.pack.cell',
          {
            ...pack.cell,
            current: (share * Math.max(top.packCurrent, cruise.packCurrent / (1 - calm.use.headroom))) / pack.parallel,
            currentPeak:
              (share * Math.max(top.packCurrent, cruise.packCurrent / (1 - calm.use.headroom))) / pack.parallel,
          },
        ],
      ],
    ],
    ['cavitation', share => [['design.propeller.areaRatio', share * top.kellerAreaRatio]]],
    ['contactorRating', share => [['design.wiring.contactorVoltage', share * packFigures(pack).fullVoltage]]],
  ])('%s: a hair inside it fits, a hair outside it does not', (rule, edits) => {
    expect(severity(with_(...edits(1.01)), rule)).toBe('fits')
    expect(severity(with_(...edits(0.97)), rule)).not.toBe('fits')
  })
})
