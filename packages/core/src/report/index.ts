export * from './curveCsv'
export * from './evaluationJson'
export * from './evaluationText'
export * from './controllerSettings'
