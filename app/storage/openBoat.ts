import { keepText, readText } from './browserTexts'

/** The boat last open in this browser. */
const OPEN = 'remigo-open'

/** Id of the boat last open; null where none ever was. */
export const lastOpened = (): string | null => readText(OPEN)

/** Was no boat ever open in this browser? */
export const neverOpened = (): boolean => !lastOpened()

/** Keeps which boat is open. */
export const keepOpened = (id: string): boolean => keepText(OPEN, id)
