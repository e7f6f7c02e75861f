import { nextSectionName, putSection, roomShape, straightAcross } from 'goodreach';
import { nanoid } from 'nanoid';
import type { DesignSession } from '../session/design-session.svelte';
import type { ScreenState } from '../session/screen.svelte';

/** Cuts the room straight across from the middle of the chosen face, else of its longest, and chooses the line. */
export function addSectionLine(session: DesignSession, screen: ScreenState): void {
  const { committed } = session;
  const { faces, byId } = roomShape(committed);
  const longest = faces.reduce((best, face) => (face.length > best.length ? face : best));
  const ends = straightAcross(committed, byId.get(screen.selected ?? '') ?? longest);
  const id = `section-${nanoid(8)}`;
  const section = { kind: 'section' as const, id, name: nextSectionName(committed), side: 'left' as const };
  if (session.run(putSection, { ...section, ...ends })) screen.select(id);
}
