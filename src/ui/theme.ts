import { createTheme, type MantineColorsTuple } from '@mantine/core';
import * as common from '@/ui/words/screens/common';
import kit from './kit.module.css';

/** Mantine needs ten shades; the accent is a single colour with a lighter variant for dark mode. */
const oxide: MantineColorsTuple = [
  '#fbeee9',
  '#f3e4dc',
  '#e9c3b4',
  '#e5a48d',
  '#e58465',
  '#cf6443',
  '#b4472b',
  '#9c3c24',
  '#80301c',
  '#642515',
];

const ink: MantineColorsTuple = [
  '#f5f2ea',
  '#e9e4d8',
  '#d8d2c4',
  '#b0aca1',
  '#8b8a82',
  '#5f625f',
  '#3a3f45',
  '#2a2f35',
  '#20252b',
  '#15181c',
];

/** Sharp corners, no shadows, one accent; everything else is in look.css. */
/** A dialog's header is not the page's banner. */
const attributes = { header: { role: 'presentation' } };

export const theme = createTheme({
  fontFamily: 'var(--condensed)',
  fontFamilyMonospace: 'var(--condensed)',
  headings: { fontFamily: 'var(--sans)', fontWeight: '600' },
  colors: { oxide, ink },
  primaryColor: 'ink',
  primaryShade: { light: 8, dark: 1 },
  autoContrast: true,
  defaultRadius: 2,
  black: '#20252b',
  white: '#fbfaf5',
  shadows: { xs: 'none', sm: 'none', md: 'none', lg: 'none', xl: 'none' },
  focusRing: 'auto',
  respectReducedMotion: true,
  components: {
    Button: {
      defaultProps: { size: 'compact-sm', variant: 'default' },
      classNames: { root: kit.button, label: kit.label },
    },
    Table: {
      defaultProps: { withRowBorders: false, verticalSpacing: 3, horizontalSpacing: 0, captionSide: 'top' },
      classNames: { table: kit.table, caption: kit.caption },
    },
    Input: { classNames: { input: kit.input } },
    InputWrapper: {
      classNames: { root: kit.field, error: kit.error, label: kit.name, description: kit.help },
    },
    Checkbox: {
      defaultProps: { size: 'xs' },
      classNames: { root: kit.check, label: kit.checkLabel },
    },
    Radio: {
      defaultProps: { size: 'xs' },
      classNames: { root: kit.check, label: kit.checkLabel },
    },
    Chip: {
      defaultProps: { size: 'xs' },
      classNames: { root: kit.chipRoot, input: kit.chipInput, label: kit.chip, iconWrapper: kit.chipIcon },
    },
    Menu: {
      classNames: { dropdown: kit.menu, item: kit.menuItem },
      defaultProps: { transitionProps: { duration: 0 } },
    },
    NativeSelect: { defaultProps: { rightSectionWidth: 20 } },
    Popover: { defaultProps: { transitionProps: { duration: 0 } } },
    Tooltip: { defaultProps: { transitionProps: { duration: 0 } } },
    Combobox: { defaultProps: { transitionProps: { duration: 0 } } },
    Drawer: {
      defaultProps: {
        attributes,
        transitionProps: { duration: 0 },
        closeButtonProps: { 'aria-label': common.close },
      },
    },
    Modal: {
      defaultProps: {
        attributes,
        transitionProps: { duration: 0 },
        centered: true,
        closeButtonProps: { 'aria-label': common.close },
      },
    },
  },
});
