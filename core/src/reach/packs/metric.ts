import { check, NO_INPUTS, told, type Pack } from '../pack';

/** Common practice in metric rooms; a studio edits it to its own country's rules. */
export const metric: Pack = {
  id: 'metric',
  rules: [
    {
      id: 'counter-height',
      measure: 'counter-height',
      inputs: NO_INPUTS,
      checks: [check('off', 'guideline', { most: 6 }), told('height'), told('standard')],
    },
    {
      id: 'seat-width',
      measure: 'seat-width',
      inputs: NO_INPUTS,
      checks: [check('apart', 'guideline', { least: 600 })],
    },
    {
      id: 'M-aisle',
      measure: 'aisle',
      inputs: { reach: 3000 },
      checks: [
        check('aisle', 'guideline', { least: 1000, when: [{ trait: 'cooks', below: 2 }] }),
        check('aisle', 'guideline', { least: 1200, when: [{ trait: 'cooks', from: 2 }] }),
      ],
    },
    {
      id: 'M-seat',
      measure: 'seating',
      inputs: NO_INPUTS,
      checks: [
        check('width-per-seat', 'guideline', { least: 600 }),
        check('knee-depth', 'guideline', { least: 450, when: [{ trait: 'surface', below: 838 }] }),
        check('knee-depth', 'guideline', { least: 380, when: [{ trait: 'surface', from: 838, below: 991 }] }),
        check('knee-depth', 'guideline', { least: 300, when: [{ trait: 'surface', from: 991 }] }),
      ],
    },
    {
      id: 'M-swing',
      measure: 'swings',
      inputs: NO_INPUTS,
      checks: [
        check('overlap-area', 'collision', { most: 0, when: [{ trait: 'between', is: 'entry' }] }),
        check('overlap-area', 'collision', { most: 0, when: [{ trait: 'between', is: 'appliance' }] }),
        check('overlap-area', 'guideline', { most: 0, when: [{ trait: 'between', is: 'cabinets' }] }),
        told('gap'),
      ],
    },
  ],
};
