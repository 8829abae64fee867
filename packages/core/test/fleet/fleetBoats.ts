import { sizeRest } from '../../src/sizing'
import { withEdits, type Project } from '../../src/project'
import { enterFleetBoat, type FleetBoat } from './fleetEntry'
import fleet from './fleetOpen.json' with { type: 'json' }

/** Ordinary boats of every kind, none of them a demo boat: estimates by common practice, each a bet at 9 to 1. */
export const FLEET_BOATS = fleet as FleetBoat[]

/** The same as their owners would enter them. */
export const FLEET: readonly Project[] = FLEET_BOATS.map(enterFleetBoat)

/** The fleet with the first design that each boat gets; one that gets none keeps its placeholders, which clash. */
export const SIZED_FLEET: readonly Project[] = FLEET.map(boat => {
  const sized = sizeRest(boat)
  return sized.outcome === 'sized' ? withEdits(boat, sized.edits) : boat
})
