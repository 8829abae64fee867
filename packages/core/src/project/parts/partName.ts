/** The part of the boat that wears the mark. */
export type PartName = 'hull' | 'propeller' | 'motor' | 'controller' | 'pack'
