/** What drives a boat beside its motor. */
export const HELPERS = ['none', 'sails', 'pedals', 'oars', 'engine'] as const
/** One of them. */
export type Helper = (typeof HELPERS)[number]
