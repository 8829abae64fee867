import { computed } from 'vue'
import { useBoardTheme } from './useBoardTheme'

const NAMES = [
  'paper',
  'sheet',
  'desk',
  'water',
  'hull',
  'text',
  'soft',
  'ink',
  'rule',
  'grid',
  'band',
  'signal',
  'on-signal',
  'fits',
  'tight',
  'clash',
] as const
/** the typefaces of figures and of words, as tokens.css names them */
export const FIGURES_FONT = '"Barlow Semi Condensed"',
  LABELS_FONT = '"IBM Plex Sans Condensed"'
export type Tokens = Record<(typeof NAMES)[number], string>

/** The tokens' colours of the theme in force, for Plotly, which cannot read CSS. */
export function useTokens() {
  const { tell } = useBoardTheme()
  return computed(() => {
    tell()
    const style = getComputedStyle(document.documentElement)
    return Object.fromEntries(NAMES.map(n => [n, style.getPropertyValue(`--${n}`).trim()])) as Tokens
  })
}
