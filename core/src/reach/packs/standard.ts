import { check, inches, NO_INPUTS, told, type Pack } from '../pack';

/** What holds in every room, whatever it is checked by: things that would stand in one another, and tops that can be made. */
export const standard: Pack = {
  id: 'standard',
  rules: [
    {
      id: 'item-collision',
      measure: 'item-collision',
      inputs: NO_INPUTS,
      checks: [check('overlap', 'collision', { most: 0 })],
    },
    {
      id: 'mixed-ranges',
      measure: 'mixed-ranges',
      inputs: NO_INPUTS,
      checks: [check('others', 'guideline', { most: 0 }), told('higher')],
    },
    {
      id: 'open-fronts',
      measure: 'open-fronts',
      inputs: NO_INPUTS,
      checks: [check('overlap', 'collision', { most: 0 })],
    },
    {
      id: 'opening-blocked',
      measure: 'opening-blocked',
      inputs: { depth: 100 },
      checks: [check('overlap', 'collision', { most: 0 })],
    },
    {
      id: 'top-cut-out',
      measure: 'top-cut-out',
      inputs: NO_INPUTS,
      checks: [check('left', 'guideline', { least: 60 })],
    },
    {
      id: 'top-joint',
      measure: 'top-joint',
      inputs: NO_INPUTS,
      checks: [check('apart', 'guideline', { least: 150 }), check('over', 'guideline', { most: 0 })],
    },
    {
      id: 'top-overhang',
      measure: 'top-overhang',
      inputs: { from: 150 },
      checks: [check('overhang', 'guideline', { most: inches(12) })],
    },
    {
      id: 'top-slab',
      measure: 'top-slab',
      inputs: NO_INPUTS,
      checks: [check('size', 'guideline', { most: 'slab' })],
    },
    {
      id: 'top-under',
      measure: 'top-under',
      inputs: NO_INPUTS,
      checks: [check('overlap', 'collision', { most: 0 })],
    },
    {
      id: 'wall-collision',
      measure: 'wall-collision',
      inputs: NO_INPUTS,
      checks: [check('overlap', 'collision', { most: 0 })],
    },
  ],
};
