import { patchOf } from '../document/patch';
import type { FrameCrop, FrameRecord } from '../document/records';
import { drawingIds, frameWay, otherFrames } from '../drawing/sheet/frame-ways';
import { frameScales } from '../drawing/sheet/sheet-format';
import { ok, refuse } from '../result';
import { quantise } from '../units/units';
import { guarded, type Command } from './command';

type Ways = Pick<FrameRecord, 'crop' | 'hidden' | 'place' | 'plain' | 'ratio' | 'without'>;

/** What of a drawing is left is no narrower than this, mm of the room. */
export const LEAST_CROPPED = 10;

/** Says how a drawing lies on its sheet: its scale, where it is cropped, what it leaves away, whether it is left out; null for as it is of itself. Where all of that is of itself nothing is kept of it. */
export const setFrame: Command<{ id: string; drawing: string } & { [Way in keyof Ways]?: Ways[Way] | null }> =
  {
    id: 'set-frame',
    run(design, { id, drawing, ...ways }) {
      const known = drawingIds(design);
      const before = frameWay(design, drawing);
      if (!before && !known.includes(drawing))
        return refuse('sheet-unknown', { what: 'view', value: drawing, known });
      const asked = { ...before, ...ways };
      const { ratio, crop } = asked;
      if (ratio != null && !frameScales.some((one) => one.ratio === ratio))
        return refuse('sheet-unknown', {
          ...{ what: 'scale', value: `1:${ratio}` },
          known: frameScales.map(({ text }) => text),
        });
      if (crop && isTooNarrow(crop)) return refuse('crop-empty', { least: LEAST_CROPPED });
      const kept: Ways = {
        ...(ratio != null && { ratio }),
        ...(crop && Object.keys(crop).length > 0 && { crop: rounded(crop) }),
        ...(asked.without && asked.without.length > 0 && { without: asked.without }),
        ...(asked.plain && { plain: true }),
        ...(asked.hidden && { hidden: true }),
        ...(asked.place && { place: asked.place }),
      };
      if (Object.keys(kept).length === 0)
        return before
          ? guarded(design, patchOf(design, [], [before.id, ...otherFrames(design, before)]))
          : ok([]);
      const after: FrameRecord = { kind: 'frame', id: before?.id ?? id, drawing, ...kept };
      return guarded(design, patchOf(design, [after], otherFrames(design, after)));
    },
  };

const isTooNarrow = ({ left, right, bottom, top }: FrameCrop): boolean =>
  (left !== undefined && right !== undefined && right - left < LEAST_CROPPED) ||
  (bottom !== undefined && top !== undefined && top - bottom < LEAST_CROPPED);

const rounded = (crop: FrameCrop): FrameCrop =>
  Object.fromEntries(Object.entries(crop).map(([side, mm]: [string, number]) => [side, quantise(mm)]));
