export type { Inputs, WorkingInput } from './inputs'
export { workedOut, type Worked, type WorkedFrom } from './worked'
