import { viewTitles } from '../../wording/drawing-words';
import { perDesign, type Design } from '../../document/design';
import type { PlacedFace } from '../../survey/placed-face';
import { roomShape } from '../../survey/room-shape';
import { placedSections, type PlacedSection } from '../../survey/sections';
import type { Medium, Primitive } from '../primitives';
import { drawElevation } from './draw-elevation';
import { NOTHING, type PutByHand } from './view-labels';
import { drawSection } from './draw-section';
import { drawSide, freeSides, type Side } from './draw-side';
import { sectionFrame } from './section-frame';
import { faceFrame, type ViewFrame } from './view-frame';

/** An upright view of the room: of a face, of a side of what stands free, or along a section line. */
export type RoomView = { id: string; name: string } & (
  { of: 'face'; face: PlacedFace } | { of: 'section'; section: PlacedSection } | { of: 'side'; side: Side }
);

/** Every upright view of the room: its faces in walking order, then the sides of what stands free, then its sections. */
export const roomViews: (design: Design) => readonly RoomView[] = perDesign((design) => [
  ...roomShape(design).faces.map((face): RoomView => ({ of: 'face', id: face.id, name: face.letter, face })),
  ...freeSides(design).map((side): RoomView => {
    const id = `${side.record.id}:${side.side}`;
    return { of: 'side', id, name: viewTitles.side(side.name, side.side), side };
  }),
  ...placedSections(design).map((section): RoomView => {
    return { of: 'section', id: section.id, name: viewTitles.section(section.record.name), section };
  }),
]);

/** What a view looks at. */
export function frameOf(design: Design, view: RoomView): ViewFrame {
  switch (view.of) {
    case 'face':
      return faceFrame(design, view.face);
    case 'side':
      return view.side.frame;
    case 'section':
      return sectionFrame(design, view.section);
  }
}

/** A view as drawing primitives, mm: x from its left end, y up from the floor. */
export function drawView(
  design: Design,
  view: RoomView,
  scale: number,
  medium: Medium = 'paper',
  put: PutByHand = NOTHING,
): readonly Primitive[] {
  switch (view.of) {
    case 'face':
      return drawElevation(design, view.face, scale, medium, put);
    case 'side':
      return drawSide(design, view.side, scale, medium, put);
    case 'section':
      return drawSection(design, view.section, scale, medium, put);
  }
}
