/** What of the core is fetched after the first picture: rules with their fixes, and sizing. See useAdvice. */
export { findingsOf, sizeRest } from '@remigo/core'
