import DateFnsAdapter from '@date-io/date-fns'
import {
  mdiCalendarBlank,
  mdiChevronDown,
  mdiChevronLeft,
  mdiChevronRight,
  mdiChevronUp,
  mdiClockOutline,
  mdiClose,
  mdiMenuDown,
  mdiTrayArrowDown,
} from '@mdi/js'
import { enGB } from 'date-fns/locale/en-GB'
import type { ThemeDefinition, VuetifyOptions } from 'vuetify'

const variables = { 'border-opacity': 1, 'medium-emphasis-opacity': 0.76, 'high-emphasis-opacity': 1 }

/** The drawing board by day. The values repeat tokens.css, since Vuetify computes with them. */
const board: ThemeDefinition = {
  dark: false,
  colors: {
    background: '#F6F0E2',
    surface: '#FCF8EE',
    'surface-variant': '#EBE3D0',
    'on-surface-variant': '#15273B',
    primary: '#1D4470',
    'on-primary': '#FCF8EE',
    secondary: '#B0005E',
    success: '#1C6B50',
    warning: '#855300',
    error: '#B3261E',
    'on-background': '#15273B',
    'on-surface': '#15273B',
  },
  variables: { ...variables, 'border-color': '#B9BCB6' },
}

/** The drawing board at night. */
const boardNight: ThemeDefinition = {
  dark: true,
  colors: {
    background: '#0C1826',
    surface: '#122234',
    'surface-variant': '#081019',
    'on-surface-variant': '#F0E9DA',
    primary: '#8DB9E2',
    'on-primary': '#122234',
    secondary: '#FF86BC',
    success: '#6FCFA4',
    warning: '#EDBB55',
    error: '#FF8A70',
    'on-background': '#F0E9DA',
    'on-surface': '#F0E9DA',
  },
  variables: { ...variables, 'border-color': '#3A4F63' },
}

const flat = { rounded: 0, elevation: 0, ripple: false } as const
const field = { variant: 'plain', density: 'compact', hideDetails: true, singleLine: true } as const

const SQUARE = 'M2 2H22V22H2ZM4 4V20H20V4Z'
/** The few icons that Vuetify draws by itself: a tick is a filled square. */
const icons = {
  dropdown: mdiMenuDown,
  expand: mdiChevronDown,
  collapse: mdiChevronUp,
  prev: mdiChevronLeft,
  next: mdiChevronRight,
  sortAsc: mdiChevronUp,
  sortDesc: mdiChevronDown,
  calendar: mdiCalendarBlank,
  clock: mdiClockOutline,
  save: mdiTrayArrowDown,
  clear: mdiClose,
  close: mdiClose,
  checkboxOff: SQUARE,
  checkboxOn: `${SQUARE}M6.500 6.500H17.500V17.500H6.500Z`,
  checkboxIndeterminate: `${SQUARE}M6 11H18V13H6Z`,
}

/** How Vuetify is drawn on the board: its colours, its words, what each control is unless a bench says otherwise. */
export const theme: VuetifyOptions = {
  icons: { defaultSet: 'svg', aliases: icons },
  // in place of its own two, and without classes of colours: what is not used need not be worked out before the
  // first picture
  theme: { defaultTheme: 'light', themes: { light: board, dark: boardNight }, utilities: false },
  date: { adapter: DateFnsAdapter, locale: { en: enGB } },
  defaults: {
    global: flat,
    VBtn: { variant: 'outlined' },
    VTextField: field,
    VTextarea: field,
    VSelect: field,
    VTabs: { density: 'compact', height: 'auto' },
    VTab: { variant: 'plain', minWidth: 0 },
    VCheckboxBtn: { density: 'compact' },
    VDataTable: { density: 'compact' },
    VDataTableVirtual: { density: 'compact' },
    VTable: { density: 'compact' },
    VExpansionPanels: { variant: 'accordion', static: true },
    VDatePicker: { density: 'compact', width: 300 },
    VTimePicker: { density: 'compact' },
    // nothing slides or fades: what is asked for stands there at once
    VMenu: { transition: false },
    VDialog: { maxWidth: 560, scrollable: true, transition: false },
    VList: { density: 'compact', ...flat },
  },
}
