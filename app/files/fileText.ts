import { decodeText } from './decodeText'

/** The text of a file, or a sentence that says why it is not read. */
export type FileText = { ok: true; text: string } | { ok: false; message: string }

const MB = 1024 * 1024
const sizeText = (bytes: number) => `${(bytes / MB).toFixed(bytes < 10 * MB ? 1 : 0)}\u00A0MB`

/**
 * Reads a file as text, unless it is larger than anything of its kind.
 *
 * @param file chosen by the owner
 * @param most bytes
 * @returns its text, or why not
 */
export async function fileText(file: Blob, most: number): Promise<FileText> {
  if (file.size > most)
    return { ok: false, message: `The file has ${sizeText(file.size)}; at most ${sizeText(most)} are read.` }
  return { ok: true, text: decodeText(new Uint8Array(await file.arrayBuffer())) }
}

/** Bytes that are read at most, by what a file holds. */
export const MOST_BYTES = { boat: 60 * MB, archive: 400 * MB, gpx: 40 * MB, table: 8 * MB, parts: 60 * MB } as const
