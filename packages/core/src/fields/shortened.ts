import type { TextField } from './field'

/**
 * Words cut to what a field of words holds, where there is nobody to be asked for shorter ones.
 *
 * @param words of any length
 * @param field that they are put into
 * @returns as many letters as it holds
 * @example shortened('Tirrick', { kind: 'text', label: 'Name', shortest: 1, longest: 4 }) // 'Tirr'
 */
export const shortened = (words: string, { longest }: TextField): string => words.slice(0, longest)
