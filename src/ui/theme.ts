/** Our own look on the component library: ink buttons, dashed seams, both typefaces. */
import {
  Autocomplete,
  Checkbox,
  createTheme,
  Drawer,
  type MantineColorsTuple,
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

export const theme = createTheme({
  colors: { ink },
  primaryColor: 'ink',
  primaryShade: 9,
  fontFamily: 'var(--font-text)',
  headings: { fontFamily: 'var(--font-display)' },
  defaultRadius: 8,
  respectReducedMotion: true,
  components: {
    TextInput: TextInput.extend({ classNames: field }),
    PasswordInput: PasswordInput.extend({
      classNames: { ...field, innerInput: classes.typed, visibilityToggle: classes.eye },
    }),
    NumberInput: NumberInput.extend({ classNames: { ...field, control: classes.step } }),
    Textarea: Textarea.extend({
      classNames: field,
      defaultProps: { autosize: true, minRows: 2 },
    }),
    Select: Select.extend({
      classNames: listed,
      defaultProps: { allowDeselect: false, checkIconPosition: 'right' },
    }),
    Autocomplete: Autocomplete.extend({ classNames: listed }),
    MultiSelect: MultiSelect.extend({ classNames: { ...listed, pill: classes.pill } }),
    TagsInput: TagsInput.extend({ classNames: { ...listed, pill: classes.pill } }),
    Checkbox: Checkbox.extend({ classNames: { label: classes.check, input: classes.checkBox } }),
    Modal: Modal.extend({
      defaultProps: { centered: true, overlayProps: { backgroundOpacity: 0.5 } },
      classNames: {
        content: classes.sheet,
        title: classes.title,
        header: classes.header,
        body: classes.body,
      },
    }),
    Drawer: Drawer.extend({
      classNames: {
        content: classes.sheet,
        title: classes.title,
        header: classes.header,
        body: classes.body,
      },
    }),
    Slider: Slider.extend({
      classNames: { track: classes.track, bar: classes.filled, thumb: classes.thumb },
    }),
    Popover: Popover.extend({ classNames: { dropdown: classes.dropdown } }),
  },
})
