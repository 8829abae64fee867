import { usualOf } from '../../fields'
import type { Project } from '../definition/projectFields'
import { USE } from '../definition/useFields'

const NOWHERE = usualOf(USE.fields.place.fields)

/**
 * Whether the owner has said where she lies: until then a place stands in, by which nothing about daylight is said.
 *
 * @param project the boat
 * @returns false while the place is the one that every new boat has
 */
export const placeGiven = ({ use: { place } }: Pick<Project, 'use'>): boolean =>
  place.latitude !== NOWHERE.latitude || place.longitude !== NOWHERE.longitude
