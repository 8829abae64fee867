/**
 * A level dimension line with a tick at each end, as a path.
 *
 * @param from one end, px
 * @param to the other end, px
 * @param y its height, px
 * @returns the path's data
 */
export function dimensionLine(from: number, to: number, y: number): string {
  return `M${from} ${y}H${to}m0-4v8M${from} ${y - 4}v8`
}
