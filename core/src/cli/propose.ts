import { sayFirst } from '../wording/words';
import { roomOf, type Design } from '../document/design';
import { runBands } from '../document/limits';
import { criteria, type Criterion } from '../proposals/fill-problem';
import { describeProposals } from '../proposals/describe';
import { fillingFamilies, replaceable } from '../proposals/offered';
import { usualEnds } from '../proposals/request';
import { findRange, rangesOf } from '../ranges/shelf';
import { ok, refuse, type Result, type Choice } from '../result';
import { within } from '../document/within';
import type { PlacedFace } from '../survey/placed-face';
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
  const unknown = (what: Choice, value: string, known: readonly string[]) =>
    refuse('sheet-unknown', { what, value, known: [...known] });
  if (faces.some((face) => !face))
    return unknown(
      'face',
      flags.face,
      roomShape(design).faces.map(({ letter }) => letter),
    );
  const placed = faces.map((face) => face!);
  const order = roomShape(design).faces;
  const isNext = (index: number) =>
    order[(order.indexOf(placed[index - 1]!) + 1) % order.length] === placed[index];
  if (new Set(placed).size < placed.length || placed.some((_, index) => index > 0 && !isNext(index)))
    return refuse('faces-not-in-line', { faces: flags.face });
  const band = runBands.find((one) => one === flags.band);
  if (!band) return unknown('band', flags.band, runBands);
  const wanted = (flags.order ?? criteria.join(',')).split(',').map((one) => one.trim());
  const judged = [...criteria, 'findings'];
  const wrong = wanted.find((one) => !judged.includes(one));
  if (wrong !== undefined) return unknown('criterion', wrong, judged);
  const soundAt = wanted.indexOf('findings');
  const known = findRange(range, rangesOf(design));
  if (!known)
    return unknown(
      'range',
      range,
      rangesOf(design).map(({ id }) => id),
    );
  const families = fillingFamilies(known, band).map(({ code }) => code);
  const most = Number(flags.most);
  if (!Number.isInteger(most) || most < 1 || most > 50)
    return refuse('number-range', { what: 'proposals', value: most, least: 1, most: 50 });
  const at = flags.at === undefined ? null : parseLength(flags.at, unit);
  const centre = flags.centre === undefined ? null : parseLength(flags.centre, unit);
  for (const length of [at, centre]) if (length && !length.ok) return length;
  const ids = placed.map(({ id }) => id);
  const [first] = placed as [PlacedFace];
  if (at?.ok && placed.length > 1) return refuse('faces-not-in-line', { faces: flags.face, at: at.value });
  for (const [what, length] of [
    ['open-length-place', at],
    ['centre-line', centre],
  ] as const) {
    const held = length?.ok ? within(what, length.value, 0, first.length) : null;
    if (held && !held.ok) return held;
  }
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
      order: [...new Set([...(wanted.filter((one) => one !== 'findings') as Criterion[]), ...criteria])],
      ...(soundAt >= 0 && { soundAt }),
      most,
      ends: usualEnds(unit),
      loose: [],
    },
    () => `proposed-${(count += 1)}`,
  );
  if (!found.ok) return found;
  return ok({
    order: wanted,
    proposals: found.value.map(({ values, proven, corners, removed, items, findings }) => ({
      values,
      proven,
      corners: corners.map(sayFirst),
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
