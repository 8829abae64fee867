const WORDS = [
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
] as const
const MORE: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  pair: 2,
  twin: 2,
  both: 2,
  dozen: 12,
  sixteen: 16,
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
  sixty: 60,
  seventy: 70,
  eighty: 80,
}
const NUMBER = `(\\d{1,3}|${[...WORDS, ...Object.keys(MORE)].join('|')})`,
  THINGS =
    '(?:cells?|prismatic|panels?|modules?|blocks?|packs?|batter(?:y|ies)|motors?|outboards?|chargers?|controllers?|' +
    'pieces|units|bricks?|lead|lithium|lfp|agm|solar|hub|trolling|used|new|old|second-hand|' +
    '\\d+(?:[.,]\\d+)?\\s?(?:v|w|ah)\\b)'

const PATTERNS = [
  // 48 cells, two used 12 V batteries
  new RegExp(`^\\s*${NUMBER}\\s+(?:of\\s+)?(?=${THINGS})`, 'i'),
  // 4 × 12 V 100 Ah
  new RegExp(`^\\s*${NUMBER}\\s*(?:x|×|\\*)\\s*(?=\\S)`, 'i'),
  // …, two of them
  new RegExp(`[,;]?\\s*\\b${NUMBER} (?:of them|of these|pieces|pcs|in all|off)\\b`, 'i'),
  // … × 3
  new RegExp(`[,;]?\\s+(?:x|×|\\*)\\s*${NUMBER}\\s*$`, 'i'),
  // 12 V 100 Ah batteries, 6; but no thousands
  new RegExp(`(?:[,;]\\s+|(?<!\\d)[,;])${NUMBER}\\s*$`, 'i'),
  // cells: 48; 3.2 V cells, 48 of
  new RegExp(`\\b(?:cells?|panels?|batteries|modules?)\\s*[:=]\\s*${NUMBER}\\b`, 'i'),
  // LFP 304 Ah, 48 cells
  new RegExp(`[,;]?\\s*\\b${NUMBER}\\s+(?:cells|panels|modules|batteries|motors)\\b`, 'i'),
]

/** How many of a thing a line tells, and the line without it. */
export interface Counted {
  count: number
  rest: string
}

/**
 * How many of a thing there are.
 *
 * @param line in an owner's words
 * @returns the count, 1 where none is told, and the rest of the line
 * @example countOf('36 V 160 Ah, 96 lb, two of them').count // 2
 */
export function countOf(line: string): Counted {
  for (const pattern of PATTERNS) {
    const match = pattern.exec(line)
    if (!match) continue
    const word = match[1]!.toLowerCase(),
      count = /^\d/.test(word) ? Number(word) : (MORE[word] ?? WORDS.indexOf(word as (typeof WORDS)[number]) + 1)
    if (count < 1) continue
    return {
      count,
      rest: (line.slice(0, match.index) + ' ' + line.slice(match.index + match[0].length)).trim(),
    }
  }
  return { count: 1, rest: line.trim() }
}
