export * from './devices'
export * from './placeOneLine'
