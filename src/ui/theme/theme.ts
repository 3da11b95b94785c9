import {
  Button,
  createTheme,
  Input,
  InputWrapper,
  Kbd,
  type CSSVariablesResolver,
  type MantineColorsTuple,
} from '@mantine/core'
import anchor from './Anchor.module.css'
import button from './Button.module.css'
import checkbox from './Checkbox.module.css'
import drawer from './Drawer.module.css'
import field from './Field.module.css'
import kbd from './Kbd.module.css'
import table from './Table.module.css'
import tabs from './Tabs.module.css'
import { dark, light, type Token } from './tokens'

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

const sans = "'Atkinson Hyperlegible', system-ui, sans-serif"
const mono = "'IBM Plex Mono', ui-monospace, monospace"

/** Our tokens as variables, and Mantine's own colours made of them. */
const variablesOf = (tokens: Readonly<Record<Token, string>>): Record<string, string> => ({
  ...Object.fromEntries(Object.entries(tokens).map(([name, colour]) => [`--${name}`, colour])),
  '--mantine-color-body': tokens.slip,
  '--mantine-color-text': tokens.ink,
  '--mantine-color-dimmed': tokens.dim,
  '--mantine-color-placeholder': tokens.dim,
  '--mantine-color-error': tokens.oxblood,
  '--mantine-color-anchor': tokens['glaze-ink'],
  '--mantine-color-default': tokens.bisque,
  '--mantine-color-default-hover': tokens.wash,
  '--mantine-color-default-color': tokens.ink,
  '--mantine-color-default-border': tokens.edge,
  '--mantine-color-disabled': tokens.wash,
  '--mantine-color-disabled-color': tokens.dim,
  '--mantine-color-disabled-border': tokens.hairline,
  '--mantine-primary-color-filled': tokens.glaze,
  '--mantine-primary-color-filled-hover': tokens['glaze-deep'],
  '--mantine-color-glaze-filled': tokens.glaze,
  '--mantine-color-glaze-filled-hover': tokens['glaze-deep'],
  '--mantine-primary-color-contrast': tokens['on-glaze'],
})

export const cssVariables: CSSVariablesResolver = () => ({
  variables: { '--sans': sans, '--mono': mono },
  light: variablesOf(light),
  dark: variablesOf(dark),
})

/** The bench's look on Mantine's parts: what a part is by default stands here, once. */
export const theme = createTheme({
  primaryColor: 'glaze',
  primaryShade: { light: 7, dark: 4 },
  colors: { glaze },
  fontFamily: sans,
  fontFamilyMonospace: mono,
  headings: { fontFamily: sans },
  defaultRadius: 7,
  respectReducedMotion: true,
  cursorType: 'pointer',
  // named, not imported, but for what stands on every page: a part is loaded where it is used
  components: {
    // what a hand presses: across its pane, its key at the right
    Button: Button.extend({ defaultProps: { variant: 'default', fullWidth: true }, classNames: button }),
    ActionIcon: { defaultProps: { variant: 'default', size: 40, radius: 6 } },
    Anchor: { classNames: anchor, defaultProps: { underline: 'hover' } },
    Checkbox: { classNames: checkbox, defaultProps: { size: 'sm' } },
    Drawer: { classNames: drawer, defaultProps: { position: 'right', size: 520, padding: 14 } },
    Input: Input.extend({ classNames: { input: field.input } }),
    InputWrapper: InputWrapper.extend({ classNames: { label: field.label, error: field.error, root: field.root } }),
    Kbd: Kbd.extend({ classNames: kbd }),
    NativeSelect: { classNames: { input: field.select } },
    Table: { classNames: table, defaultProps: { stickyHeader: true, withRowBorders: false } },
    Tabs: { classNames: tabs },
    Textarea: { classNames: { input: field.area } },
    TextInput: { defaultProps: { autoComplete: 'off' } },
  },
})
