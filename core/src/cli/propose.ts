import { roomOf, type Design } from '../document/design';
import { runBands } from '../document/limits';
import { criteria, type Criterion } from '../proposals/fill-problem';
import { describeProposals } from '../proposals/describe';
import { fillingFamilies, replaceable } from '../proposals/propose';
import { usualEnds } from '../proposals/request';
import { findRange, rangesOf } from '../ranges/shelf';
import { ok, refuse, type Result } from '../result';
import { roomShape } from '../survey/room-shape';
import { parseLength } from '../units/parse-length';
import { quantise } from '../units/units';

/** What the command line says of a proposal, as typed. */
export interface ProposeFlags {
  face: string;
  at?: string;
  band: string;
  family?: string;
  order?: string;
  centre?: string;
  most: string;
}

/** The best ways to fill faces or an open length, each with its value for every criterion, what it sets and the findings it brings. */
export function proposeCommand(design: Design, flags: ProposeFlags): Result<unknown> {
  const { unit, range } = roomOf(design);
  const letters = flags.face.toUpperCase().split(',');
  const faces = letters.map((letter) =>
    roomShape(design).faces.find((face) => face.letter === letter.trim()),
  );
  const unknown = (what: string, value: string, known: readonly string[]) =>
    refuse('sheet-unknown', { what, value, known: [...known] });
  if (faces.some((face) => !face))
    return unknown(
      'face',
      flags.face,
      roomShape(design).faces.map(({ letter }) => letter),
    );
  const band = runBands.find((one) => one === flags.band);
  if (!band) return unknown('band', flags.band, runBands);
  const order = (flags.order ?? criteria.join(',')).split(',').map((one) => one.trim());
  const wrong = order.find((one) => !criteria.includes(one as Criterion));
  if (wrong !== undefined) return unknown('criterion', wrong, criteria);
  const families = fillingFamilies(findRange(range, rangesOf(design))!, band).map(({ code }) => code);
  const most = Number(flags.most);
  if (!Number.isInteger(most) || most < 1 || most > 50)
    return refuse('number-range', { what: 'The number of proposals', value: most, least: 1, most: 50 });
  const at = flags.at === undefined ? null : parseLength(flags.at, unit);
  const centre = flags.centre === undefined ? null : parseLength(flags.centre, unit);
  for (const length of [at, centre]) if (length && !length.ok) return length;
  const ids = faces.map((face) => face!.id);
  let count = 0;
  const found = describeProposals(
    design,
    {
      faces: ids,
      band,
      ...(at?.ok ? { at: at.value } : {}),
      range,
      family: flags.family ?? families[0] ?? '',
      replaced: at ? [] : replaceable(design, ids, band).map(({ id }) => id),
      centre: centre?.ok ? { face: ids[0]!, at: centre.value } : null,
      order: [...new Set([...(order as Criterion[]), ...criteria])],
      most,
      ends: usualEnds(unit),
    },
    () => `proposed-${(count += 1)}`,
  );
  if (!found.ok) return found;
  return ok({
    order,
    proposals: found.value.map(({ values, corners, removed, items, findings }) => ({
      values,
      corners,
      removed,
      items: items.map(({ code, type, width, up, placement, hand }) => ({
        code,
        type,
        width: quantise(width),
        up,
        hand,
        placement,
      })),
      findings,
    })),
  });
}
