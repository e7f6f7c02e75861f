<script lang="ts">
  import {
    boxOf,
    direction,
    facePath,
    fixedThings,
    dot,
    inward,
    place,
    placedDividers,
    findOpening,
    placedSections,
    placedServices,
    roomShape,
    subtract,
    type PlacedFace,
    type Point,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';

  let { scale }: { scale: number } = $props();
  const { session, screen, live } = useWorkspace();

  const selected = $derived(
    [screen.selected, ...screen.also].flatMap((id) => {
      const outline = outlineOf(id);
      return outline ? [outline] : [];
    }),
  );
  const hovered = $derived(
    screen.hovered && screen.hovered !== screen.selected ? outlineOf(screen.hovered) : null,
  );

  /** What colleagues have chosen, each with whose it is. */
  const theirs = $derived(
    live.colleagues.flatMap(({ tab, person, chosen }) =>
      chosen.flatMap((id) => {
        const outline = outlineOf(id);
        return outline ? [{ key: tab + id, name: person.name, outline }] : [];
      }),
    ),
  );

  function outlineOf(id: string | null): Point[] | null {
    const design = session.document;
    const record = id ? design.records[id] : undefined;
    if (!record) return null;
    if (record.kind === 'item') return boxOf(record, roomShape(design)).footprint;
    const band = (face: PlacedFace, from: number, to: number) => [
      ...facePath(face, from, to),
      ...facePath(face, from, to, -face.thickness).reverse(),
    ];
    if (record.kind === 'underlay') {
      const [wide, high] = [record.pixelsWide * record.mmPerPixel, record.pixelsHigh * record.mmPerPixel];
      const u = direction(record.turn);
      return [
        [0, 0],
        [wide, 0],
        [wide, high],
        [0, high],
      ].map(([along, down]) => place(record, u, along!, inward(u), down!));
    }
    if (record.kind === 'divider') {
      const { from, to } = placedDividers(design).find((one) => one.record.id === id)!;
      return [from, to];
    }
    if (record.kind === 'section') {
      const section = placedSections(design).find((one) => one.id === id);
      return section ? [section.left, section.right] : null;
    }
    if (record.kind === 'fixed') {
      const { record: thing, ...at } = fixedThings(design).find((one) => one.id === id)!;
      return thing.type === 'round-column' ? square(at.circle!.centre, at.circle!.radius) : at.footprint;
    }
    if (record.kind === 'service') {
      const { at } = placedServices(design).find((one) => one.id === id)!;
      return square(at, 4 * scale);
    }
    if (record.kind === 'face') {
      const face = roomShape(design).byId.get(record.id);
      return face ? band(face, 0, face.length) : null;
    }
    const opening = findOpening(design, record.id);
    return opening ? band(opening.face, opening.left, opening.right) : null;
  }

  function square({ x, y }: Point, half: number): Point[] {
    return [
      { x: x - half, y: y + half },
      { x: x + half, y: y + half },
      { x: x + half, y: y - half },
      { x: x - half, y: y - half },
    ];
  }

  function points(outline: Point[]): string {
    return outline.map(({ x, y }) => `${x},${-y}`).join(' ');
  }

  /** Whether a line hardly turns at a place: the joints of a bent face are no corners. */
  function isSmooth(before: Point, at: Point, after: Point): boolean {
    const [into, out] = [subtract(at, before), subtract(after, at)];
    return dot(into, out) > 0.95 * Math.hypot(into.x, into.y) * Math.hypot(out.x, out.y);
  }

  /** Short ticks at each corner, standing off it along both sides. */
  function ticks(outline: Point[]): string {
    const reach = 2.4 * scale;
    const gap = 0.9 * scale;
    return outline
      .map((corner, index) => {
        const sides = [outline.at(index - 1)!, outline[(index + 1) % outline.length]!];
        if (isSmooth(sides[0]!, corner, sides[1]!)) return '';
        return sides
          .map((side) => {
            const size = Math.hypot(side.x - corner.x, side.y - corner.y);
            const out = { x: (corner.x - side.x) / size, y: (corner.y - side.y) / size };
            return `M${corner.x + out.x * gap} ${-(corner.y + out.y * gap)}L${corner.x + out.x * reach} ${-(corner.y + out.y * reach)}`;
          })
          .join('');
      })
      .join('');
  }
</script>

{#each theirs as { key, name, outline } (key)}
  <polygon
    class="theirs"
    points={points(outline)}
    stroke-width={0.45 * scale}
    stroke-dasharray="{1.2 * scale} {0.7 * scale}"
  />
  <text
    x={Math.min(...outline.map(({ x }) => x))}
    y={-Math.max(...outline.map(({ y }) => y)) - 0.8 * scale}
    stroke-width={0.9 * scale}
    font-size={2.6 * scale}>{name}</text
  >
{/each}
{#if hovered}<polygon
    class="hover"
    points={points(hovered)}
    stroke-width={0.3 * scale}
    stroke-dasharray="{0.4 * scale} {0.8 * scale}"
  />{/if}
{#each selected as outline, index (index)}
  <polygon class="selected" points={points(outline)} stroke-width={0.45 * scale} />
  <path class="ticks" d={ticks(outline)} stroke-width={0.45 * scale} />
{/each}

<style>
  polygon,
  path {
    fill: none;
    stroke: var(--clay);
    pointer-events: none;
  }
  .theirs {
    stroke: var(--tide);
  }
  text {
    fill: var(--tide);
    stroke: var(--paper);
    paint-order: stroke;
    stroke-linejoin: round;
    pointer-events: none;
  }
  .selected {
    fill: color-mix(in srgb, var(--clay) 8%, transparent);
  }
</style>
