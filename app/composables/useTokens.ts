import { computed } from 'vue'
import { useMediaQuery } from '@vueuse/core'
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
  'fits-wash',
  'tight-wash',
  'clash-wash',
] as const
/** the typefaces of figures and of words, as tokens.css names them */
export const FIGURES_FONT = '"Barlow Semi Condensed"',
  LABELS_FONT = '"IBM Plex Sans Condensed"'
export type Tokens = Record<(typeof NAMES)[number], string>

/** The tokens' colours of the theme in force as plain values, for Plotly, which cannot read CSS. */
export function useTokens() {
  const { tell } = useBoardTheme()
  const forced = useMediaQuery('(forced-colors: active)')
  return computed(() => {
    tell()
    return forced.value ? systemTokens() : declaredTokens()
  })
}

function declaredTokens(): Tokens {
  const style = getComputedStyle(document.documentElement)
  return Object.fromEntries(NAMES.map(n => [n, style.getPropertyValue(`--${n}`).trim()])) as Tokens
}

/** Names of the system's colours, as the browser paints them. */
function systemTokens(): Tokens {
  const probe = document.body.appendChild(document.createElement('span'))
  probe.style.setProperty('forced-color-adjust', 'none')
  const painted = Object.fromEntries(
    NAMES.map(n => {
      probe.style.color = `var(--${n})`
      return [n, getComputedStyle(probe).color]
    }),
  ) as Tokens
  probe.remove()
  return painted
}
