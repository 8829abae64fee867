/** Bytes in the unit that one reads at a glance. */
const bytes = (n: number) =>
  n < 1e9 ? `${Math.max(1, Math.round(n / 1e6))}\u00A0MB` : `${(n / 1e9).toFixed(1)}\u00A0GB`

/** Words of pictures. */
export const photoWords = {
  add: 'Add a picture',
  remove: (at: string) => `Take the picture of ${at} away`,
  of: (at: string) => `Picture of ${at}`,
  kept: 'kept in this browser, and in the archive of the boat',
  room: (used: number, given: number) => `(${bytes(used)} of ${bytes(given)} are used)`,
  trouble: {
    store: 'The browser’s store of pictures does not answer.',
    many: '400 pictures at most are kept for a boat. Take some away first.',
    unread: 'That file is no picture that this browser can read. JPEG, PNG and WebP can.',
    full: 'The browser has no room for it. Write an archive, then take old pictures away.',
    nearly: 'The browser’s room is nearly full. Write an archive of the boat.',
  } as Record<string, string>,
  archive: 'Boat with pictures, as one file',
  readArchive: 'Read such a file',
  refused: (why: string) => `The file was not read. ${why} Nothing has changed.`,
  done: (name: string, n: number) => `${name} is here, with ${n} pictures.`,
} as const
