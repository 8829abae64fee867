export * from './cellVolts'
export * from './commissioning'
export * from './firstPower'
export * from './powerCsv'
