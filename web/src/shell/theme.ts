import { createTheme } from '@mantine/core';
import type { MantineColorsTuple } from '@mantine/core';

/** Ink: the one accent. Every other colour on the screen belongs to a substance. */
const ink: MantineColorsTuple = [
  '#eef3f8',
  '#dbe4ee',
  '#b6c8dc',
  '#8eaac8',
  '#6d91b8',
  '#4c74a0',
  '#33587f',
  '#2b4c70',
  '#23405e',
  '#1a3149',
];

const sans = "'Source Sans 3 Variable', sans-serif";
const serif = "'Source Serif 4 Variable', serif";

export const theme = createTheme({
  primaryColor: 'ink',
  colors: { ink },
  primaryShade: { light: 7, dark: 5 },
  autoContrast: true,
  respectReducedMotion: true,
  fontFamily: sans,
  // The title of a page is no larger than it must be: the room is for the work.
  headings: {
    fontFamily: serif,
    fontWeight: '600',
    sizes: { h1: { fontSize: '1.7rem', lineHeight: '1.3' } },
  },
  fontSizes: { xs: '0.82rem', sm: '0.92rem', md: '1rem', lg: '1.15rem', xl: '1.35rem' },
  defaultRadius: 'sm',
  cursorType: 'pointer',
  focusRing: 'auto',
  components: {
    // Large enough for a gloved finger, unless a place says otherwise.
    ActionIcon: { defaultProps: { size: 44, variant: 'default' } },
    // One button of a screen stands out, and says so.
    Button: { defaultProps: { size: 'md', variant: 'default' } },
    Alert: { defaultProps: { variant: 'outline', color: 'gray' } },
    // A list is made when it is opened: some are two hundred substances long, and a page has several.
    Combobox: { defaultProps: { keepMounted: false } },
    ...Object.fromEntries(
      [
        'Checkbox',
        'MultiSelect',
        'NumberInput',
        'PasswordInput',
        'SegmentedControl',
        'Switch',
        'TagsInput',
        'TextInput',
        'Textarea',
      ].map((part) => [part, { defaultProps: { size: 'md' } }]),
    ),
    // The title of a part, unless another rank is said.
    Title: { defaultProps: { order: 2, size: 'h4' } },
    // Choosing what is chosen already leaves it chosen; where it may be none, there is a cross.
    Select: { defaultProps: { size: 'md', allowDeselect: false } },
    // Fields that belong together, under a name that looks like that of one field.
    Fieldset: {
      defaultProps: { variant: 'unstyled' },
      styles: { root: { margin: 0, padding: 0 }, legend: { padding: 0, fontWeight: 500 } },
    },
    InputWrapper: { styles: { description: { color: 'var(--quiet)' } } },
    Notification: { defaultProps: { closeButtonProps: { 'aria-label': 'Close this notice' } } },
    Modal: {
      defaultProps: { closeButtonProps: { 'aria-label': 'Close this window' } },
      styles: {
        title: { fontFamily: serif, fontWeight: 600, fontSize: '1.25rem' },
      },
    },
  },
});
