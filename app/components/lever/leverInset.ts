/**
 * Where the lying lever's scale begins and ends, px from the edges of the screen: 8 + a button of 48 + 4, and the
 * scale's own inset.
 */
export const LEVER_PAD = 10
export const LEVER_INSET = 8 + 48 + 4 + LEVER_PAD
