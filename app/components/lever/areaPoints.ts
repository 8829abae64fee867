/**
 * Points of an SVG polygon: the area between a line and its foot.
 *
 * @param line places of the line, px
 * @param foot where a place of the line stands on the foot
 * @returns for the attribute `points`
 * @example areaPoints([[0, 5], [10, 2]], ([x]) => [x, 9]) // '0,9 0,5 10,2 10,9'
 */
export function areaPoints(line: [number, number][], foot: (place: [number, number]) => [number, number]): string {
  return [foot(line[0]!), ...line, foot(line.at(-1)!)].join(' ')
}
