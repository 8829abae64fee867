import type { Remote } from 'comlink'
import { startWorker, type WorkerLine } from '~/workers/startWorker'
import type { FileReaders } from './fileReaders'

let line: WorkerLine<FileReaders> | null = null

/**
 * Reads a file in a worker.
 *
 * @param read what is asked of the readers
 * @returns what it holds, or what is wrong with it
 * @throws Error when the worker cannot be had
 */
export async function readFile<R>(read: (readers: Remote<FileReaders>) => R): Promise<Awaited<R>> {
  line ??= startWorker<FileReaders>('files')
  try {
    return await line.ask(read)
  } catch (error) {
    // the next file gets a new worker
    line?.end()
    line = null
    throw error
  }
}
