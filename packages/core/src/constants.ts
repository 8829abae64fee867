/** Standard acceleration of gravity g, m/s² (exact by definition: CGPM 1901). */
export const GRAVITY = 9.80665

/** Density of air at 15 °C and sea level, kg/m³ (ISO 2533). */
export const AIR_DENSITY = 1.225

/** Atmospheric pressure less vapour pressure of water at 15 °C, Pa (Holtrop & Mennen 1982: p0 − pv = 99 047 N/m²). */
export const PRESSURE_ABOVE_VAPOUR = 99_047

/** One nautical mile in m (exact). */
export const NAUTICAL_MILE = 1852

/** One knot in m/s (exact: a nautical mile in one hour). */
export const KNOT = NAUTICAL_MILE / 3600

/** One mechanical horsepower in W (550 ft·lbf/s). */
export const HORSEPOWER = 745.69987158227

/** One pound in kg (exact). */
export const POUND = 0.45359237

/** One foot in m (exact). */
export const FOOT = 0.3048

/** Seconds of a day and of a year. */
export const DAY = 86_400,
  YEAR = 365.25 * DAY

/** 0 °C in K (exact by definition). */
export const FREEZING = 273.15
