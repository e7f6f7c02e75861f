<script lang="ts">
  import {
    cornerShape,
    cornersOf,
    cutOutRing,
    distance,
    formatLength,
    inward,
    isThin,
    middle,
    overhangOf,
    place,
    splashes,
    splashPlaces,
    subtract,
    topCutOuts,
    tops,
    unit,
    waterfalls,
    type Point,
    type Splash,
    type TopCornerPlace,
    type TopEdge,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import { edgeName, sidesName } from '$lib/tools/top-words';
  import { ringPath, toScreen, type Camera } from '../camera';
  import { chipSpot, spread } from '../spread';
  import { toldApart } from '../told-apart';
  import CornerCard from './CornerCard.svelte';
  import EdgeCard from './EdgeCard.svelte';
  import EdgeChip from './EdgeChip.svelte';
  import SplashCard from './SplashCard.svelte';
  import TopHandle from './TopHandle.svelte';
  import TopJoints from './TopJoints.svelte';

  /** A strip standing on a line. */
  const UPSTAND = 'M1 11H11M3 11V3H6V11';

  /** The tops brought forward: every edge that stands out carries by how much, every free corner opens its ways. */
  let { camera }: { camera: Camera } = $props();
  const { session } = useWorkspace();

  const shown = $derived(tops(session.document));
  const rings = $derived(shown.flatMap((top) => top.rings));
  const path = (ring: readonly Point[]) => ringPath(camera, ring);

  const cutOuts = $derived(
    [...topCutOuts(session.document).values()]
      .flat()
      .map((one) => ({ thin: isThin(one), ring: cutOutRing(one.cut) })),
  );

  const standing = $derived(
    splashes(session.document).flatMap(({ pieces }) => pieces.map(({ footprint }) => footprint)),
  );
  const falling = $derived(
    [...waterfalls(session.document).values()].flat().map(({ footprint }) => footprint),
  );

  interface Told {
    id: string;
    edge: TopEdge;
    overhang: number;
    own: boolean;
  }
  /** The edges that an overhang moves. */
  const edges = $derived(
    toldApart(
      rings.flatMap((ring) =>
        ring.edges.flatMap((edge): Told[] => {
          const told = overhangOf(session.document, edge);
          return told ? [{ id: edge.key, edge, ...told }] : [];
        }),
      ),
    ),
  );
  const corners = $derived(
    toldApart(
      rings.flatMap((ring) =>
        cornersOf(ring).map((corner) => ({
          id: corner.at.map(({ item, corner: key }) => `${item} ${key}`).join(' '),
          corner,
          shape: cornerShape(session.document, corner),
        })),
      ),
    ),
  );

  /** Along what is shorter there is no room for a number, pixels: nearer by it has one. */
  const LEAST_TOLD = 40;
  const isTold = ({ a, b, own }: Splash) => own || distance(a, b) * camera.k >= LEAST_TOLD;

  /** What stands at walls, where there is none as well: that is where it is set. */
  const walls = $derived(
    toldApart(
      splashPlaces(session.document)
        .filter(isTold)
        .map((splash) => ({
          id: `splash ${splash.at.map(({ item, side }) => `${item} ${side}`).join(' ')}`,
          splash,
        })),
    ),
  );

  /** Chips stand off their edge to the outside, at walls to the inside. */
  const OUT = 17;
  const beside = ({ a, b }: Pick<TopEdge, 'a' | 'b'>, by: number): Point => {
    const out = inward(unit(subtract(b, a)));
    return toScreen(camera, place(middle(a, b), out, by / camera.k, out, 0));
  };
  /** Corner handles stand a little within, off the number of a short edge. */
  const cornerSpot = ({ after }: TopCornerPlace) => {
    const { x, y } = toScreen(camera, after.a);
    return { x, y, wide: 18, high: 18 };
  };
  const spots = $derived(corners.map(({ corner }) => cornerSpot(corner)));
  const places = $derived(
    spread(
      [
        ...edges.map(({ edge, overhang }) => chipSpot(beside(edge, OUT), said(overhang))),
        ...walls.map(({ splash }) => chipSpot(beside(splash, -OUT), `  ${splashText(splash)}`)),
      ],
      spots,
    ),
  );

  let opened: string | null = $state(null);
  let over: string | null = $state(null);
  const lit = $derived.by(() => {
    const id = opened ?? over;
    return edges.find((one) => one.id === id)?.edge ?? walls.find((one) => one.id === id)?.splash;
  });
  const close = (id: string) => {
    if (opened === id) opened = null;
  };

  const said = (mm: number) => formatLength(mm, session.style);
  /** How high a splash is over the top it stands on; up to what hangs there with the height of that. */
  const splashText = ({ pieces, low, high }: Splash) => said(pieces.length === 0 ? 0 : high - low);
  const splashSaid = (splash: Splash) =>
    splash.pieces.length === 0
      ? 'none'
      : `${splashText(splash)} high${splash.full ? ', up to what hangs there' : ''}${splash.own ? ', set by hand' : ''}`;
</script>

<svg aria-hidden="true">
  {#each shown as top, index (index)}
    <path class="top" d={top.outline.map(path).join('')} fill-rule="evenodd" />
  {/each}
  {#each cutOuts as cut, index (index)}
    <path class="cut" class:thin={cut.thin} d={path(cut.ring)} />
  {/each}
  {#each standing as ring, index (index)}
    <path class="standing" d={path(ring)} />
  {/each}
  {#each falling as ring, index (index)}
    <path class="cut" d={path(ring)} />
  {/each}
  {#if lit}
    {@const [a, b] = [toScreen(camera, lit.a), toScreen(camera, lit.b)]}
    <line class="lit" x1={a.x} y1={a.y} x2={b.x} y2={b.y} />
  {/if}
</svg>
<TopJoints {camera} />
{#each corners as { id, corner, shape }, index (id)}
  <TopHandle
    at={spots[index]!}
    shape="round"
    own={shape !== null}
    opened={opened === id}
    label="Corner of {edgeName(session.document, corner.before)} and {edgeName(
      session.document,
      corner.after,
    )}{shape ? (shape.radius === undefined ? ', cut' : ', round') : ', square'}"
    ontoggle={() => {
      opened = opened === id ? null : id;
    }}
  >
    <CornerCard {corner} {shape} onclose={() => (opened = null)} />
  </TopHandle>
{/each}
{#each edges as { id, edge, overhang, own }, index (id)}
  <EdgeChip
    at={places[index]!}
    text={formatLength(overhang, session.style)}
    label="{edgeName(session.document, edge)} stands out {formatLength(overhang, session.style)}{own
      ? ', set by hand'
      : ''}, type to change"
    {own}
    opened={opened === id}
    onopen={() => (opened = id)}
    onover={(is) => (over = is ? id : null)}
  >
    <EdgeCard {edge} {overhang} {own} onclose={() => close(id)} />
  </EdgeChip>
{/each}
{#each walls as { id, splash }, index (id)}
  <EdgeChip
    at={places[edges.length + index]!}
    text={splashText(splash)}
    label="Splash behind {sidesName(session.document, splash.at)}: {splashSaid(splash)}"
    icon={UPSTAND}
    own={splash.own}
    faint={splash.pieces.length === 0}
    opened={opened === id}
    onopen={() => (opened = id)}
    onover={(is) => (over = is ? id : null)}
  >
    <SplashCard {splash} onclose={() => close(id)} />
  </EdgeChip>
{/each}

<style>
  svg {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    pointer-events: none;
  }
  .top {
    fill: color-mix(in srgb, var(--sheet) 55%, transparent);
    stroke: var(--ink);
    stroke-width: 1.6;
  }
  .cut {
    fill: none;
    stroke: var(--ink);
    stroke-dasharray: 5 3;
  }
  .cut.thin {
    stroke: var(--tight);
    stroke-width: 2;
  }
  .standing {
    fill: color-mix(in srgb, var(--ink) 22%, transparent);
    stroke: var(--ink);
    stroke-width: 1;
  }
  .lit {
    stroke: var(--tide);
    stroke-width: 4;
    stroke-linecap: round;
  }
</style>
