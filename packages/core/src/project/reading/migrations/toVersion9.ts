import { part, type Migration } from './migration'

type Loose = Record<string, unknown>

/** Nothing of a part of then was estimated; motors were taken as of the kind whose field is not weakened. */
const known = (of: unknown): Loose => ({ estimated: [], ...part(of) })
const motorOf = (of: unknown): Loose => ({ build: 'surface magnets', ...known(of) })
const orNull = (of: unknown) => (of === null || of === undefined ? null : known(of))
const list = (of: unknown) => (Array.isArray(of) ? (of as unknown[]).map(part) : [])

/** 8 to 9: figures of parts may be estimates; motors have a kind, chargers a second mains voltage. */
export const toVersion9: Migration = document => {
  const boat = part(document.boat),
    design = part(document.design),
    trial = part(document.trial),
    pack = part(design.pack),
    charging = part(design.charging),
    banks = part(design.banks),
    solar = part(design.solar),
    wiring = part(design.wiring),
    held = part(document.held)
  return {
    ...document,
    boat: { ...boat, drive: { ...part(boat.drive), still: 'none', flange: null, runOut: null } },
    use: {
      ...part(document.use),
      houseHours: 86_400,
      mooredStream: 1,
      beside: { kind: 'none', sailSpeed: 1.5, power: 80, motorPower: 400 },
    },
    design: {
      ...design,
      motor: motorOf(design.motor),
      controller: known(design.controller),
      jet: known(design.jet),
      pack: { ...pack, cell: known(pack.cell) },
      wholeDrive: null,
      smallMotor: {
        fitted: false,
        name: 'Bow motor',
        power: 2000,
        voltage: 24,
        time: 300,
        length: 6,
        chemistry: 'AGM',
      },
      cooler: {
        kind: 'none',
        tubeLength: 2,
        tubeDiameter: 0.022,
        area: 0.1,
        flow: 1e-4,
        warmWater: 301.15,
        controller: 'as sold',
        boxArea: 0.5,
        packHeat: 0,
      },
      wiring: { ...wiring, fuse: orNull(wiring.fuse) },
      charging: {
        ...charging,
        each: 'pack',
        charger: { otherVoltage: null, otherCurrent: null, ...known(charging.charger) },
      },
      banks: {
        together: 'common',
        age: null,
        ...banks,
        others: list(banks.others).map(group => ({ ...group, cell: known(group.cell) })),
      },
      solar: { others: [], ...solar, panel: known(solar.panel), controller: orNull(solar.controller) },
    },
    trial: {
      ...trial,
      setups: list(trial.setups).map(setup => ({
        ...setup,
        motor: motorOf(setup.motor),
        controller: known(setup.controller),
        jet: known(setup.jet),
        still: 'none',
      })),
    },
    heat: {
      ...part(document.heat),
      points: list(part(document.heat).points).map(point => ({ part: 'motor', ...point })),
    },
    held: { ...held, leg: held.reduction === true },
  }
}
