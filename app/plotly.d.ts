declare module 'plotly.js-cartesian-dist-min' {
  import type * as Plotly from 'plotly.js'

  const plotly: typeof Plotly
  export default plotly
}
