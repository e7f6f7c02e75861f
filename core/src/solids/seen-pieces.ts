import type { ItemKind } from '../ranges/item-kind';

/** A rectangle of what is seen of something from the side: shares of its width from the left, and of its height from below. */
export interface SeenPiece {
  left: number;
  right: number;
  low: number;
  high: number;
}

const piece = (left: number, right: number, low: number, high: number): SeenPiece => ({
  left,
  right,
  low,
  high,
});

/** What is seen of things that do not fill their extent: furniture on legs, a pan before its cistern. Everything else is one whole. */
const pieces: Partial<Record<ItemKind['id'], readonly SeenPiece[]>> = {
  chair: [
    piece(0.04, 0.12, 0, 0.52),
    piece(0.88, 0.96, 0, 0.52),
    piece(0.08, 0.92, 0.58, 1),
    piece(0, 1, 0.52, 0.58),
  ],
  stool: [
    piece(0.08, 0.16, 0, 0.94),
    piece(0.84, 0.92, 0, 0.94),
    piece(0.16, 0.84, 0.28, 0.32),
    piece(0, 1, 0.94, 1),
  ],
  table: [piece(0.03, 0.09, 0, 0.95), piece(0.91, 0.97, 0, 0.95), piece(0, 1, 0.95, 1)],
  'table-round': [piece(0.45, 0.55, 0.04, 0.95), piece(0.2, 0.8, 0, 0.04), piece(0, 1, 0.95, 1)],
  bench: [piece(0.04, 0.12, 0, 0.85), piece(0.88, 0.96, 0, 0.85), piece(0, 1, 0.85, 1)],
  toilet: [piece(0, 1, 0.52, 1), piece(0.22, 0.78, 0, 0.3), piece(0.04, 0.96, 0.3, 0.52)],
  'toilet-hung': [piece(0.12, 0.88, 0, 0.6), piece(0, 1, 0.6, 1)],
  bidet: [piece(0.22, 0.78, 0, 0.6), piece(0, 1, 0.6, 1)],
  basin: [piece(0.36, 0.64, 0, 0.78), piece(0, 1, 0.78, 1)],
  // Its cord over its shade; a foot, a stem and a shade.
  'lamp-pendant': [piece(0.485, 0.515, 0.3, 1), piece(0, 1, 0, 0.3)],
  'lamp-floor': [piece(0.15, 0.85, 0, 0.02), piece(0.47, 0.53, 0.02, 0.8), piece(0, 1, 0.8, 1)],
  'lamp-table': [piece(0.25, 0.75, 0, 0.45), piece(0.45, 0.55, 0.45, 0.55), piece(0, 1, 0.55, 1)],
  plant: [piece(0.2, 0.8, 0, 0.32), piece(0.02, 0.98, 0.32, 1)],
  hood: [piece(0, 1, 0, 0.18), piece(0.3, 0.7, 0.18, 1)],
};

const whole = [piece(0, 1, 0, 1)];

/** The pieces that are seen of something of a kind, from any side. */
export function seenPieces(kind: ItemKind | undefined): readonly SeenPiece[] {
  return (kind && pieces[kind.id]) ?? whole;
}
