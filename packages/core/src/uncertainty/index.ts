export * from './latinHypercube'
export * from './sampleBoat'
export * from './uncertainInputs'
