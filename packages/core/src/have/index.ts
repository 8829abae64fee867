export * from './had'
export * from './readHad'
export { cellsAtVolts } from './packPlate'
