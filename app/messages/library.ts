/** Words of the library of parts: they come with its bench. */
export const l = {
  head: 'Library', lead: 'The parts that ship are invented. Add those that you can buy or already have.', kind: 'Kind of part', find: 'Find', findHint: 'name or words of it', own: 'yours', ships: 'ships with Remigo',
  add: 'New', copy: 'Copy', edit: 'Change', remove: 'Delete', keep: 'Keep', cancel: 'Cancel', import: 'Import CSV', exportAll: 'Export all', exportOwn: 'Export yours', stop: 'Stop',
  count: (shown: number, all: number, many: string) => `${shown === all ? all : `${shown} of ${all}`} ${many.toLowerCase()}`, imported: (n: number) => `${n} parts are in your library.`, notKept: (why: string) => `The file is fine, but this browser could not keep it (${why}).`, deleted: (name: string) => `${name} is deleted.`, undo: 'Bring back',
  wrong: 'Nothing was imported. Mend these cells and import the file again:', cell: (line: number, column: string) => `Line ${line}, ${column}`, more: (n: number) => `and ${n} more.`,
  none: 'No part of that name.', nothing: 'Choose a part to see all of it.', newName: (name: string) => `${name}, mine`, name: 'Name', tryIt: 'Try on the boat', noPack: 'These cells make no pack for this boat’s volts and amps.', fileHint: 'A file holds one kind. Export all of it to see the columns; units stand in the heading.', yes: { yes: 'Yes', no: 'No' }, replaces: 'A part of yours has this name; keeping replaces it.',
} as const
