export * from './had'
export * from './readHad'
