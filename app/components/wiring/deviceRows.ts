/** Letters that a device's box is wide, and rows that it is high below its name. */
const WIDE = 23, ROWS = 3

/**
 * Words of a device as rows of its box: long lines go on in the next row; a line for which there is no room stands below the diagram
 * alone, where all of them do.
 *
 * @param lines of the device, the first of them the most wanted
 * @returns at most three rows of at most 23 letters
 * @example deviceRows(['in the earth of the shore']) // ['in the earth of the', 'shore']
 */
export function deviceRows(lines: readonly string[]): string[] {
  const rows: string[] = []
  for (const line of lines) {
    const more = wrapped(line)
    if (rows.length + more.length > ROWS) {
      if (rows.length > 0) break
      return [...more.slice(0, ROWS - 1), short(`${more[ROWS - 1]!} ${more[ROWS]!}`)]
    }
    rows.push(...more)
  }
  return rows
}

const short = (text: string): string => text.length > WIDE ? `${text.slice(0, WIDE - 1).trimEnd()}…` : text

function wrapped(line: string): string[] {
  const rows = ['']
  for (const word of line.split(' ')) {
    const last = rows.at(-1)!, longer = last ? `${last} ${word}` : word
    if (longer.length <= WIDE || !last) rows[rows.length - 1] = short(longer)
    else rows.push(short(word))
  }
  return rows
}
