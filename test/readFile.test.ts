import { afterEach, describe, expect, it, vi } from 'vitest'
import { readFile } from '../app/files/readFile'
import { workersHere } from './workerStandIn'

afterEach(() => vi.unstubAllGlobals())

describe('a file that is read beside the page', () => {
  it('what the reader throws comes to who asked, its death too, and the next file gets a new one', async () => {
    const workers = workersHere(() => ({
      gpx: (file: { name: string }) => {
        if (file.name === 'bad') throw new RangeError('no route in it')
        return file.name === 'endless' ? new Promise(() => undefined) : { ok: true, points: [file.name] }
      },
    }))
    const read = (name: string) => readFile(files => files.gpx({ name } as File))
    expect(await read('a')).toEqual({ ok: true, points: ['a'] })
    expect(await read('b')).toEqual({ ok: true, points: ['b'] })
    expect(workers.length).toBe(1)
    await expect(read('bad')).rejects.toThrow('no route in it')
    const waiting = read('endless')
    await vi.waitFor(() => expect(workers.length).toBe(2))
    workers[1]!.die('')
    await expect(waiting).rejects.toThrow('a part of Remigo could not be loaded')
    expect(await read('c')).toEqual({ ok: true, points: ['c'] })
    expect(workers.map(w => w.ended)).toEqual([true, true, false])
  })
})
