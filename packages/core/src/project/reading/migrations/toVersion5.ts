import { charger5 } from './frozenParts'
import { fullVolts, part, type Migration } from './migration'

/** 4 to 5: ready packs, and what the lever asks of the motor; wiring and charging. */
export const toVersion5: Migration = document => {
  const boat = part(document.boat),
    design = part(document.design),
    pack = part(design.pack)
  return {
    ...document,
    boat: { ...boat, drive: { ...part(boat.drive), astern: 'motor' } },
    design: {
      ...design,
      pack: { ...pack, cell: { ...part(pack.cell), complete: false } },
      throttle: { controls: 'torque', deadband: 0.04, rampUp: 1.5, rampDown: 0.4, points: [0, 0.08, 0.27, 0.58, 1] },
      wiring: WIRING,
      charging: {
        charger: charger5(fullVolts(pack)),
        count: 1,
        shoreVoltage: 230,
        shoreCurrent: 16,
        continuous: 0.8,
        inlet: 'household',
        from: 0.3,
        coldest: 283.15,
      },
    },
  }
}

const WIRING = {
  mainLength: 2,
  motorLength: 1.5,
  insulation: 105,
  engineSpace: true,
  bundled: 2,
  mainArea: null,
  motorArea: null,
  fuse: null,
  contactorVoltage: null,
  contactorCurrent: null,
  capacitance: 0.005,
  prechargeResistance: null,
  bmsCurrent: null,
  place: 'dry',
  vented: true,
  fitted: {
    contactor: true,
    precharge: true,
    disconnect: true,
    emergencyStop: true,
    shunt: true,
    insulationWatch: true,
    separateHouse: true,
    chargeRelays: true,
  },
}
