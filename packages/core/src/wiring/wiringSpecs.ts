import type { NamedPart } from '../fields/namedPart'

/** Insulation ratings of boat cable, °C. */
export const INSULATIONS = [60, 70, 90, 105, 125] as const
/** One of them. */
export type Insulation = (typeof INSULATIONS)[number]

/** A cable by the metre, one conductor of stranded copper. */
export interface CableSpec extends NamedPart {
  /** mm² of copper */
  area: number
  /** °C */
  insulation: Insulation
  /** greatest working voltage, V DC */
  voltage: number
  tinned: boolean
  /** over the insulation, m */
  diameter: number
  /** kg and € for a metre */
  massPerMetre: number
  pricePerMetre: number
}

/** Kinds of fuse; what each can interrupt differs by maker, so it stands on the part. */
export const FUSE_KINDS = ['fast, current-limiting', 'bolt-on strip', 'terminal block', 'slow, bolt-on'] as const
/** One of them. */
export type FuseKind = (typeof FUSE_KINDS)[number]

/** A fuse link with its holder. */
export interface FuseSpec extends NamedPart {
  kind: FuseKind
  /** A */
  rating: number
  /** greatest V DC at which it clears */
  voltage: number
  /** greatest A DC that it interrupts at that voltage */
  interrupt: number
  price: number
}
