/** Something to be written beside a scale. */
export interface ScaleLabel {
  key: string
  at: number
}

/**
 * Moves labels along a scale until none overlaps, keeping their order and staying inside.
 *
 * @param labels wished places in px
 * @param gap least distance between neighbours, px
 * @param from first allowed place
 * @param to last allowed place
 * @returns place of each label by key
 * @example placeLabels([{ key: 'a', at: 10 }, { key: 'b', at: 12 }], 10, 0, 100).b // 20
 */
export function placeLabels(
  labels: readonly ScaleLabel[],
  gap: number,
  from: number,
  to: number,
): Record<string, number> {
  const sorted = [...labels].sort((a, b) => a.at - b.at)
  const places = sorted.map(label => label.at)
  for (let i = 0; i < places.length; i++) places[i] = Math.max(places[i]!, i ? places[i - 1]! + gap : from)
  for (let i = places.length - 1; i >= 0; i--)
    places[i] = Math.min(places[i]!, i < places.length - 1 ? places[i + 1]! - gap : to)
  return Object.fromEntries(sorted.map((label, i) => [label.key, places[i]!]))
}
