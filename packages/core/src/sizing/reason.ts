import type { Text } from '../units'

/** Why a part was chosen, or kept. */
export interface Reason {
  part: 'motor' | 'reduction' | 'propeller' | 'controller' | 'voltage' | 'pack'
  held: boolean
  text: Text
}
