import type { Design } from '../../document/design';
import { ok, type Result } from '../../result';
import { tops } from '../../surfaces/tops';
import { tiledZones } from '../../tile/zones/zone-laying';
import { coverSheets } from './cover-sheet';
import { detailsOf } from '../dimensions/details';
import { detailSheets } from './detail-sheets';
import { elevationSheets } from './elevation-sheets';
import { constructionSheets, planSheets } from './plan-sheets';
import { reachSheets } from './reach-sheets';
import { scheduleSheets } from './schedule-tables';
import { beforeEnlarged, enlarged, roomBeforeEnlarged, scalesFor } from './letters';
import { sheetScales } from './sheet-format';
import { shopSheets } from '../shop-sheets/shop-sheets';
import {
  framed,
  shopSubjects,
  type Sheet,
  type SheetContent,
  type SheetOptions,
  type SheetSubject,
  type ShopSubject,
} from './sheet-frame';
import { styled } from './sheet-style';
import { setParts, type SetPart } from './style-choices';
import { inTypeface } from './typeface';
import { tileSheets } from './tile-sheets';
import { topSheets } from './top-sheets';

const makers: Record<SetPart, (design: Design, options: SheetOptions) => Result<SheetContent[]>> = {
  plan: (design, options) => planSheets(design, options, false),
  construction: constructionSheets,
  ceiling: (design, options) => planSheets(design, options, true),
  elevations: elevationSheets,
  tops: topSheets,
  tiles: tileSheets,
  details: detailSheets,
  schedules: (design, options) => ok(scheduleSheets(design, options)),
  reach: (design, options) => ok(reachSheets(design, options)),
};

/** The sheets of a room at a true scale: one subject, or the whole set with its cover. Refused when a drawing does not fit the page, naming the scales at which it does; in a set it is drawn at the next scale that fits. */
export const drawSheets = (room: Design, options: SheetOptions): Result<Sheet[]> =>
  inTypeface(inPlain(room, options), options.style);

function inPlain(room: Design, options: SheetOptions): Result<Sheet[]> {
  const { subject = 'plan', style } = options;
  if (isForShop(subject)) return shopSheets(room, subject, options);
  const design = roomBeforeEnlarged(styled(room, style), style);
  const small = beforeEnlarged(options);
  if (subject === 'set') return enlarged(drawSet(design, small), options);
  const contents = makers[subject](design, small);
  return enlarged(contents.ok ? ok(framed(design, small, contents.value)) : contents, options);
}

const isForShop = (subject: SheetSubject): subject is ShopSubject =>
  (shopSubjects as readonly SheetSubject[]).includes(subject);

function drawSet(design: Design, options: SheetOptions): Result<Sheet[]> {
  const contents: SheetContent[] = [];
  const { parts = setParts } = options.style ?? {};
  for (const part of parts.filter((one) => has(design, one))) {
    const drawn = atScaleThatFits(options, (at) => makers[part](design, at));
    if (!drawn.ok) return drawn;
    contents.push(...drawn.value);
  }
  return ok(framed(design, options, [...coverSheets(design, options, contents), ...contents]));
}

/** Whether a room has anything of what a part of a set shows. */
function has(design: Design, part: SetPart): boolean {
  if (part === 'tops') return tops(design).length > 0;
  if (part === 'tiles')
    return tiledZones(design).some(({ tiled }) => tiled.ok && tiled.value.laid.pieces.length > 0);
  if (part === 'details') return detailsOf(design).length > 0;
  return true;
}

/** What is drawn at the scale asked for, or at the next smaller one of its kind at which it fits. */
function atScaleThatFits(
  options: SheetOptions,
  draw: (options: SheetOptions) => Result<SheetContent[]>,
): Result<SheetContent[]> {
  const asked = draw(options);
  if (asked.ok || asked.refusal.code !== 'sheet-too-small') return asked;
  const inInches = options.scale.text.includes('"');
  const smaller = scalesFor(options.style, sheetScales)
    .filter(({ ratio, text }) => ratio > options.scale.ratio && text.includes('"') === inInches)
    .sort((a, b) => a.ratio - b.ratio);
  for (const scale of smaller) {
    const drawn = draw({ ...options, scale });
    if (drawn.ok || drawn.refusal.code !== 'sheet-too-small') return drawn;
  }
  return asked;
}
