import type { Ink } from './primitives';

/** The colours of the inks: on screen by light and by evening, and on paper. */
export const inkColours: Record<'light' | 'dark' | 'print', Record<Ink, string>> = {
  light: {
    drawing: '#22302F',
    measure: '#17606B',
    faint: '#B9AF9C',
    poche: '#5C6967',
    paper: '#F6F2E9',
    top: '#7A6A4B',
    item: '#FCFAF5',
    water: '#E4ECE9',
  },
  dark: {
    drawing: '#E4DFD2',
    measure: '#7CC3CC',
    faint: '#5E6864',
    poche: '#8B9592',
    paper: '#1B2423',
    top: '#C9B48A',
    item: '#232E2D',
    water: '#263C3D',
  },
  print: {
    drawing: '#1D2625',
    measure: '#17606B',
    faint: '#B9AF9C',
    poche: '#6B7674',
    paper: '#FFFFFF',
    top: '#7A6A4B',
    item: '#FFFFFF',
    water: '#E8EFED',
  },
};
