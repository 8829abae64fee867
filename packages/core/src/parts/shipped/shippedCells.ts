import type { CellSpec } from '../../battery'

/** Invented, plausible cells and blocks. */
const CELLS: readonly Omit<CellSpec, 'complete'>[] = [
  { id: 'ostra-lfp-105', name: 'Ostra LFP 105 Ah cell', chemistry: 'LFP', cellsInSeries: 1, capacityAh: 105, resistance: 0.5e-3, current: 105, currentPeak: 210, chargeCurrent: 52, mass: 2.0, width: 0.13, depth: 0.037, height: 0.2, price: 42 },
  { id: 'ostra-lfp-160', name: 'Ostra LFP 160 Ah cell', chemistry: 'LFP', cellsInSeries: 1, capacityAh: 160, resistance: 0.4e-3, current: 160, currentPeak: 320, chargeCurrent: 80, mass: 3.0, width: 0.174, depth: 0.054, height: 0.16, price: 61 },
  { id: 'ostra-lfp-230', name: 'Ostra LFP 230 Ah cell', chemistry: 'LFP', cellsInSeries: 1, capacityAh: 230, resistance: 0.28e-3, current: 160, currentPeak: 320, chargeCurrent: 115, mass: 4.1, width: 0.174, depth: 0.054, height: 0.207, price: 78 },
  { id: 'ostra-lfp-280', name: 'Ostra LFP 280 Ah cell', chemistry: 'LFP', cellsInSeries: 1, capacityAh: 280, resistance: 0.25e-3, current: 180, currentPeak: 400, chargeCurrent: 140, mass: 5.3, width: 0.174, depth: 0.072, height: 0.207, price: 96 },
  { id: 'ostra-lfp-12-100', name: 'Ostra LFP block, 12 V 100 Ah', chemistry: 'LFP', cellsInSeries: 4, capacityAh: 100, resistance: 8e-3, current: 100, currentPeak: 150, chargeCurrent: 50, mass: 11, width: 0.33, depth: 0.172, height: 0.215, price: 290 },
  { id: 'ostra-nmc-22-62', name: 'Ostra NMC module, 22 V 62 Ah', chemistry: 'NMC', cellsInSeries: 6, capacityAh: 62, resistance: 6e-3, current: 124, currentPeak: 240, chargeCurrent: 62, mass: 9.8, width: 0.355, depth: 0.152, height: 0.108, price: 265 },
  { id: 'ostra-lto-40', name: 'Ostra LTO 40 Ah cell', chemistry: 'LTO', cellsInSeries: 1, capacityAh: 40, resistance: 0.7e-3, current: 160, currentPeak: 320, chargeCurrent: 160, mass: 1.25, width: 0.066, depth: 0.066, height: 0.16, price: 52 },
  { id: 'ostra-agm-12-100', name: 'Ostra AGM block, 12 V 100 Ah', chemistry: 'AGM', cellsInSeries: 6, capacityAh: 100, resistance: 4e-3, current: 50, currentPeak: 300, chargeCurrent: 20, mass: 29, width: 0.33, depth: 0.173, height: 0.22, price: 165 },
  { id: 'ostra-wet-12-110', name: 'Ostra wet lead block, 12 V 110 Ah', chemistry: 'FLOODED', cellsInSeries: 6, capacityAh: 110, resistance: 5e-3, current: 45, currentPeak: 250, chargeCurrent: 18, mass: 27, width: 0.33, depth: 0.173, height: 0.24, price: 128 },
]

/** Cells, and blocks without box or management. */
export const SHIPPED_CELLS: readonly CellSpec[] = CELLS.map(cell => ({ ...cell, complete: false }))

/** Ready packs with box and management, invented: a little dearer for each kWh, and limited by their management. */
export const SHIPPED_PACKS: readonly CellSpec[] = ([
  { id: 'ostra-pack-48-105', name: 'Ostra pack, 51 V 105 Ah', chemistry: 'LFP', cellsInSeries: 16, capacityAh: 105, resistance: 13e-3, current: 100, currentPeak: 150, chargeCurrent: 50, mass: 43, width: 0.39, depth: 0.44, height: 0.23, price: 1190 },
  { id: 'ostra-pack-48-280', name: 'Ostra pack, 51 V 280 Ah', chemistry: 'LFP', cellsInSeries: 16, capacityAh: 280, resistance: 8e-3, current: 180, currentPeak: 300, chargeCurrent: 140, mass: 112, width: 0.42, depth: 0.75, height: 0.26, price: 2490 },
  { id: 'ostra-pack-96-105', name: 'Ostra pack, 96 V 105 Ah', chemistry: 'LFP', cellsInSeries: 30, capacityAh: 105, resistance: 24e-3, current: 100, currentPeak: 200, chargeCurrent: 50, mass: 82, width: 0.44, depth: 0.62, height: 0.25, price: 2350 },
] as const).map(pack => ({ ...pack, complete: true }))
