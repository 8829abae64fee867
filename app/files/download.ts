/**
 * Offers a file to keep.
 *
 * @param name of the file
 * @param what it holds
 * @param type MIME type
 */
export function download(name: string, what: BlobPart, type: string) {
  const url = URL.createObjectURL(new Blob([what], { type }))
  Object.assign(document.createElement('a'), { href: url, download: name }).click()
  URL.revokeObjectURL(url)
}

/**
 * A name that every system takes for a file of a boat.
 *
 * @param boat her name
 * @param what it is, with its ending or without; the boat herself where it is left out
 * @returns letters and digits of any alphabet, small, with dashes between
 * @example fileOf({ name: 'Kittiwake of Sarn' }, 'curve.csv') // 'kittiwake-of-sarn-curve.csv'
 */
export const fileOf = (boat: { name: string }, what?: string): string => {
  const words = boat.name.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? ['boat']
  return [...words, ...(what ? [what] : [])].join('-')
}
