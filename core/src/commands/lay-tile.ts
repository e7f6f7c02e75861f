import { patchOf } from '../document/patch';
import type { FinishRecord, ZoneRecord } from '../document/records';
import { ok } from '../result';
import type { Command } from './command';
import { keptOwn } from '../surfaces/kept-finishes';
import { writtenZone } from './put-zone';

/** Lays a zone with other tiles, those of them that are the studio's own with it. */
export const layTile: Command<{ zone: ZoneRecord; own?: readonly FinishRecord[] }> = {
  id: 'lay-tile',
  run(design, { zone, own = [] }) {
    const laid = writtenZone(design, zone);
    if (!laid.ok) return laid;
    const { written, gone } = keptOwn(design, own);
    return ok([...laid.value, ...patchOf(design, written, gone)]);
  },
};
