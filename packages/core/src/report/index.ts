export * from './curveCsv'
export * from './evaluationJson'
export * from './evaluationText'
