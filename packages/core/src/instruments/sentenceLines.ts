/** What is kept of a line whose end has not come. */
const LONGEST_REST = 400
const WHOLE = /^(\\[^\\]*\\)?[$!].*\*[0-9A-F]{2}$/i,
  BEGINS = /^[$!\\]/,
  /** a tag block, open or closed, whose sentence is still to come */
  TAG = /^\\[^\\]*\\?$/

/**
 * Cuts what comes over a wire into sentences, however it was cut on its way: a serial port gives bytes as they come, a
 * relay one sentence a message, with or without its end, or half of one.
 */
export class SentenceLines {
  private rest = ''

  /**
   * Takes what came.
   *
   * @param text any part of the stream
   * @returns the lines that are whole now
   * @example new SentenceLines().take('$HEHDT,274.07,T*19') // ['$HEHDT,274.07,T*19']
   *
   * Source: NMEA 0183: a sentence begins with $ or !, or a tag block with \, and ends with CR LF; two hexadecimal
   * digits after * are the last of it.
   */
  take(text: string): string[] {
    // what came before had no end, but a new sentence begins
    const before = this.rest && BEGINS.test(text) && !TAG.test(this.rest) ? [this.rest] : []
    const lines = ((before.length ? '' : this.rest) + text).split(/\r?\n|\r/)
    this.rest = lines.pop()!.slice(-LONGEST_REST)
    if (WHOLE.test(this.rest)) lines.push(...this.end())
    return [...before, ...lines].filter(line => line !== '')
  }

  /** What is left when nothing more will come. */
  end(): string[] {
    const last = this.rest
    this.rest = ''
    return last ? [last] : []
  }
}
