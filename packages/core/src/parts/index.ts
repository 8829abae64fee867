export * from './demoCells'
export * from './demoControllers'
export * from './demoMotors'
export * from './partSchemas'
