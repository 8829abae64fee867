import { useFileDialog } from '@vueuse/core'

/**
 * A button that asks for files: `pick` opens the system's own dialog, and what is chosen there is given on. The same
 * file may be chosen again.
 *
 * @param accept kinds of files, as of an input
 * @param take what is done with each choice
 * @param multiple whether several may be chosen at once
 * @returns what a button calls
 */
export function useFilePick(accept: string, take: (files: File[]) => unknown, multiple = false) {
  const { open, onChange } = useFileDialog({ accept, multiple, reset: true })
  onChange(files => {
    if (files?.length) take([...files])
  })
  return () => open()
}
