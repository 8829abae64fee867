export * from './conductor'
export * from './touchLimit'
