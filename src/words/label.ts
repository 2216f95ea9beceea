/** Words on a lot's own label. */
export const label = {
  title: 'Label',
  print: 'Print the label',
  paper: 'For labels of 62 × 29 mm; choose the label printer when your device asks.',
  good: (until: string): string => `Good through ${until}`,
  batch: (batch: string): string => `Batch ${batch}`,
  opened: 'Opened on ________________',
  code: 'Code with its date and batch',
}
