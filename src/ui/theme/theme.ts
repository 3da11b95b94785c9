import { createTheme, type MantineColorsTuple } from '@mantine/core'

/** One glaze-teal for action, from wash to depth. */
const glaze: MantineColorsTuple = [
  '#eef5f5',
  '#e3eeee',
  '#c3dadb',
  '#9dc3c5',
  '#70a6aa',
  '#46888f',
  '#25727b',
  '#12616b',
  '#0d4f58',
  '#083c43',
]

export const theme = createTheme({
  primaryColor: 'glaze',
  primaryShade: { light: 7, dark: 4 },
  colors: { glaze },
  fontFamily: "'Atkinson Hyperlegible', system-ui, sans-serif",
  fontFamilyMonospace: "'IBM Plex Mono', ui-monospace, monospace",
  headings: { fontFamily: "'Atkinson Hyperlegible', system-ui, sans-serif" },
  defaultRadius: 7,
  respectReducedMotion: true,
  cursorType: 'pointer',
})
