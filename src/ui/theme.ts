/** Our own look on the component library: ink buttons, dashed seams, both typefaces. */
import type {
  Autocomplete,
  Checkbox,
  Drawer,
  MantineColorsTuple,
  Modal,
  MultiSelect,
  NumberInput,
  PasswordInput,
  Popover,
  Select,
  Slider,
  TagsInput,
  Textarea,
  TextInput,
} from '@mantine/core'
import { createTheme } from '@mantine/core'
import classes from './theme.module.css'

const ink: MantineColorsTuple = [
  '#f3eef6',
  '#e2d8e8',
  '#c5b3cf',
  '#a68db5',
  '#8a6b9d',
  '#735286',
  '#5b4b63',
  '#46324f',
  '#352240',
  '#2a1a33',
]

const field = {
  input: classes.field,
  label: classes.label,
  description: classes.hint,
  error: classes.error,
} as const
const listed = { ...field, dropdown: classes.dropdown, option: classes.option } as const

/** What may be said of a component: by its type alone, so that a screen loads only those that it draws. */
type LookOf<Component extends { extend: (look: never) => unknown }> = Parameters<
  Component['extend']
>[0]

export const theme = createTheme({
  colors: { ink },
  primaryColor: 'ink',
  primaryShade: 9,
  fontFamily: 'var(--font-text)',
  headings: { fontFamily: 'var(--font-display)' },
  defaultRadius: 8,
  respectReducedMotion: true,
  components: {
    TextInput: { classNames: field } satisfies LookOf<typeof TextInput>,
    PasswordInput: {
      classNames: { ...field, innerInput: classes.typed, visibilityToggle: classes.eye },
    } satisfies LookOf<typeof PasswordInput>,
    NumberInput: { classNames: { ...field, control: classes.step } } satisfies LookOf<
      typeof NumberInput
    >,
    Textarea: {
      classNames: field,
      defaultProps: { autosize: true, minRows: 2 },
    } satisfies LookOf<typeof Textarea>,
    Select: {
      classNames: listed,
      defaultProps: { allowDeselect: false, checkIconPosition: 'right' },
    } satisfies LookOf<typeof Select>,
    Autocomplete: { classNames: listed } satisfies LookOf<typeof Autocomplete>,
    MultiSelect: { classNames: { ...listed, pill: classes.pill } } satisfies LookOf<
      typeof MultiSelect
    >,
    TagsInput: { classNames: { ...listed, pill: classes.pill } } satisfies LookOf<typeof TagsInput>,
    Checkbox: { classNames: { label: classes.check, input: classes.checkBox } } satisfies LookOf<
      typeof Checkbox
    >,
    Modal: {
      defaultProps: { centered: true, overlayProps: { backgroundOpacity: 0.5 } },
      classNames: {
        content: classes.sheet,
        title: classes.title,
        header: classes.header,
        body: classes.body,
      },
    } satisfies LookOf<typeof Modal>,
    Drawer: {
      classNames: {
        content: classes.sheet,
        title: classes.title,
        header: classes.header,
        body: classes.body,
      },
    } satisfies LookOf<typeof Drawer>,
    Slider: {
      classNames: { track: classes.track, bar: classes.filled, thumb: classes.thumb },
    } satisfies LookOf<typeof Slider>,
    Popover: { classNames: { dropdown: classes.dropdown } } satisfies LookOf<typeof Popover>,
  },
})
