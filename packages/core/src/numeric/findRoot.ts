/** What a bracketing solver found. */
export type RootOutcome =
  | { outcome: 'root'; x: number; residual: number; iterations: number }
  | { outcome: 'noBracket'; fLow: number; fHigh: number }
  | { outcome: 'notConverged'; x: number; residual: number; iterations: number }

/**
 * Root of a continuous function inside a bracket, by Brent's method (inverse quadratic, secant, bisection).
 *
 * @param f the function; must be finite on [low, high]
 * @param low left end of the bracket
 * @param high right end of the bracket
 * @param tolerance absolute tolerance on x
 * @returns `root` with residual and iterations; `noBracket` when f has one sign at both ends or is not finite there
 * @example findRoot(x => x * x - 2, 0, 2).outcome // 'root'
 *
 * Source: Brent 1973, Algorithms for Minimization without Derivatives, ch. 4 (from memory of).
 */
export function findRoot(f: (x: number) => number, low: number, high: number, tolerance = 1e-9): RootOutcome {
  let a = low,
    b = high,
    fa = f(a),
    fb = f(b)
  if (!Number.isFinite(fa) || !Number.isFinite(fb) || fa * fb > 0) return { outcome: 'noBracket', fLow: fa, fHigh: fb }
  let c = a,
    fc = fa,
    d = b - a,
    e = d
  // 100 halvings reach any double precision tolerance; Brent's method takes 5 to 12 on smooth curves.
  for (let i = 1; i <= 100; i++) {
    if (fb * fc > 0) {
      c = a
      fc = fa
      d = e = b - a
    }
    if (Math.abs(fc) < Math.abs(fb)) {
      a = b
      b = c
      c = a
      fa = fb
      fb = fc
      fc = fa
    }
    const tol = 2 * Number.EPSILON * Math.abs(b) + tolerance / 2
    const m = (c - b) / 2
    if (Math.abs(m) <= tol || fb === 0) return { outcome: 'root', x: b, residual: fb, iterations: i }
    if (Math.abs(e) >= tol && Math.abs(fa) > Math.abs(fb)) {
      const s = fb / fa
      let p: number, q: number
      if (a === c) {
        p = 2 * m * s
        q = 1 - s
      } else {
        const r = fb / fc,
          t = fa / fc
        p = s * (2 * m * t * (t - r) - (b - a) * (r - 1))
        q = (t - 1) * (r - 1) * (s - 1)
      }
      if (p > 0) q = -q
      p = Math.abs(p)
      if (2 * p < Math.min(3 * m * q - Math.abs(tol * q), Math.abs(e * q))) {
        e = d
        d = p / q
      } else {
        d = m
        e = m
      }
    } else {
      d = m
      e = m
    }
    a = b
    fa = fb
    b += Math.abs(d) > tol ? d : Math.sign(m) * tol
    fb = f(b)
  }
  return { outcome: 'notConverged', x: b, residual: fb, iterations: 100 }
}
