/** Letters of a row, and rows below a device's name. */
const WIDE = 23,
  ROWS = 3

/**
 * Words of a device as rows beside its square: long lines go on in the next row; a line for which there is no room
 * stands only below the diagram, where all of them do.
 *
 * @param lines of the device, the first of them the most wanted
 * @param wide letters of a row
 * @param high rows of the box
 * @returns rows, at most as many and as long as the box takes
 * @example deviceRows(['in the earth of the shore']) // ['in the earth of the', 'shore']
 */
export function deviceRows(lines: readonly string[], wide = WIDE, high = ROWS): string[] {
  const rows: string[] = []
  for (const line of lines) {
    const more = wrapped(line, wide)
    if (rows.length + more.length > high) {
      if (rows.length > 0) break
      return [...more.slice(0, high - 1), short(more.slice(high - 1).join(' '), wide)]
    }
    rows.push(...more)
  }
  return rows.map(row => row.replaceAll('\u00A0', ' '))
}

const short = (text: string, wide: number): string =>
  text.length > wide ? `${text.slice(0, wide - 1).trimEnd()}…` : text

function wrapped(line: string, wide: number): string[] {
  const rows = ['']
  // a figure keeps its unit
  for (const word of line.replace(/(\d) (?=(?:k?[WVA]|Ah|rpm|mm²?|m)(?![A-Za-z]))/g, '$1\u00A0').split(' ')) {
    const last = rows.at(-1)!,
      longer = last ? `${last} ${word}` : word
    if (longer.length <= wide || !last) rows[rows.length - 1] = short(longer, wide)
    else rows.push(short(word, wide))
  }
  return rows
}
