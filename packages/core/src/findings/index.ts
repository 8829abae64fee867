export * from './checkFindings'
export * from './finding'
export * from './ratingUse'
export { RULES } from './rules'
