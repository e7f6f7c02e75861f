<script lang="ts">
  import {
    checkReach,
    edgeLengths,
    edgeProfiles,
    formatArea,
    formatLength,
    isTopRule,
    jointedTops,
    LEAST_SLAB,
    LEAST_SPLASH_THICKNESS,
    MOST_OVERHANG,
    MOST_SLAB,
    MOST_SPLASH,
    MOST_SPLASH_THICKNESS,
    netArea,
    profileLengths,
    recordOf,
    roomOf,
    sayFinding,
    servicesThrough,
    setRoom,
    setTopJoints,
    slabOf,
    splashes,
    splashSize,
    splashThickness,
    topCutOuts,
    tops,
    usualProfile,
    waterfalls,
    waterfallSize,
    type EdgeProfile,
    type RoomChange,
    type Top,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import { carrierName, profileNames } from '$lib/tools/top-words';
  import Button from '$ui/Button.svelte';
  import LengthField from '$ui/LengthField.svelte';
  import More from '$ui/More.svelte';
  import DrawTop from './DrawTop.svelte';
  import SurfaceSection from './SurfaceSection.svelte';
  import Tight from './Tight.svelte';

  /** The tops of the room: how they are made all over, and what each measures. */
  const { session, screen } = useWorkspace();
  const design = $derived(session.settled);
  const room = $derived(roomOf(session.document));
  const all = $derived(tops(design));
  const length = (mm: number) => formatLength(mm, session.style);
  const slab = $derived(slabOf(design));

  interface Size {
    key: keyof RoomChange;
    label: string;
    value: number;
    least: number;
    most: number;
  }
  const sizes = $derived<Size[]>([
    { key: 'topThickness', label: 'Thickness', value: room.topThickness, least: 3, most: 150 },
    { key: 'frontOverhang', label: 'Past fronts', value: room.frontOverhang, least: 0, most: MOST_OVERHANG },
    { key: 'endOverhang', label: 'Past free ends', value: room.endOverhang, least: 0, most: MOST_OVERHANG },
    { key: 'splashHeight', label: 'Splash', value: room.splashHeight ?? 0, least: 0, most: MOST_SPLASH },
  ]);
  const more = $derived<Size[]>([
    {
      ...{ key: 'splashThickness', label: 'Splash thickness', value: splashThickness(room) },
      ...{ least: LEAST_SPLASH_THICKNESS, most: MOST_SPLASH_THICKNESS },
    },
    { key: 'slabLength', label: 'Slab length', value: slab.length, least: LEAST_SLAB, most: MOST_SLAB },
    { key: 'slabWidth', label: 'Slab width', value: slab.width, least: LEAST_SLAB, most: MOST_SLAB },
  ]);
  const change = (part: RoomChange) => (session.run(setRoom, part) ? '' : session.message);

  const jointsOf = (top: Top) => jointedTops(design).get(top)!;
  /** What is tight about the tops, or in their way. */
  const tight = $derived(
    session.judge
      ? checkReach(design).findings.filter(({ rule, verdict }) => isTopRule(rule) && verdict !== 'clear')
      : [],
  );
  /** Of one of them, and of what is let into it. */
  const findingsAt = (top: Top) => {
    const within = (topCutOuts(design).get(top) ?? []).map(({ item }) => item);
    const own = new Set([...top.items, ...within]);
    return tight.filter(({ ids }) => ids.some((id) => own.has(id)));
  };
  const tooLarge = ({ rings }: Top) => rings.some((ring) => ring.tooLarge !== null);
  /** The chosen item that carries a top, for a joint over its middle. */
  const over = $derived(
    all.some(({ items }) => items.includes(screen.selected ?? '')) ? screen.selected : null,
  );

  function join(id: string) {
    const record = recordOf(session.committed, 'item', id);
    if (!record) return;
    const told = record.topJoints?.across?.map(({ at }) => at) ?? [];
    session.run(setTopJoints, { id, across: [...told, record.width / 2] });
  }

  function rowsOf(top: Top): (readonly [string, string])[] {
    const net = netArea(design, top);
    const { back } = edgeLengths(top);
    const falls = waterfalls(design).get(top) ?? [];
    return [
      ['Surface at', length(top.surface)],
      ...(net < top.area ? [['Less its cut-outs', formatArea(net, room.unit)] as const] : []),
      ...edgeProfiles.flatMap((profile) => {
        const long = profileLengths(design, top)[profile] ?? 0;
        return long > 0.5 ? [[`${profileNames[profile]} edge`, length(long)] as const] : [];
      }),
      ...(back > 0.5 ? [['At walls and behind', length(back)] as const] : []),
      ...(falls.length > 0
        ? [
            [
              'Down to the floor',
              falls.map((fall) => length(waterfallSize(fall, room.topThickness).length)).join(', '),
            ] as const,
          ]
        : []),
    ];
  }

  /** All splashes there are, as one thing to be made. */
  const standing = $derived(splashes(design).filter(({ pieces }) => pieces.length > 0));
  const splashRows = $derived.by((): (readonly [string, string])[] => {
    const lengths = new Map<string, number>();
    for (const splash of standing) {
      const name = splash.full ? 'Up to what hangs there' : `${length(splash.high - splash.low)} high`;
      lengths.set(name, (lengths.get(name) ?? 0) + splashSize(splash).length);
    }
    const through = standing.reduce((sum, splash) => sum + servicesThrough(design, splash).length, 0);
    return [
      ...[...lengths].map(([name, long]) => [name, length(long)] as const),
      ...(through > 0 ? [['Cut-outs for sockets and pipes', String(through)] as const] : []),
    ];
  });
</script>

{#snippet sizeField({ key, label, value, least, most }: Size)}
  <LengthField {label} {value} style={session.style} {least} {most} onset={(mm) => change({ [key]: mm })} />
{/snippet}

<div class="all">
  {#each sizes as size (size.key)}{@render sizeField(size)}{/each}
  <label class="choice">
    <span>Free edges</span>
    <select
      value={usualProfile(design)}
      onchange={(event) => change({ edgeProfile: event.currentTarget.value as EdgeProfile })}
    >
      {#each edgeProfiles as profile (profile)}<option value={profile}>{profileNames[profile]}</option>{/each}
    </select>
  </label>
  <label class="check">
    <input
      type="checkbox"
      checked={room.splashAtCooking ?? false}
      onchange={(event) => change({ splashAtCooking: event.currentTarget.checked })}
    /> Splash up to what hangs there behind cooking
  </label>
  <More title="Splash thickness, slab">
    {#each more as size (size.key)}{@render sizeField(size)}{/each}
  </More>
</div>
{#each all as top, index (index)}
  <SurfaceSection
    name="Top {index + 1}"
    figure={formatArea(top.area, room.unit)}
    rows={rowsOf(top)}
    onchoose={() => screen.choose(top.items)}
  >
    {#each findingsAt(top) as finding, at (at)}
      <Tight verdict={finding.verdict}>{sayFinding(design, finding)}</Tight>
    {/each}
    {#if jointsOf(top).pieces.length > 1}
      <p class="help">
        Made in {jointsOf(top).pieces.length}: {jointsOf(top)
          .pieces.map((piece) => `${length(piece.length)} × ${length(piece.width)}`)
          .join(', ')}
      </p>
    {/if}
    {#if tooLarge(top)}<p class="problem" role="alert">
        Its corners take more of an edge than there is, so all of them are square. Make them smaller.
      </p>{/if}
  </SurfaceSection>
{:else}
  <p class="help">No tops yet. Set base cabinets: a top runs over them by itself.</p>
{/each}
{#if standing.length > 0}
  <SurfaceSection
    name="Splashes"
    figure={formatArea(
      standing.reduce((sum, splash) => sum + splashSize(splash).area, 0),
      room.unit,
    )}
    rows={splashRows}
    onchoose={() => screen.choose([...new Set(standing.flatMap(({ at }) => at.map(({ item }) => item)))])}
  />
{/if}
<DrawTop />
{#if over}<div>
    <Button onclick={() => join(over)}>Join the top over {carrierName(design, over)}</Button>
  </div>{/if}

<style>
  .all {
    display: grid;
    gap: 0.3rem;
  }
  .choice {
    display: grid;
    grid-template-columns: 7.2rem minmax(0, 1fr);
    align-items: center;
    gap: 0.5rem;
    color: var(--soft);
  }
  select {
    min-height: max(30px, var(--touch));
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
    color: var(--text);
  }
  .check {
    display: flex;
    align-items: center;
    gap: 0.4rem;
    min-height: max(28px, var(--touch));
    font-size: 13px;
  }
  .help {
    color: var(--soft);
    font-size: 12.5px;
  }
  .problem {
    color: var(--blocked);
    font-size: 12.5px;
  }
</style>
