import { PANEL_6, panels6 } from './frozenParts'
import { fullVolts, part, type Migration } from './migration'

/**
 * 5 to 6: spaces for the pack, banks and strings beside it, sun, generator, house converter, and how often and where
 * she is used.
 */
export const toVersion6: Migration = document => {
  const boat = part(document.boat),
    design = part(document.design),
    wiring = part(design.wiring)
  return {
    ...document,
    boat: { ...boat, compartments: [] },
    use: {
      ...part(document.use),
      outings: 40,
      wayHome: wayHome(String(boat.hullType), String(boat.variant)),
      place: { latitude: 0.8813912722571364, longitude: -0.13962634015954636 },
    },
    design: {
      ...design,
      banks: { count: 1, health: 1, lowCut: null, highCut: null, owned: null, others: [] },
      solar: {
        fitted: false,
        panel: PANEL_6,
        parallel: 1,
        tilt: 0,
        heading: Math.PI,
        swings: true,
        shading: 0.15,
        coldest: 263.15,
        sun: null,
        ...panels6(fullVolts(part(design.pack))),
      },
      wiring: {
        chargeLength: 2,
        houseLength: 2,
        panelLength: 6,
        dcdcLeast: null,
        dcdcGreatest: null,
        dcdcPower: null,
        ...wiring,
        fitted: { galvanicIsolator: true, bonding: true, ...part(wiring.fitted) },
      },
      charging: {
        supply: 'shore',
        generatorPower: 2800,
        generatorShare: 0.75,
        generatorFuel: 1.1111111111111112e-10,
        sun: false,
        sailing: false,
        month: 6,
        ...part(design.charging),
      },
    },
  }
}

/** What brought a boat home, by its kind. */
function wayHome(hullType: string, variant: string): string {
  if (hullType === 'keelYacht' || variant === 'sail') return 'sails'
  return hullType === 'canoe' || hullType === 'dinghy' ? 'oars' : 'none'
}
