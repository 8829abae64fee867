/** Words of what went wrong inside Remigo. */
export const troubleWords = {
  head: (panel: string) => `${panel} cannot be drawn for this boat`,
  words: (why: string) =>
    `This is a fault of Remigo’s, not yours: ${why.replace(/\.$/, '')}. The boat is kept as it is; all else goes on.`,
  undo: (label: string) => `Undo ${label}`,
  export: 'Export file',
  again: 'Try again',
  notWorkedOut: (why: string) => `This could not be worked out: ${why.replace(/\.$/, '')}. Your boat is kept as it is.`,
  partLost:
    'A part of Remigo could not be loaded: a newer Remigo may have taken its place, or there is no way to the ' +
    'server. Your boat is kept; load the page again.',
  reload: 'Load again',
  newer: 'A newer Remigo is here. It comes when you load the page again; your boats stay.',
  later: 'Later',
  noPage: (path: string) => `There is no page ${path}`,
  noPageHint: 'The address may be mistyped, or be that of an older Remigo. Your boats are kept on this machine.',
  cannotBegin: 'Remigo cannot begin',
  notBegun: (why: string) =>
    `This is a fault of Remigo’s, not yours: ${why.replace(/\.$/, '')}. Your boats are kept on this machine.`,
  toBoat: 'To your boat',
  toStart: 'A new boat',
  pressed: (why: string) => `That did not work, and nothing has changed: ${why}`,
  damaged: (name: string) => `“${name}” cannot be opened: parts of it are missing. It is kept as it is.`,
  panels: {
    strip: 'The boat',
    tally: 'The tally',
    lever: 'The lever',
    findings: 'The list of findings',
    bench: 'This bench',
    tabs: 'The row of benches',
    title: 'The title block',
  },
} as const
