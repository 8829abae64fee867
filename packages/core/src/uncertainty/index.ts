export * from './latinHypercube'
export * from './namedDoubts'
export * from './sampleBoat'
export * from './shapeKernel'
