export * from './dayVerdict'
export * from './findingsOf'
export * from './powerGates'
export * from './provenFixes'
