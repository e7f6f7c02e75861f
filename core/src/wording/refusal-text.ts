import { wayNames } from './build-words';
import type {
  ActOnRow,
  Choice,
  Facing,
  Fault,
  Refusal,
  RefusalCode,
  RefusalData,
  Sought,
  StraightOnly,
} from '../result';
import { formatLengthWithUnit } from '../units/format-length';
import { isInchUnit, usualStyle, type LengthStyle } from '../units/units';
import { factNames, type FactKey } from './fact-names';
import { finishPartNames } from './things';
import { say, sayFirst, sayLargerPage, sayReason } from './words';

type Show = (mm: number) => string;
/** Lengths are said in the job's rounding, or, where a limit must be true as it is printed, as exactly as they are. */
type Wording = { [C in RefusalCode]: (data: RefusalData[C], show: Show, exactly: Show) => string };

const sought: Record<Sought, string> = {
  face: 'face',
  finding: 'finding',
  item: 'item',
  limit: 'limit',
  opening: 'opening',
  'opening-or-item': 'opening or item',
  profile: 'profile',
  thing: 'thing',
  underlay: 'underlay',
  zone: 'zone',
};
const straightOnly: Record<StraightOnly, string> = {
  'push-corner': 'its corner can be pushed',
  'push-part': 'a part can be pushed',
  stretch: 'the room can be stretched across it',
  propose: 'a run round a corner can be proposed',
};
const actOnRow: Record<ActOnRow, string> = {
  conceal: 'A cistern is concealed behind',
  mirror: 'Mirror',
  'seat-or-back': 'A back or seats go to a row of',
};
const facing: Record<Facing, string> = {
  above: 'above',
  behind: 'behind',
  below: 'below',
  front: 'in front',
  left: 'to the left',
  right: 'to the right',
};
const choices: Record<Choice, string> = {
  band: 'band',
  column: 'column',
  criterion: 'criterion',
  face: 'face',
  date: 'date',
  format: 'format',
  page: 'page',
  range: 'range',
  revision: 'revision',
  scale: 'scale',
  'set-of-sheets': 'set of sheets',
  'machine-files': 'kind of machine files',
  matching: 'way grain runs on',
  'sheet-size': 'size of sheet',
  schedule: 'schedule',
  view: 'view',
};

/** Every refusal as a sentence: what, where, and how to mend it. */
const wording: Wording = {
  'length-unreadable': ({ text, reason }) =>
    `“${text}” can’t be read as a length: ${sayReason(reason)}. Try 467, 1.2 m, 22 5/8, 3' 4 1/2" or 1200 - 2*18.`,
  'length-range': ({ what, length, least, most }, _, exactly) =>
    `${sayFirst(what)} can’t be ${exactly(length)}. Give a length from ${exactly(least)} to ${exactly(most)}.`,
  'angle-unreadable': ({ text }) =>
    `“${text}” can’t be read as an angle in degrees. Try 90, 91.3 or 91° 18'.`,
  'name-blank': ({ what }) => `${sayFirst(what)} needs a name. Type one, or leave it as it was.`,
  'number-range': ({ what, value, least, most }) =>
    `${sayFirst(what)} can’t be ${value}. Give a number from ${least} to ${most}.`,
  'survey-underdetermined': ({ missing, measure }) =>
    `The room is not fixed yet: ${missing} more ${missing === 1 ? 'measurement is' : 'measurements are'} needed. Measure ${measure.map(({ of, name }) => (of === 'corner' ? name : of === 'length' ? `face ${name}` : `from ${name}`)).join(' or ')}.`,
  'survey-impossible': ({ detail }) =>
    detail
      ? `These lengths can’t close: face ${detail} is longer than all the others together. Measure it again.`
      : 'No room can have these lengths and corners. Measure the last one again.',
  'measured-nowhere': ({ measurement }) =>
    `${measurement} says nothing of the room: both ends are one place, or stay as far apart whatever the room is like. Choose two places that are well apart.`,
  'survey-crossing': ({ first, second }) =>
    `Face ${first} would cross face ${second}. Check their lengths and corners.`,
  'beyond-face': ({ what, face, from, to, length }, show) =>
    `${sayFirst(what)} does not fit on face ${face}: it would reach from ${show(from)} to ${show(to)}, the face is ${show(length)} long. Make it narrower or move it.`,
  'pocket-too-short': ({ opening, face, needed, available }, show) =>
    `${opening} slides into ${show(needed)} of wall; face ${face} has ${show(available)} there. Let it slide the other way, or move it.`,
  'niche-too-deep': ({ opening, depth, wall, room }, show) =>
    room === wall
      ? `${opening} is ${show(depth)} deep, the wall ${show(wall)} thick. Make it shallower, or the wall thicker.`
      : `${opening} is ${show(depth)} deep with a flat back: the bent wall, ${show(wall)} thick, has room for ${show(room)}. Make it shallower or narrower, or the wall thicker.`,
  'not-across': ({ opening, other }) =>
    `${other} does not stand across from the face of ${opening}. Choose another to line up with.`,
  'opening-too-tall': ({ opening, top, ceiling }, show) =>
    `${opening} would reach ${show(top)}, above the wall at ${show(ceiling)}. Lower its height or sill.`,
  'openings-overlap': ({ first, second, overlap }, show) =>
    `${first} and ${second} overlap by ${show(overlap)}. Move one of them.`,
  'opening-cut': ({ opening, face }) =>
    `${opening} on face ${face} would be cut in two. Move it out of the way first.`,
  'face-bent': ({ face, only }) =>
    `Face ${face} is bent: ${straightOnly[only]} only on a straight one. ${only === 'propose' ? 'Ask for each face by itself.' : 'Straighten it first, or put in a corner.'}`,
  'arc-too-tight': ({ face, radius, least }, show) =>
    `An arc of radius ${show(radius)} does not span face ${face}. Give at least ${show(least)}, half the straight length between its corners.`,
  'arc-too-short': ({ face, along, chord }, show) =>
    `Face ${face} is ${show(chord)} from corner to corner: bent, it is longer along its arc than that, not ${show(along)}.`,
  'measured-on-bend': ({ measurement, face }) =>
    `${measurement} was taped to a place on face ${face}, which is bent. Exclude it, or tape to a corner instead.`,
  'wider-than-arc': ({ what, face, width, radius }, show) =>
    `${what} is ${show(width)} wide, the circle of face ${face} only ${show(2 * radius)} across. Make it narrower.`,
  'face-taken': ({ face }) =>
    `Something stands on face ${face}, which would be gone. Move it to another face, or remove it, first.`,
  'face-vanishes': ({ face }) =>
    `Face ${face} would be left with no length. Move by less, or remove the corner instead.`,
  'face-in-line': ({ face, neighbour }) =>
    `Face ${face} runs straight on from face ${neighbour}. Join them first, or push out a part.`,
  'faces-too-few': ({ least }) => `A room keeps at least ${least} faces. Add another corner first.`,
  'part-off-face': ({ face, from, to, length }, show) =>
    `That would reach from ${show(from)} to ${show(to)}, past face ${face}, which is ${show(length)} long. Make it narrower or move it.`,
  'divider-outside': ({ from, to }) =>
    `The line from ${from} to ${to} does not divide the room: it must run through the inside, and cross no other. Move one of its ends.`,
  'standpoint-blocked': () =>
    'Nobody can stand there: a wall or something in the room is in the way. Step back from it first.',
  'section-along': ({ face }) =>
    `A section line runs through the room from one wall to another, not along face ${face}. Put one of its ends on another face.`,
  'section-named': ({ name }) => `There is a section ${name} already. Give this one another name.`,
  'places-alike': () => 'The two places are the same. Choose two that are well apart.',
  'split-not-across': () =>
    'This line doesn’t part the zone in two. Draw it right across, where each side is in one piece.',
  'outline-crossing': () =>
    'These corners make no outline: its sides cross, or it has no extent. Move one of them, or take it out.',
  'outline-fine': ({ most }) => `An outline has ${most} corners at most. Draw it with fewer.`,
  'profile-fine': ({ most }) => `This profile has more than ${most} places. Draw its curves with fewer.`,
  'profile-large': ({ size, most }, show) =>
    `This profile would be ${show(size)} large; a trim is ${show(most)} at most. Check the unit of the drawing.`,
  'profile-used': ({ name }) => `There are trims of the profile ${name}. Give them another first.`,
  'dxf-unreadable': ({ reason }) =>
    `The file can’t be read as a DXF drawing: ${sayReason(reason)}. Save it as DXF anew, or choose a picture of it.`,
  'object-unreadable': ({ reason }) =>
    `The object can’t be read: ${sayReason(reason)}. Save it as glTF (.glb) or OBJ anew, without packing, or in a lighter form.`,
  'record-missing': ({ id, what }) =>
    `The ${sought[what]} ${id} is no longer in this room. Reload to see the room as it is.`,
  'reason-blank': () => 'Say why it is accepted: the reason is printed beside it.',
  'reference-broken': ({ path, target }) =>
    `${path} names ${target ?? 'the loop'}, which is not there. Mend the file where it was made.`,
  'record-count': ({ kind, found, wanted }) =>
    `A design has ${wanted} ${kind} record; this one has ${found}. Mend the file where it was made.`,
  'design-not-json': ({ reason }) =>
    `The file is not readable as JSON (${sayReason(reason)}). Choose a design exported as JSON.`,
  'design-other-kind': ({ found }) =>
    `The file holds ${sayReason(found)}, not a design: a design has schema and records. Choose a file made with Export design.`,
  'design-newer': ({ schema, known }) =>
    `The file was written by a newer version (schema ${schema}; this program reads up to ${known}). Update first.`,
  'design-too-large': ({ bytes, most }) =>
    `The file is ${Math.round(bytes / 1e5) / 10} MB; a design has at most ${most / 1e6} MB. Choose a design file.`,
  'design-faulty': ({ faults }) => `The design has faults: ${sayFaults(faults)}`,
  'input-faulty': ({ faults }) => `What was given has faults: ${sayFaults(faults)}`,
  'top-edges-fold': ({ first, second }) =>
    `The top’s edge ${second} runs straight back along ${first}. Put a corner between them.`,
  'top-edge-gone': ({ edge }) =>
    `Nothing is left of the top’s edge ${edge}: its neighbours cross before it. Give these less overhang, or let what is beside it begin farther off.`,
  'top-crosses-itself': ({ first, second }) =>
    `The top’s edges ${first} and ${second} cross. Give one of them less overhang.`,
  'top-corner-missing': ({ first, second }) =>
    `The top’s edges ${first} and ${second} meet in no corner. Name two edges that follow one another.`,
  'top-corner-too-large': ({ edge, length }, show) =>
    `The corners at the top’s edge ${edge} take more than its ${show(length)}. Make them smaller.`,
  'top-break-off': ({ leg, length }, show) =>
    `A break lies beside leg ${leg}, which is ${show(length)} long. Give its place along the wall from where the leg begins.`,
  'cut-out-outside': ({ cutOut }) =>
    `Cut-out ${cutOut} does not lie within the top. Check its place along, its distance from the front and its size.`,
  'cut-outs-overlap': ({ first, second }) => `Cut-outs ${first} and ${second} overlap. Move one of them.`,
  'lining-bent': ({ face }) =>
    `Face ${face} is bent, and a lining is straight. Line another wall, or make face ${face} straight first.`,
  'lining-no-room': ({ face }) => `Openings leave nothing of face ${face} to line. Line another wall.`,
  'scheme-worn': ({ name }) =>
    `The room is finished as ${name} already. Choose another set, or change a finish first.`,
  'recess-thin': ({ least }, _, exactly) =>
    `A light recess needs a lining ${exactly(least)} thick at least. Make the lining thicker, or leave out the light.`,
  'finish-long': ({ most }) => `The name of a finish is ${most} letters long at most. Shorten it.`,
  'finish-of-room': ({ part }) =>
    `${finishPartNames[part]} can’t be finished there: it is the same in all of the room. Finish it for the room.`,
  'no-fronts': ({ item }) => `${item} has no fronts that are made in a style. Choose a cabinet.`,
  'no-trim': ({ item, use }) =>
    use === 'cornice'
      ? `${item} can’t have a cornice: wall units and talls have one. Choose one of those.`
      : `${item} can’t have a light rail: wall units have one. Choose one of those.`,
  'edge-is-front': ({ item }) =>
    `The front of ${item} is worked at: a splash or a top down to the floor stands at its ends or behind it.`,
  'code-unknown': ({ range, code }) =>
    `${range} has no item “${say(code)}”. Look through the shelf for its codes.`,
  'filler-too-wide': ({ width, most }, show) =>
    `${show(width)} is too wide for a filler (up to ${show(most)}). Trim a cabinet to the gap, or set another item in it.`,
  'filler-too-narrow': ({ width, least }, show) =>
    `${show(width)} is too narrow for a filler (from ${show(least)}). Trim the neighbouring cabinet to the gap.`,
  'item-locked': ({ item }) => `${item} is locked. Unlock it first.`,
  'dimension-ends': ({ least, most, found }) =>
    `It is measured between ${least === most ? least : `${least} to ${most}`} places, not ${found}. Choose them again.`,
  'dimension-none': ({ type }) =>
    type === 'radius'
      ? 'That is not round. Choose a bent face or a round column.'
      : 'That has no area here. Choose something else.',
  'dimension-nothing': () =>
    'There is nothing to measure between these places that way. Choose places apart, or measure another way.',
  'note-blank': () => 'A note needs words.',
  'row-untied': () =>
    'Not every place of this row is the end of something, so that it can’t be kept as it is. Leave it away, or move it.',
  'measured-held': () =>
    'Nothing that this dimension measures can be moved or sized for it. Change it where it was entered.',
  'items-too-few': ({ least }) =>
    least === 1 ? 'Choose an item first.' : `Choose ${least} items or more: Shift click adds one.`,
  'items-apart': ({ act }) =>
    `${actOnRow[act]} only items that stand on one face, or free ones. Choose them without the others.`,
  'gap-not-beside': ({ item }) =>
    `${item} does not stand beside an open length. Choose the item next to the gap.`,
  'gap-missing': ({ face }) =>
    `There is no open length there on face ${face} any more. Choose one of the chips on the drawing.`,
  'pack-unknown': ({ typed, known }) =>
    `There is no pack “${typed}”. Give one or several of these, with commas between: ${known.join(', ')}; or all.`,
  'fact-wrong': ({ fact }) =>
    `${Object.hasOwn(factNames, fact) ? factNames[fact as FactKey] : fact} can’t be that. Give a length or a number as it is measured, a whole number where something is counted, or leave it open.`,
  'width-limits': ({ item, width, least, most }, show) =>
    most > 0
      ? `${item} can’t be made ${show(width)} wide: it is built from ${show(least)} to ${show(most)}. Use a filler, or another width beside it.`
      : `${item} comes in one size and can’t be trimmed. Trim a cabinet, or use a filler.`,
  'width-not-made': ({ item, range, width, made }, show) =>
    `${range} does not list ${item} ${show(width)} wide; it lists ${nearest(made, width).map(show).join(', ')}. Choose one of these, use a filler, or allow special widths in the room’s facts.`,
  'size-not-made': ({ item, range, size, length, made }, show) =>
    `${range} does not list ${item} ${show(length)} ${size === 'depth' ? 'deep' : 'high'}; it lists ${nearest(made, length).map(show).join(', ')}. Choose one of these, or allow special widths in the room’s facts.`,
  'not-split': ({ item, width, made }, show) =>
    made.length > 0
      ? `${item} can’t be split in two of ${show(width)} together: its range lists ${made.map(show).join(', ')}. Choose another width, or allow special widths in the room’s facts.`
      : `${item} can’t be split: it is made in one piece.`,
  'not-swapped': ({ item, width, family }, show) =>
    `${item} has no place for ${family} ${show(width)} wide: its range does not list it. Change the width first.`,
  'not-joined': ({ first, second, why }) =>
    ({
      kind: `${first} and ${second} are not of one family. Swap the kind of one first.`,
      apart: `${first} and ${second} do not stand side by side in line. Move one to the other first.`,
      size: `No item of their family is as wide as ${first} and ${second} together. Allow special widths in the room’s facts, or keep both.`,
    })[why],
  'does-not-fit': ({ item, into, width, free }, show) =>
    `${sayFirst(item)} needs ${show(width)} and ${say(into)} has ${show(free)}: ${show(width - free)} too little. Choose a narrower one, or make room.`,
  'no-bridge': ({ item, over, between, lowest }, show) =>
    lowest !== null && lowest > over
      ? `No cabinet bridges ${item}: ${show(over)} are free over it under the top of the panels, the lowest that is made is ${show(lowest)} high.`
      : `No cabinet bridges ${item}: none of the range goes in between panels ${show(between)} apart.`,
  'no-half-wall': ({ face }) =>
    `Face ${face} goes up to the ceiling. Give it the height of a half wall first, in its facts.`,
  'no-drain': ({ item }) => `${item} has no drain to place it by. Use its ties.`,
  'faces-not-in-line': ({ faces, at }) =>
    at === undefined
      ? `${faces} are not faces that follow one another. Name each once, in walking order, such as A,B.`
      : `An open length lies on one face, not on ${faces}. Name its face alone.`,
  'nothing-open': ({ faces }) =>
    `Nothing that cabinets could fill is open on ${faces}. Let more items be replaced, or choose another face.`,
  'nothing-fits': ({ family, range, open }, show) =>
    open && open.least > open.length
      ? `${family} (${range}) needs ${show(open.least)} with its fillers, and ${show(open.length)} are open on face ${open.face}: ${show(open.least - open.length)} too little. Choose another family, smaller fillers at the ends, or let more items be replaced.`
      : `No widths of ${family} (${range}) close ${open ? `the ${show(open.length)} that are open on face ${open.face}` : 'this length'}, even with fillers. Choose another family, smaller fillers at the ends, or let more items be replaced.`,
  'tile-out-of-proportion': ({ slot }) =>
    `Of this tile the pattern leaves nothing for its piece “${slot}”. Use a longer tile or a narrower joint.`,
  'weave-out-of-proportion': ({ n, needed }, show) =>
    `A weave of ${n} needs its tile ${show(needed)} long: ${n} times as high, with the joints between. Change the tile or the joint.`,
  'piece-on-no-tile': ({ piece }) =>
    `Piece “${piece}” can be cut from no tile: it is too large for one, or its factory sides are further apart than a tile’s.`,
  'tiles-too-many': ({ count, most }) =>
    `That would be about ${count} tiles; at most ${most} are laid at once. Use a larger tile or a smaller zone.`,
  'crop-empty': ({ least }, show) =>
    `Nothing of the drawing would be left. Leave at least ${show(least)} of it each way.`,
  'laid-sheets': ({ where }) => `These sheets can’t be kept: ${where} is not as it should be. Nest again.`,
  'nest-too-large': ({ id, length, width }, show) =>
    `Part ${id}, ${show(length)} by ${show(width)}, fits none of the sheets with what is trimmed off them. Give a larger sheet.`,
  'nest-grain': ({ id }) => `Part ${id} has a grain and is not turned. Put it there as it lies.`,
  'nest-near': ({ id, other, kerf }, show) =>
    `Part ${id} would be nearer to ${other} than the saw’s kerf, ${show(kerf)}. Put it further off.`,
  'nest-no-sheet': ({ stock, count }) =>
    `There are only ${count} sheets of ${stock}. Put it on one of those, or give more sheets.`,
  'nest-off': ({ id }) => `Part ${id} would lie beyond what is trimmed off the sheet. Put it further in.`,
  'nest-unsawn': ({ id }) =>
    `With part ${id} there the sheet could not be cut right across any more. Put it in line with others.`,
  'nest-left': ({ left, of, first }) =>
    `The sheets there are hold all but ${left} of ${of} parts, ${first} among them. Give more sheets.`,
  'machine-bed': ({ part, length, width, bed: [long, wide] }, show) => {
    const what = part === null ? 'The sheet' : `Part ${part}`;
    const mend = part === null ? 'Nest on smaller sheets' : 'Cut it from its drawing, or say a larger bed';
    return `${what} is ${show(length)} by ${show(width)}, the machine’s bed ${show(long)} by ${show(wide)}. ${mend}.`;
  },
  'machine-hole': ({ size, depth }, show) =>
    `The machine has no drill of ${show(size)} that reaches ${show(depth)} deep, and no cutter that would. Give it one.`,
  'machine-kerf': ({ kerf, thick }, show) =>
    `The parts lie ${show(kerf)} apart, and no cutter that narrow reaches through ${show(thick)}. Nest again with a kerf as wide as the cutter.`,
  'machine-outline': ({ id, thick }, show) =>
    `Part ${id} has a corner so narrow that no cutter through ${show(thick)} gets into it. Make it wider, or saw the part.`,
  'machine-pocket': ({ width, depth }, show) =>
    `The machine has no cutter for a groove ${show(width)} wide and ${show(depth)} deep. Give it one.`,
  'no-details': () => 'No details have been marked yet. Mark one on a plan or an elevation, then draw them.',
  'nothing-made': () =>
    'Nothing of this room is made in the shop yet. Set cabinets, fillers or panels first.',
  'no-tops': () =>
    'There is no countertop in this room yet. Set base cabinets, or draw a top of its own on the Surface step.',
  'nothing-tiled': () => 'Nothing is tiled in this room yet. Lay tiles on the Tile step first.',
  'pattern-unfilled': ({ missing, twice }) =>
    `The pattern does not fill its repeat: ${[
      ...(missing > 0 ? [`${missing} of its squares ${missing === 1 ? 'has' : 'have'} no tile`] : []),
      ...(twice > 0 ? [`${twice} ${twice === 1 ? 'has' : 'have'} more than one`] : []),
    ].join(', ')}. Draw tiles on those that are free.`,
  'border-too-wide': ({ wide }, show) =>
    `There is no room for a border that takes ${show(wide)} along every edge. Make it narrower, or lay it nearer to the edge.`,
  'zone-empty': () =>
    'Nothing is left to be tiled there. Draw the zone where the floor or the wall is free, or let what stands there be tiled under.',
  'stagger-too-far': ({ least, most }, show) =>
    `End joints ${show(least)} apart from those of the next rows leave no place: with planks this long ${show(most)} is the most.`,
  'tie-unavailable': ({ side }) => `Nothing stands ${facing[side]} of it to measure from. Use another side.`,
  'no-place': ({ item, needed, free, together }, show) =>
    together && needed > free
      ? `What is set needs ${show(needed)} together and ${show(free)} are free at most: ${item}, at its right end, reaches ${show(needed - free)} too far. Make room, or set fewer.`
      : needed > free
        ? `${item} needs ${show(needed)} and ${show(free)} are free at most: ${show(needed - free)} too little. Make room, or drag it where it should stand.`
        : `There is no free place for ${together ? 'these items as they stand together' : item}. Drag it where it should stand.`,
  'too-high': ({ item, top, ceiling }, show) =>
    `${item} reaches ${show(top)} above the floor, ${show(top - ceiling)} more than the ceiling. Make it lower.`,
  'no-room-on-face': ({ item, width }, show) =>
    `No face has ${show(width)} free for ${say(item)}. Drag it where it should stand.`,
  'step-overtaken': ({ label }) =>
    `“${label}” can’t be taken back or done again: someone else has changed the same since. What you did before it still can.`,
  'patch-stale': ({ ids }) =>
    `Someone has changed ${ids.join(', ')} in the meantime. Look at the new state and do it again.`,
  'sheet-too-small': ({ what, width, height, scale, page, fits, letters }, show) =>
    `${sayFirst(what)} at 1:${scale} needs ${show(width)} by ${show(height)} of ${page}, more than there is. ` +
    (fits[0] ? `It fits at ${fits.join(' or ')}.` : sayLargerPage(letters)),
  'rows-none': ({ item }) =>
    `What shows on the front of ${item} can’t be changed. Swap it for another kind, or choose a cabinet that is straight in plan.`,
  'rows-niche': ({ item }) =>
    `${item} holds an appliance: its opening stays, and no other comes beside it. Swap it for another kind instead.`,
  'rows-height': ({ item, typed, left, room }, _, exactly) =>
    `The rows of ${item} come to ${exactly(typed)}; its front has ${exactly(room)} for them. ${left > 0 ? 'Make some lower, or leave one away.' : 'Leave the height of one empty: it takes what is left.'}`,
  'rows-width': ({ item, typed, left, room }, _, exactly) =>
    `What is side by side in ${item} comes to ${exactly(typed)}; there is ${exactly(room)} for it. ${left > 0 ? 'Make some narrower.' : 'Leave the last width away: it takes what is left.'}`,
  'rows-crowded': ({ item }) =>
    `${item} can’t be built so: there is no room for the boards between its rows, or less than 60 mm between two of them. Put fewer side by side, or make rows higher.`,
  'rows-shelves': ({ item, row, asked, fit }) =>
    `Row ${row} of ${item} has room for ${fit} of ${asked} shelves. Ask for fewer, or make the row higher.`,
  'way-range': ({ way, length, least, most }, _, exactly) =>
    `“${wayNames[way]}” can’t be ${exactly(length)}. Give a length from ${exactly(least)} to ${exactly(most)}.`,
  'way-sizes': ({ way, found, most }) =>
    `“${wayNames[way]}” can’t be ${found} sizes. Give 1 to ${most}, with commas between them.`,
  'way-none': ({ of }) => `${of} is no cabinet: nothing of it is built. Choose a range of cabinets.`,
  'way-lacking': ({ way, of }) =>
    `${of} is built without that: “${wayNames[way]}” can’t be set. Change how it is built first, or leave it.`,
  'way-held': ({ way, is }, _, exactly) =>
    `“${wayNames[way]}” can be no other than ${exactly(is)} with the boards and the frame there are. Change those first, or give ${exactly(is)}.`,
  'way-moves': ({ way, was, is }, _, exactly) =>
    `“${wayNames[way]}” could not stay at ${exactly(was)}: it would be ${exactly(is)}. Change that first.`,
  'sheet-unknown': ({ what, value, known }) =>
    `There is no ${choices[what]} “${value}”. Choose ${known.join(', ')}.`,
};

/** The sizes nearest to one, at most three on either side. */
function nearest(sizes: readonly number[], size: number): number[] {
  return [...sizes.filter((one) => one < size).slice(-3), ...sizes.filter((one) => one >= size).slice(0, 3)];
}

/** A refusal as a sentence, lengths in the given style. */
export function refusalText(refusal: Refusal, style: LengthStyle = usualStyle('mm')): string {
  const say = wording[refusal.code] as (data: unknown, show: Show, exactly: Show) => string;
  return say(
    refusal.data,
    (mm) => formatLengthWithUnit(mm, style),
    (mm) => exactLength(mm, style),
  );
}

/** A length with as many places as it has, where the job's rounding would make another of it. */
function exactLength(mm: number, style: LengthStyle): string {
  const isWhole = (step: number) => Math.abs(mm - Math.round(mm / step) * step) < 1e-9;
  if (isWhole(style.step) || !Number.isFinite(mm)) return formatLengthWithUnit(mm, style);
  if (isInchUnit(style.unit)) return `${Number(mm.toFixed(6))} mm`;
  const step = [1, 0.1, 0.01, 1e-3, 1e-4].find(isWhole) ?? 1e-6;
  return formatLengthWithUnit(mm, { ...style, step });
}

/** The first faults of something, each with its place, and how many more there are. */
function sayFaults(faults: readonly Fault[]): string {
  const shown = faults
    .slice(0, 4)
    .map(({ path, value, reason }) => `${path}${value ? ` (${value})` : ''} ${sayReason(reason)}`);
  const more = faults.length > shown.length ? `; and ${faults.length - shown.length} more` : '';
  return `${shown.join('; ')}${more}.`;
}
