export * from './readTable'
export * from './writeTable'
