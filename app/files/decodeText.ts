/**
 * The text of a file whose letters may be of one byte or two: UTF-8, or UTF-16 as some spreadsheets write it, which its
 * mark tells, or the empty half of its first letters.
 *
 * @param bytes of the file
 * @returns its text without the mark
 * @example decodeText(new Uint8Array([0xff, 0xfe, 65, 0])) // 'A'
 */
export function decodeText(bytes: Uint8Array): string {
  const [a, b] = bytes
  const label =
    a === 0xff && b === 0xfe
      ? 'utf-16le'
      : a === 0xfe && b === 0xff
        ? 'utf-16be'
        : a !== 0 && b === 0
          ? 'utf-16le'
          : a === 0 && b !== undefined && b !== 0
            ? 'utf-16be'
            : 'utf-8'
  return new TextDecoder(label).decode(bytes)
}
