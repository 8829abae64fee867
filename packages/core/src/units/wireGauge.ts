/** Gauge numbers that are sold as wire and cable: 20 AWG down to 4/0. */
const THINNEST = 20,
  THICKEST = -3

/**
 * Diameter of a solid wire of an American Wire Gauge number, m.
 *
 * @param gauge n; 1/0 is 0, 2/0 is −1, 3/0 is −2, 4/0 is −3
 * @returns m
 * @example awgDiameter(10) // 0.002588
 *
 * Source: ASTM B258: d = 0.127 mm × 92^((36 − n)/39).
 */
export function awgDiameter(gauge: number): number {
  return 0.127e-3 * 92 ** ((36 - gauge) / 39)
}

/**
 * Cross-section of an American Wire Gauge number, m².
 *
 * @param gauge n; 4/0 is −3
 * @returns m²
 * @example 1e6 * awgArea(-1) // 67.43
 */
export function awgArea(gauge: number): number {
  return (Math.PI / 4) * awgDiameter(gauge) ** 2
}

/** Square millimetres in a thousand circular mils: cable above 4/0 is sold by them. */
const KCMIL = 0.5067

/**
 * A cross-section as an owner reads it who lives with gauges: the thinnest that is not thinner.
 *
 * @param area m²
 * @returns "2/0" and "AWG", or "300" and "kcmil" above 4/0
 * @example gaugeText(67.43e-6).text // '2/0'
 */
export function gaugeText(area: number): { text: string; unit: string } {
  for (let gauge = THINNEST; gauge >= THICKEST; gauge--) {
    if (awgArea(gauge) >= 0.985 * area) return { text: gauge > 0 ? String(gauge) : `${1 - gauge}/0`, unit: 'AWG' }
  }
  return { text: String(Math.ceil((area * 1e6) / KCMIL / 10) * 10), unit: 'kcmil' }
}

/**
 * Reads a cable's size by gauge: "2/0", "2/0 AWG", "AWG 4", "#4", "0000".
 *
 * @param text as typed
 * @param bareIsGauge whether the owner lives with gauge numbers: a bare 1 to 20 is then asked for its unit
 * @returns m²; a sentence when it is a gauge that is not sold, or could be one; null when it is no gauge
 * @example 1e6 * Number(readGauge('4 AWG', false)) // 21.15
 */
export function readGauge(text: string, bareIsGauge: boolean): number | string | null {
  const bare = text.trim().toLowerCase(),
    named = /awg|ga(u|g|$)|#/.test(bare)
  const digits = bare.replace(/awg|gauge|ga\b|#|no\.?/g, '').trim()
  const slashed = /^(\d)\s*\/\s*0$/.exec(digits),
    zeros = /^0{1,4}$/.exec(digits),
    plain = /^\d{1,2}$/.exec(digits)
  const gauge = slashed ? 1 - Number(slashed[1]) : zeros ? 1 - digits.length : plain && named ? Number(digits) : null
  if (gauge === null || (zeros && digits === '0' && !named)) {
    const could = bareIsGauge && plain && Number(digits) >= 1 && Number(digits) <= THINNEST
    return named
      ? `“${text.trim()}” is not a wire gauge. Try 2/0 AWG, 4 AWG or 35 mm².`
      : could
        ? `“${text.trim()}” can be read two ways. Write ${digits} AWG or ${digits} mm².`
        : null
  }
  return gauge >= THICKEST && gauge <= THINNEST
    ? awgArea(gauge)
    : `“${text.trim()}” is not sold as cable: gauges run from ${THINNEST} AWG to 4/0 AWG. Try 2/0 AWG or 67 mm².`
}
