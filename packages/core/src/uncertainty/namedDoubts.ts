import type { Doubt, HullResistance } from '../system'

/** A doubt in words: what it is, and what an owner can do about it. */
interface Words {
  label: string
  advice: string
}

const WORDS: Record<Doubt, Words> = {
  methods: { label: 'what the methods leave open', advice: 'take a reading under way' },
  weight: { label: 'weight', advice: 'weigh the boat' },
  bottom: { label: 'bottom', advice: 'look at the bottom' },
  form: { label: 'shape of the hull', advice: 'measure waterline and draught' },
  margin: { label: 'sea margin', advice: 'decide for which weather' },
  drive: { label: 'wake and propeller', advice: 'measure rpm and watts' },
}

/** One doubt's part in the spread of the power. */
export interface Share extends Words {
  id: Doubt
  share: number
}

/**
 * What makes the band of the power at a speed, largest first.
 *
 * @param resistance at that speed
 * @returns shares of the variance of ln power, which add to 1; doubts that are nothing are left out
 */
export function doubtShares({ doubts }: Pick<HullResistance, 'doubts'>): Share[] {
  const squares = (Object.entries(doubts) as [Doubt, number][]).map(([id, sigma]) => ({ id, square: sigma * sigma }))
  const whole = squares.reduce((sum, s) => sum + s.square, 0) || 1
  return squares
    .filter(s => s.square > 0)
    .map(({ id, square }) => ({ id, ...WORDS[id], share: square / whole }))
    .sort((a, b) => b.share - a.share)
}
