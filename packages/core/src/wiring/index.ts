export * from './conductor'
export * from './touchLimit'
export * from './wiringSpecs'
