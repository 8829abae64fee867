/** What the store's own names of failures mean. */
const WHY: Record<string, string> = {
  MissingAPIError: 'this browser keeps no site data',
  SecurityError: 'this browser keeps no site data',
  InvalidStateError: 'this browser keeps no site data',
  QuotaExceededError: 'the room that the browser gives is full',
  'no answer': 'the browser’s store does not answer',
}

/** Words of keeping boats in the browser. */
export const shelfWords = {
  failure: (name: string) =>
    `Not saved: ${WHY[name] ?? `the browser’s store says “${name}”`}. Go on: your work is held in memory, and ` +
    'saving is tried again. Export the boat before you leave.',
  otherTab: 'Change in another tab',
  thisTab: 'This tab’s version',
  updated: 'Updated from another tab.',
  second: (name: string) => `${name} (this tab)`,
  copy: (name: string) => `${name} (copy)`,
  kept: (name: string) => `What was not saved is kept as “${name}”, beside the other tab’s.`,
  early: (name: string) => `You changed the boat before it was read. Your change is kept as “${name}”.`,
  again: 'Another tab deleted this boat. It is kept here.',
  broughtBack: (name: string) => `Another tab went on with this boat. Yours is back as “${name}”.`,
  status: {
    conflict: 'Not saved: another tab changed this boat',
    failed: 'Not saved',
    typing: 'Typed, not kept yet',
    saving: 'Saving',
    saved: 'Saved',
  },
  short: { conflict: 'Not saved', failed: 'Not saved', typing: 'Typed', saving: 'Saving', saved: 'Saved' },
  lasting: {
    ask:
      'Your boats are kept in this browser, which may throw them away when its disk is nearly full. Shall it keep ' +
      'them for good? It may ask you once itself.',
    yes: 'Keep them for good',
    no: 'Not now',
    granted: 'The browser keeps your boats for good.',
    refused: 'The browser promises nothing: export your boats now and then.',
  },
  tryAgain: 'Try again',
  export: 'Export file',
} as const
