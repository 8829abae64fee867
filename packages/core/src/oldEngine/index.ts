export * from './engineKind'
export * from './oldEngine'
