export * from './engineFuel'
export * from './generator'
export * from './ways'
export * from './wayWorked'
