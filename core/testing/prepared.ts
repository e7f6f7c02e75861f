import { recordOf, roomOf, type Design } from '../src/document/design';
import { applyPatch, patchOf } from '../src/document/patch';
import type { DesignRecord } from '../src/document/records';
import { must } from '../src/result';
import { asked } from './command-cases';
import { darkScheme, NEEDS_ZONE, oldProfile, oldZone } from './more-command-cases';

/** A full room with what a command needs besides: a half wall where a bar is asked for, and special widths allowed where a trim makes one. */
export function preparedFor(id: string, design: Design): Design {
  const change: DesignRecord[] = [{ ...roomOf(design), specials: id === 'trim-to-gap' }];
  if (id === 'use-scheme') change.push(darkScheme);
  if (NEEDS_ZONE.has(id)) change.push(oldZone);
  if (id === 'forget-profile') change.push(oldProfile);
  if (id === 'set-bar') change.push({ ...recordOf(design, 'face', 'face-d')!, wallHeight: 1050 });
  return must(applyPatch(design, patchOf(design, change)));
}

/** What a command is asked in a room prepared for it. */
export function argsFor(id: string, design: Design): unknown {
  const { does } = asked(design)[id]!;
  return id === 'set-bar' ? { ...(does as object), face: 'face-d' } : does;
}
