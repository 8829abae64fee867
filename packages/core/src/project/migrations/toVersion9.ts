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
    boat: { ...boat, drive: { ...part(boat.drive), still: 'none' } },
    use: { ...part(document.use), beside: { kind: 'none', sailSpeed: 1.5, power: 80, motorPower: 400 } },
    design: {
      ...design,
      motor: motorOf(design.motor),
      controller: known(design.controller),
      jet: known(design.jet),
      pack: { ...pack, cell: known(pack.cell) },
      wholeDrive: null,
      wiring: { ...wiring, fuse: orNull(wiring.fuse) },
      charging: {
        ...charging,
        charger: { otherVoltage: null, otherCurrent: null, ...known(charging.charger) },
      },
      banks: { ...banks, others: list(banks.others).map(group => ({ ...group, cell: known(group.cell) })) },
      solar: { ...solar, panel: known(solar.panel), controller: orNull(solar.controller) },
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
    held: { ...held, leg: held.reduction === true },
  }
}
