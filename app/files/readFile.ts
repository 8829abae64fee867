import { wrap, type Remote } from 'comlink'
import { startWorker } from '~/workers/startWorker'
import type { FileReaders } from './fileReaders'

let readers: Remote<FileReaders> | null = null
let lost: Promise<never>

function connect(): Remote<FileReaders> {
  const worker = startWorker('files')
  // a part of Remigo that is not here, as after a new build, must not leave the owner waiting
  lost = new Promise((_, reject) =>
    worker.addEventListener('error', event => {
      readers = null
      reject(new Error(event.message || 'The reader of files could not be loaded.'))
    }),
  )
  lost.catch(() => {})
  return wrap<FileReaders>(worker)
}

/**
 * Reads a file in a worker.
 *
 * @param read what is asked of the readers
 * @returns what it holds, or what is wrong with it
 * @throws Error when the worker cannot be had
 */
export async function readFile<R>(read: (readers: Remote<FileReaders>) => R): Promise<Awaited<R>> {
  readers ??= connect()
  return Promise.race([read(readers), lost])
}
