// Which folder may import from which. Each of the core's folders may use those before it, not those after it.
const CORE = 'packages/core/src'
const ORDER = [
  ['constants', 'checkRange', 'units', 'numeric'],
  ['fields', 'working', 'instruments', 'tables'],
  ['hull'],
  ['propulsor'],
  ['battery'],
  ['solar'],
  ['wiring'],
  ['resistance'],
  ['drive', 'oldEngine'],
  ['parts'],
  ['have'],
  ['project'],
  ['trial', 'mass'],
  ['system'],
  ['uncertainty', 'oneLine', 'voyage', 'hybrid', 'build', 'money'],
  ['log'],
  ['findings'],
  ['sizing'],
  ['advice'],
  ['figures'],
  ['report'],
]

/** The folders (or single files) at one step of the order, as a pattern of paths. */
const pathOf = folders => `^${CORE}/(${folders.join('|')})(/|[.]ts$)`

const upwards = ORDER.slice(0, -1).map((folders, i) => ({
  name: `${folders.join('-')}-uses-only-what-is-below`,
  severity: 'error',
  from: { path: pathOf(folders) },
  to: { path: pathOf(ORDER.slice(i + 1).flat()) },
}))

export default {
  forbidden: [
    ...upwards,
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-stands-alone',
      severity: 'error',
      from: { path: '^packages/core' },
      to: { path: '^(app|server|packages/cli)/' },
    },
    {
      name: 'app-and-server-stand-apart',
      severity: 'error',
      from: { path: '^app/' },
      to: { path: '^(server|packages/cli)/' },
    },
    {
      name: 'server-and-app-stand-apart',
      severity: 'error',
      from: { path: '^(server|packages/cli)/' },
      to: { path: '^app/' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '[.]nuxt|[.]output' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'default'] },
  },
}
