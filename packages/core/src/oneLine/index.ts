export * from './devices'
export * from './placeOneLine'
export * from './powerPaths'
