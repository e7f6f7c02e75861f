import { roomOf, styleOf, type Design } from '../../document/design';
import { ok, refuse, type Result } from '../../result';
import { shopLength } from '../../shop/lists/shop-style';
import type { Template, TemplateEdge } from '../../shop/templates/templates';
import { slabLayouts, slabPieces, type SlabLayout } from '../../shop/templates/slab-layout';
import { slabOf } from '../../surfaces/top-joints';
import { formatArea } from '../../units/format-area';
import { edgeLetter, profileWords, templateWords } from '../../wording/shop-words';
import { serviceNames } from '../../wording/things';
import { slabDrawing } from '../parts/slab-drawing';
import { templateDrawing } from '../parts/template-drawing';
import type { Page } from '../sheet/sheet-format';
import type { SheetContent, SheetOptions } from '../sheet/sheet-frame';
import { columnPages, fittedDrawing, pagesOf } from './fitted-drawing';

/** Every piece of every top, waterfall and splash by itself, true to scale, for who makes it: refused where there is none. */
export function templateSheets(design: Design, { page }: SheetOptions): Result<SheetContent[]> {
  const templates = slabPieces(design);
  if (templates.length === 0) return refuse('no-tops', {});
  const say = shopLength(styleOf(design));
  return ok([
    ...templates.flatMap((template) => {
      const title = templateWords.name(template);
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
  const templates = slabPieces(design);
  const { l, w } = of.stock[0]!;
  const { parts } = slabs[slab]!;
  const title = templateWords.slabOf(material, templateWords.slab(slab + 1, slabs.length));
  const drawn = fittedDrawing(design, page, (scale) => slabDrawing(layout, slab, templates, scale));
  const lines = [
    `${say(l)} × ${say(w)} × ${say(thickness)}`,
    templateWords.used(used[slab]!),
    templateWords.sawn(say(of.kerf)),
    along ? templateWords.veins : templateWords.turns,
  ];
  const table = {
    title: templateWords.pieces,
    columns: [
      ['', 10, 'start'],
      [templateWords.pieces, 40, 'start'],
      [templateWords.size, 34, 'end'],
      ['', 14, 'start'],
    ] as const,
    rows: parts.map((part) => {
      const template = templates[Number(part.id)]!;
      const size = `${say(template.length)} × ${say(template.width)}`;
      return {
        id: '',
        cells: [
          templateWords.mark(template),
          templateWords.name(template),
          size,
          part.turned ? templateWords.turned : '',
        ],
      };
    }),
  };
  return pagesOf(title, drawn, columnPages({ title, lines, table }, page));
}

function linesOf(design: Design, template: Template, say: (mm: number) => string): string[] {
  const { unit } = roomOf(design);
  const { material, thickness, length, width, area, netArea, fitsSlab, items, of } = template;
  const slab = slabOf(design);
  return [
    templateWords.along(of, items),
    [material, say(thickness)].filter(Boolean).join(', '),
    `${say(length)} × ${say(width)}`,
    templateWords.areas(formatArea(area, unit), formatArea(netArea, unit)),
    fitsSlab
      ? templateWords.fits(say(slab.length), say(slab.width))
      : templateWords.tooLarge(say(slab.length), say(slab.width)),
    ...pieceLines(template, say),
  ];
}

/** What there is to a piece beside its edges: how it is drawn, what is cut out of it and comes out through it, where the bolts of its joints are. */
export function pieceLines(
  { cutOuts, services = [], edges, bent, lying }: Template,
  say: (mm: number) => string,
): string[] {
  return [
    ...(bent ? [templateWords.bent] : []),
    ...(lying ? [templateWords.lying] : []),
    ...cutOuts.map((one) =>
      templateWords.cutOut(one.item, one.use, {
        size: `${say(one.size[0])} × ${say(one.size[1])}`,
        radius: say(one.radius),
        fromFront: say(one.fromFront),
        fromLeft: say(one.fromLeft),
        fromRight: say(one.fromRight),
      }),
    ),
    ...services.map(({ type, at: [x, y] }) => templateWords.service(serviceNames[type], say(x), say(y))),
    ...edges.flatMap(({ bolts }, index) =>
      bolts ? [templateWords.bolts(edgeLetter(index), bolts.map(say))] : [],
    ),
  ];
}

/** How an edge is worked, its mitre with it. */
export const edgeWork = ({ profile, mitre }: TemplateEdge): string =>
  [profile ? profileWords[profile] : templateWords.atWall, mitre !== undefined && templateWords.mitred(mitre)]
    .filter(Boolean)
    .join(', ');

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
    rows: edges.map((edge, index) => ({
      id: '',
      cells: [
        edgeLetter(index),
        edge.arc ? templateWords.radius(say(edge.arc.radius)) : templateWords.roles[edge.role],
        say(edge.length),
        `${Number(edge.angle.toFixed(2))}°`,
        edgeWork(edge),
      ],
    })),
  };
}
