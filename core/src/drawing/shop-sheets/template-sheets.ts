import { roomOf, styleOf, type Design } from '../../document/design';
import { ok, refuse, type Result } from '../../result';
import { shopLength } from '../../shop/lists/shop-style';
import { templatesOf, type Template, type TemplateEdge } from '../../shop/templates/templates';
import { slabLayouts, type SlabLayout } from '../../shop/templates/slab-layout';
import { slabOf } from '../../surfaces/top-joints';
import { formatArea } from '../../units/format-area';
import { edgeLetter, profileWords, templateWords } from '../../wording/shop-words';
import { slabDrawing } from '../parts/slab-drawing';
import { templateDrawing } from '../parts/template-drawing';
import type { Page } from '../sheet/sheet-format';
import type { SheetContent, SheetOptions } from '../sheet/sheet-frame';
import { columnPages, fittedDrawing, pagesOf } from './fitted-drawing';

/** Every piece of every top by itself, true to scale, for who makes it: refused where there is none. */
export function templateSheets(design: Design, { page }: SheetOptions): Result<SheetContent[]> {
  const templates = templatesOf(design);
  if (templates.length === 0) return refuse('no-tops', {});
  const say = shopLength(styleOf(design));
  return ok([
    ...templates.flatMap((template) => {
      const title = templateWords.piece(template.top, template.piece);
      const drawn = fittedDrawing(design, page, (ratio) => templateDrawing(template, ratio, say));
      return pagesOf(title, drawn, [
        ...columnPages(
          { title, lines: linesOf(design, template, say), table: edgeTable(template, say) },
          page,
        ),
      ]);
    }),
    ...slabLayouts(design).flatMap((layout) =>
      layout.slabs.flatMap((_, slab) => slabPages(design, layout, slab, page)),
    ),
  ]);
}

/** A slab with the pieces that are cut from it. */
function slabPages(design: Design, layout: SlabLayout, slab: number, page: Page): SheetContent[] {
  const say = shopLength(styleOf(design));
  const { material, thickness, slabs, used, along, case: of } = layout;
  const templates = templatesOf(design);
  const { l, w } = of.stock[0]!;
  const { parts } = slabs[slab]!;
  const nameOf = ({ top, piece }: Template) => templateWords.piece(top, piece);
  const title = templateWords.slabOf(material, templateWords.slab(slab + 1, slabs.length));
  const drawn = fittedDrawing(design, page, (scale) =>
    slabDrawing(layout, slab, templates, { scale, say: nameOf }),
  );
  const lines = [
    `${say(l)} × ${say(w)} × ${say(thickness)}`,
    templateWords.used(used[slab]!),
    templateWords.sawn(say(of.kerf)),
    along ? templateWords.veins : templateWords.turns,
  ];
  const table = {
    title: templateWords.pieces,
    columns: [
      [templateWords.pieces, 40, 'start'],
      [templateWords.size, 34, 'end'],
      ['', 14, 'start'],
    ] as const,
    rows: parts.map((part) => {
      const template = templates[Number(part.id)]!;
      const size = `${say(template.length)} × ${say(template.width)}`;
      return { id: '', cells: [nameOf(template), size, part.turned ? templateWords.turned : ''] };
    }),
  };
  return pagesOf(title, drawn, columnPages({ title, lines, table }, page));
}

function linesOf(design: Design, template: Template, say: (mm: number) => string): string[] {
  const { unit } = roomOf(design);
  const { material, thickness, length, width, area, netArea, cutOuts, fitsSlab, items, edges } = template;
  const slab = slabOf(design);
  return [
    templateWords.over(items),
    [material, say(thickness)].filter(Boolean).join(', '),
    `${say(length)} × ${say(width)}`,
    templateWords.areas(formatArea(area, unit), formatArea(netArea, unit)),
    fitsSlab
      ? templateWords.fits(say(slab.length), say(slab.width))
      : templateWords.tooLarge(say(slab.length), say(slab.width)),
    ...boltLines(edges, say),
    ...cutOuts.map((one) =>
      templateWords.cutOut(one.item, one.use, {
        size: `${say(one.size[0])} × ${say(one.size[1])}`,
        radius: say(one.radius),
        fromFront: say(one.fromFront),
        fromLeft: say(one.fromLeft),
        fromRight: say(one.fromRight),
      }),
    ),
  ];
}

/** Where the bolts of a piece's joints are. */
export const boltLines = (edges: readonly TemplateEdge[], say: (mm: number) => string): string[] =>
  edges.flatMap(({ bolts }, index) =>
    bolts ? [templateWords.bolts(edgeLetter(index), bolts.map(say))] : [],
  );

function edgeTable({ edges }: Template, say: (mm: number) => string) {
  return {
    title: templateWords.edges,
    columns: [
      [templateWords.edge, 8, 'start'],
      [templateWords.kind, 20, 'start'],
      [templateWords.length, 18, 'end'],
      [templateWords.angle, 14, 'end'],
      [templateWords.profile, 22, 'start'],
    ] as const,
    rows: edges.map(({ role, length, angle, profile, arc }, index) => ({
      id: '',
      cells: [
        edgeLetter(index),
        arc ? templateWords.radius(say(arc.radius)) : templateWords.roles[role],
        say(length),
        `${Number(angle.toFixed(2))}°`,
        profile ? profileWords[profile] : templateWords.atWall,
      ],
    })),
  };
}
