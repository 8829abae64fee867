import type { RunSetup } from '@remigo/core'

/** What of a setup its readings make worth asking. */
export interface SetupNeeds {
  /** before there is a design: the fewest fields */
  early?: boolean
  /** a share of a charge, or amps without volts, wants its pack */
  pack?: boolean
  /** turns want their gear and propeller */
  turns?: boolean
  /** watts at the battery may hold the house */
  house?: boolean
}

/**
 * The fields of a setup that its readings make worth asking, in the order in which an owner would tell them.
 *
 * @param setup what is known of it
 * @param needs what its readings ask for
 * @returns keys of RUN_SETUP
 * @example setupKeys({ made: 'another', kind: 'trollingMotor' }, { early: true }) // ['kind', 'notches', 'plate']
 */
export function setupKeys({ made, kind }: Partial<RunSetup>, needs: SetupNeeds): (keyof RunSetup)[] {
  const another = made === 'another',
    electric: (keyof RunSetup)[] = another
      ? ['kind', ...(kind === 'trollingMotor' ? (['notches'] as const) : []), 'plate']
      : []
  const pack: (keyof RunSetup)[] = needs.pack && made !== 'asFitted' ? ['packEnergy'] : []
  if (needs.early) return [...electric, ...pack]
  return [
    ...(another ? (['name'] as const) : []),
    ...electric,
    ...pack,
    ...(needs.turns && made !== 'asFitted' ? (['gear', 'diameter', 'pitch'] as const) : []),
    ...(needs.house && made !== 'oldEngine' ? (['houseLoad'] as const) : []),
    'still',
    'mass',
    'hullCondition',
    'headWind',
  ]
}
