export type * from './cellSpec'
export * from './chemistry'
export * from './pack'
export * from './peukert'
