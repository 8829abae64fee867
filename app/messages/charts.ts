/** What every chart says. */
export const chartWords = {
  keep: (chart: string) => `Save the chart: ${chart}`,
  png: 'Picture, PNG',
  svg: 'Drawing, SVG',
  csv: 'Numbers, CSV',
  curve: 'Curve',
  unit: 'Unit',
  value: 'Value',
}
