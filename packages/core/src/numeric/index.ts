export * from './findRoot'
export * from './interpolate'
export * from './maximise'
export * from './monotoneCubic'
