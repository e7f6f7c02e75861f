import { check, inches, NO_INPUTS, told, type Pack } from '../pack';

/** What the published kitchen planning guidelines ask for. */
export const kitchen: Pack = {
  id: 'kitchen',
  rules: [
    {
      id: 'counter-height',
      measure: 'counter-height',
      inputs: NO_INPUTS,
      checks: [check('off', 'guideline', { most: inches(1 / 4) }), told('height'), told('standard')],
    },
    {
      id: 'seat-width',
      measure: 'seat-width',
      inputs: NO_INPUTS,
      checks: [check('apart', 'guideline', { least: inches(24) })],
    },
    {
      id: 'K02',
      measure: 'swings',
      inputs: NO_INPUTS,
      checks: [
        check('overlap-area', 'collision', { most: 0, when: [{ trait: 'between', is: 'entry' }] }),
        check('overlap-area', 'collision', { most: 0, when: [{ trait: 'between', is: 'appliance' }] }),
        check('overlap-area', 'guideline', { most: 0, when: [{ trait: 'between', is: 'cabinets' }] }),
        told('gap'),
      ],
    },
    {
      id: 'K06',
      measure: 'aisle',
      inputs: { reach: 3000 },
      checks: [
        check('aisle', 'guideline', { least: inches(42), when: [{ trait: 'cooks', below: 2 }] }),
        check('aisle', 'guideline', { least: inches(48), when: [{ trait: 'cooks', from: 2 }] }),
      ],
    },
    {
      id: 'K09',
      measure: 'seating',
      inputs: NO_INPUTS,
      checks: [
        check('width-per-seat', 'guideline', { least: inches(24) }),
        check('knee-depth', 'guideline', { least: inches(18), when: [{ trait: 'surface', below: 838 }] }),
        check('knee-depth', 'guideline', {
          least: inches(15),
          when: [{ trait: 'surface', from: 838, below: 991 }],
        }),
        check('knee-depth', 'guideline', { least: inches(12), when: [{ trait: 'surface', from: 991 }] }),
      ],
    },
  ],
};
