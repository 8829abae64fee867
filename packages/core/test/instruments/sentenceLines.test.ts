import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { SentenceLines, writeSentence } from '../../src/instruments'

const HEADING = '$HEHDT,274.07,T*19'
/** The text in pieces, cut at these places. */
const pieces = (text: string, at: number[]) => {
  const cuts = [0, ...at.map(a => a % (text.length + 1)).sort((a, b) => a - b), text.length]
  return cuts.slice(1).map((end, i) => text.slice(cuts[i], end))
}

describe('sentences from a wire', () => {
  it('a sentence cut in two messages is whole again', () => {
    const cut = new SentenceLines()
    expect(cut.take('$HEHDT,27')).toEqual([])
    expect(cut.take('4.07,T*19\r\n')).toEqual([HEADING])
  })
  it('one sentence a message needs no end, nor a checksum once the next begins', () => {
    const cut = new SentenceLines()
    expect(cut.take(HEADING)).toEqual([HEADING])
    expect(cut.take('$HEHDT,1,T')).toEqual([])
    expect(cut.take('$HEHDT,2,T')).toEqual(['$HEHDT,1,T'])
    expect(cut.end()).toEqual(['$HEHDT,2,T'])
    expect(cut.end()).toEqual([])
  })
  it('a tag block belongs to the sentence after it, wherever it is cut', () => {
    const tagged = `\\s:one*5A\\${HEADING}`
    for (let at = 1; at < tagged.length - 1; at++) {
      const cut = new SentenceLines()
      expect([...cut.take(tagged.slice(0, at)), ...cut.take(tagged.slice(at)), ...cut.end()], `cut at ${at}`).toEqual([
        tagged,
      ])
    }
  })
  it('a line without end does not grow', () => {
    const cut = new SentenceLines()
    for (let i = 0; i < 100; i++) expect(cut.take('x'.repeat(1000))).toEqual([])
    expect(cut.end()[0]!.length).toBe(400)
  })
  it('any stream, however cut, gives the same sentences', () => {
    const lines = fc.array(
      fc
        .tuple(
          fc.constantFrom('RMC', 'VHW', 'XDR'),
          fc.array(fc.stringMatching(/^[\w.]{0,6}$/), { minLength: 1, maxLength: 6 }),
        )
        .map(([type, fields]) => writeSentence('II', type, fields)),
      { minLength: 1, maxLength: 8 },
    )
    fc.assert(
      fc.property(lines, fc.array(fc.nat(600), { maxLength: 12 }), fc.constantFrom('\r\n', '\n'), (sent, at, end) => {
        const cut = new SentenceLines()
        const heard = pieces(sent.map(l => l + end).join(''), at).flatMap(piece => cut.take(piece))
        expect([...heard, ...cut.end()]).toEqual(sent)
      }),
    )
  })
})
