export type * from './field'
export * from './fieldError'
export * from './fieldsOf'
export * from './readField'
