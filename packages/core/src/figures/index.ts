export * from './compareDesigns'
export * from './explain'
export * from './figure'
export * from './figures'
