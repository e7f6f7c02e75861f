<script lang="ts">
  import { boundsOf, decidingCheck, ruleName, sayFinding, shortCheck, type Finding } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import Length from '$ui/Length.svelte';
  import VerdictMark from '$ui/VerdictMark.svelte';
  import { toScreen, type Camera } from '../camera';
  import { about, chipSpot, firstFree, meet, onScreen, spread, type Spot } from '../spread';

  /** What was measured against what is asked, at the place of each finding that is shown; where there is no room for all, the gravest stand. */
  interface Props {
    camera: Camera;
    width: number;
    height: number;
    taken: readonly Spot[];
    /** What is written in the plan, mm. */
    written: readonly Spot[];
  }
  let { camera, width, height, taken, written }: Props = $props();
  const { findings, screen, session } = useWorkspace();

  interface Chip {
    finding: Finding;
    measured: string | null;
    required: string | null;
    spot: Spot;
    isShown: boolean;
  }

  const NOTHING = { measured: null, required: null };

  const wanted = $derived(
    findings.shown.toReversed().flatMap((finding): Chip[] => {
      if (finding.place.length === 0) return [];
      const { left, right, bottom, top } = boundsOf(finding.place);
      const middle = toScreen(camera, { x: (left + right) / 2, y: (bottom + top) / 2 });
      if (middle.x < 0 || middle.y < 0 || middle.x > width || middle.y > height) return [];
      const check = decidingCheck(finding);
      const isShown = finding.key === screen.finding;
      const said = check && shortCheck(session.document, check);
      // A number of things says little beside its mark.
      const { measured, required } = said && (isShown || said.isLength) ? said : NOTHING;
      const text = !measured ? '' : isShown ? `${measured} of ${required ?? ''}  ` : `${measured}  `;
      return [{ finding, measured, required, isShown, spot: chipSpot(middle, text) }];
    }),
  );
  /** One mark for findings at very nearly one place: the gravest, or the one that is shown; its number only where no other chip is near. */
  const chips = $derived.by(() => {
    const marks = wanted.filter(
      ({ spot: { x, y } }, index) =>
        !wanted.slice(0, index).some(({ spot }) => Math.hypot(spot.x - x, spot.y - y) < 14),
    );
    return marks.map((chip, index) => {
      const isFree = marks.every(
        ({ spot }, other) => other === index || !meet(chip.spot, other < index ? spot : chipSpot(spot, '')),
      );
      return chip.isShown || isFree ? chip : { ...chip, measured: null, spot: chipSpot(chip.spot, '') };
    });
  });
  const there = $derived(onScreen(camera, written));
  /** At its place, or a little aside of what is written there. */
  const places = $derived(
    spread(
      chips.map(({ spot }) => firstFree(about(spot), there)),
      taken,
    ),
  );
</script>

{#each chips as { finding, measured, required, isShown }, index (finding.key)}
  <button
    class="chip {finding.verdict}"
    class:shown={isShown}
    style="left: {places[index]!.x}px; top: {places[index]!.y}px"
    title={sayFinding(session.document, finding)}
    aria-label="{ruleName(finding.rule)}: {sayFinding(session.document, finding)}"
    onclick={() => screen.showFinding(finding.key, finding.ids[0])}
  >
    <VerdictMark verdict={finding.verdict} />
    {#if measured}
      <span
        ><Length text={measured} />{#if isShown && required}<i>of <Length text={required} /></i>{/if}</span
      >
    {/if}
  </button>
{/each}

<style>
  .chip {
    position: absolute;
    display: flex;
    align-items: center;
    gap: 0.35rem;
    min-width: 24px;
    min-height: 24px;
    padding: 0 4px;
    transform: translate(-50%, -50%);
    border: 1px solid transparent;
    border-radius: 12px;
    background: var(--paper);
    color: var(--text);
    cursor: pointer;
    font-size: 12.5px;
    font-variant-numeric: tabular-nums;
    white-space: nowrap;
  }
  .chip:hover,
  .shown {
    border-color: currentcolor;
  }
  .chip:has(span) {
    padding-right: 0.5rem;
  }
  .shown {
    z-index: 2;
    font-weight: 500;
  }
  i {
    margin-left: 0.3rem;
    color: var(--soft);
    font-style: normal;
    font-weight: 400;
  }
  .tight.shown {
    border-color: var(--tight-mark);
  }
  .blocked.shown {
    border-color: var(--blocked);
  }
</style>
