export * from './checkFindings'
export * from './finding'
export * from './ratingUse'
export { RULES, type RuleId } from './rules'
