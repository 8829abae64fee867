import { KNOT } from '../constants'

/** Somebody's boat with what she took at some speeds. SI; power at the battery. */
export interface OtherBoat {
  name: string
  kind: string
  lengthWaterline: number
  mass: number
  points: readonly { speed: number; power: number }[]
}

const boat = (
  name: string,
  kind: string,
  lengthWaterline: number,
  tonnes: number,
  points: readonly (readonly [kn: number, kW: number])[],
): OtherBoat => ({
  name,
  kind,
  lengthWaterline,
  mass: tonnes * 1000,
  points: points.map(([kn, kW]) => ({ speed: kn * KNOT, power: kW * 1000 })),
})

/** Invented boats of the Bay of Sarn and Lake Ennoy with plausible curves, to hold one's own against. */
export const OTHER_BOATS: readonly OtherBoat[] = [
  boat('Dottrel', 'Keel sailing yacht', 6.1, 2.1, [
    [2.5, 0.28],
    [3.5, 0.68],
    [4.5, 1.62],
    [5.2, 3.1],
  ]),
  boat('Whimbrel', 'Keel sailing yacht', 7.0, 3.2, [
    [3, 0.52],
    [4, 1.14],
    [5, 2.55],
    [5.8, 5.1],
  ]),
  boat('Marra', 'Keel sailing yacht', 8.1, 5.2, [
    [3, 0.66],
    [4, 1.5],
    [5, 3.2],
    [6, 7.4],
  ]),
  boat('Old Thule', 'Keel sailing yacht', 9.4, 9.3, [
    [3, 0.95],
    [4, 2.1],
    [5, 4.6],
    [6, 9.4],
    [6.6, 13.8],
  ]),
  boat('Sandling', 'Displacement launch', 5.8, 1.3, [
    [3, 0.3],
    [4, 0.72],
    [5, 1.9],
  ]),
  boat('Ember Goose', 'Displacement launch', 7.4, 2.6, [
    [3, 0.38],
    [4, 0.86],
    [5, 1.95],
    [6, 5.0],
  ]),
  boat('Carrow', 'Displacement launch', 9.6, 6.1, [
    [4, 1.5],
    [5, 3.0],
    [6, 6.2],
    [7, 14.1],
  ]),
  boat('Low Bridge', 'Canal boat', 15.8, 16, [
    [2, 0.62],
    [3, 1.9],
    [4, 4.8],
  ]),
  boat('Grebe', 'Pontoon boat', 6.2, 1.1, [
    [3, 0.58],
    [4, 1.28],
    [5, 2.5],
  ]),
  boat('Twin Sister', 'Catamaran', 10.8, 6.4, [
    [4, 1.55],
    [5, 3.0],
    [6, 5.4],
    [7, 9.6],
  ]),
  boat('Pipit', 'Canoe', 4.6, 0.19, [
    [2, 0.05],
    [3, 0.16],
    [3.8, 0.42],
  ]),
  boat('Skerry Lass', 'Dinghy', 2.9, 0.26, [
    [2, 0.09],
    [3, 0.29],
    [3.5, 0.62],
  ]),
]
