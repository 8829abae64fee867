export * from './fitTrial'
export * from './readTrialTable'
export * from './trialRuns'
