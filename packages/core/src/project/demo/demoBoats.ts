import { bobbin } from './bobbin'
import { brack } from './brack'
import type { Project } from '../definition/projectFields'
import { garran } from './garran'
import { halcyne } from './halcyne'
import { lodden } from './lodden'
import { merrin } from './merrin'
import { osprel } from './osprel'
import { pippin } from './pippin'
import { rillet } from './rillet'
import { tirrick } from './tirrick'
import { wisp } from './wisp'

/** The boats that a first visit finds: one of every kind of hull. */
export const DEMO_BOATS: readonly Project[] = [
  tirrick,
  osprel,
  garran,
  merrin,
  rillet,
  halcyne,
  lodden,
  wisp,
  pippin,
  brack,
  bobbin,
]

/** A demo boat by its name in small letters. */
export const DEMO = {
  tirrick,
  osprel,
  garran,
  merrin,
  rillet,
  halcyne,
  lodden,
  wisp,
  pippin,
  brack,
  bobbin,
} as const satisfies Record<string, Project>
