import type { Fin } from './finVolume'

/** A keel, skeg or rudder with its name. */
export interface Appendage extends Fin {
  name: string
}
