/** What of the core a first design takes: fetched when the first answer stands, not with the empty sheet. */
export {
  designPrice,
  doubtShares,
  evaluate,
  firstDesign,
  firstVerdict,
  isFarOff,
  measuredOf,
  standInsOf,
  TOUCH_LIMIT,
} from '@remigo/core'
