<script lang="ts">
  import type { Clamp } from 'goodreach/machines';
  import { useWorkspace } from '$lib/tools/context';
  import { clampKey, type BuildChoice } from '$views/shop/build-choice.svelte';
  import Button from '$ui/Button.svelte';
  import LengthField from '$ui/LengthField.svelte';
  import More from '$ui/More.svelte';

  /** What holds the sheet that is shown down on the router’s bed. */
  let { choice, material }: { choice: BuildChoice; material: string } = $props();
  const { session } = useWorkspace();
  const key = $derived(clampKey(material, choice.sheet));
  const clamps = $derived(choice.clamps[key] ?? []);

  const set = (next: readonly Clamp[]) => (choice.clamps = { ...choice.clamps, [key]: next });
  function change(index: number, by: Partial<Clamp>): string {
    set(clamps.map((clamp, at) => (at === index ? { ...clamp, ...by } : clamp)));
    return '';
  }
  const add = () => set([...clamps, { at: { x: 0, y: 0 }, size: [60, 40], high: 25 }]);
</script>

<More title={clamps.length === 0 ? 'Clamps on this sheet' : `Clamps on this sheet: ${clamps.length}`}>
  {#each clamps as clamp, index (index)}
    <div class="clamp" role="group" aria-label="Clamp {index + 1}">
      <LengthField
        label="From the left"
        value={clamp.at.x}
        style={session.style}
        least={0}
        most={10_000}
        onset={(x) => change(index, { at: { ...clamp.at, x } })}
      />
      <LengthField
        label="From the foot"
        value={clamp.at.y}
        style={session.style}
        least={0}
        most={10_000}
        onset={(y) => change(index, { at: { ...clamp.at, y } })}
      />
      <LengthField
        label="Over the sheet"
        value={clamp.high}
        style={session.style}
        least={1}
        most={300}
        onset={(high) => change(index, { high })}
      />
      <Button look="quiet" onclick={() => set(clamps.filter((_, at) => at !== index))}>Remove</Button>
    </div>
  {/each}
  <Button onclick={add}>Add a clamp</Button>
</More>

<style>
  .clamp {
    display: grid;
    gap: 0.3rem;
    justify-items: start;
    padding: 0.4rem 0;
    border-top: 1px solid var(--rule);
  }
</style>
