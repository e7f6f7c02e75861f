import { check, further, inches, rule, told, type Pack } from '../pack';

/** What holds in every room, whatever it is checked by: things that would stand in one another, and tops that can be made. */
export const standard: Pack = {
  id: 'standard',
  rules: [
    rule('counter-height', 'counter-height', [
      check('off', 'guideline', { most: 6 }),
      told('height'),
      told('standard'),
      check('off-user', 'comfort', { most: 50 }),
    ]),
    rule('item-collision', 'item-collision', [check('overlap', 'collision', { most: 0 })]),
    rule('mixed-ranges', 'mixed-ranges', [check('others', 'guideline', { most: 0 }), told('higher')]),
    rule('open-fronts', 'open-fronts', [check('overlap', 'collision', { most: 0 })]),
    rule('opening-blocked', 'opening-blocked', [check('overlap', 'collision', { most: 0 })], { depth: 100 }),
    rule('top-before-opening', 'top-before-opening', [check('overlap', 'collision', { most: 0 })], {
      depth: 100,
    }),
    rule('top-cut-out', 'top-cut-out', [check('left', 'guideline', { least: 60 })]),
    rule('top-joint', 'top-joint', [
      check('apart', 'guideline', { least: 150 }),
      check('over', 'guideline', { most: 0 }),
    ]),
    rule('top-overhang', 'top-overhang', [check('overhang', 'guideline', { most: inches(12) })], {
      from: 150,
    }),
    rule('top-slab', 'top-slab', [check('size', 'guideline', { most: 'slab' })]),
    rule('top-under', 'top-under', [check('overlap', 'collision', { most: 0 })]),
    rule('tops-in-line', 'tops-in-line', [check('out-of-line', 'guideline', { most: 6 })], { step: 150 }),
    rule('vanity-height', 'vanity-height', [
      check('vanity-top', 'guideline', { least: inches(30) }),
      further('vanity-top-most', 'vanity-top', 'guideline', { most: inches(36) }),
    ]),
    rule('wall-unit-bottom', 'wall-unit-bottom', [
      check('to-wall-unit', 'guideline', { least: inches(15) }),
      further('to-wall-unit-usual', 'to-wall-unit', 'comfort', { least: inches(18) }),
    ]),
    rule('wall-collision', 'wall-collision', [check('overlap', 'collision', { most: 0 })]),
  ],
};
