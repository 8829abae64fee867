export * from './findingsOf'
export * from './provenFixes'
