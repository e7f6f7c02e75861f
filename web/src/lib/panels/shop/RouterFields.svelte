<script lang="ts">
  import {
    canonical,
    MOST_TOOLS,
    newTool,
    toolLimits,
    usualMachine,
    type Machine,
    type MachineTool,
    type ToolKind,
  } from 'goodreach';
  import { sayDate } from '$ui/say-date';
  import type { BuildChoice } from '$views/shop/build-choice.svelte';
  import Button from '$ui/Button.svelte';
  import More from '$ui/More.svelte';
  import NumberField from '$ui/NumberField.svelte';

  /** The router that files are written for: its bed and its tools; and what of it the studio keeps. */
  let { choice }: { choice: BuildChoice } = $props();
  const books = $derived(choice.books);
  const router = $derived(choice.router);
  const isKept = $derived(canonical(router) === canonical(books.machine?.book ?? usualMachine));
  /** Machines are told in millimetres, whatever the room is drawn in. */
  const MM = { decimals: 2, unit: 'mm' };
  const kinds: Readonly<Record<ToolKind, string>> = { cutter: 'Cutter', drill: 'Drill' };

  function set(by: Partial<Machine>): string {
    choice.takeRouter({ ...router, ...by });
    return '';
  }
  const change = (index: number, by: Partial<MachineTool>): string =>
    set({ tools: router.tools.map((one, at) => (at === index ? { ...one, ...by } : one)) });
  /** A number that no other tool has. */
  function number(index: number, value: number): string {
    const other = router.tools.some((one, at) => at !== index && one.number === value);
    return other
      ? `Tool ${value} is another one. Give this one a number of its own.`
      : change(index, { number: value });
  }
  const add = (kind: ToolKind) => set({ tools: [...router.tools, newTool(router, kind)] });
  const remove = (index: number) => set({ tools: router.tools.filter((_, at) => at !== index) });
  const bed = $derived([
    {
      ...{ label: 'Bed, long', value: router.bed[0], field: 'bed' as const },
      onset: (long: number) => set({ bed: [long, router.bed[1]] }),
    },
    {
      ...{ label: 'Bed, wide', value: router.bed[1], field: 'bed' as const },
      onset: (wide: number) => set({ bed: [router.bed[0], wide] }),
    },
    {
      ...{ label: 'Goes over the sheet', value: router.clear, field: 'clear' as const },
      onset: (clear: number) => set({ clear }),
    },
    {
      ...{ label: 'Cuts into the bed', value: router.through, field: 'through' as const },
      onset: (through: number) => set({ through }),
    },
    {
      ...{ label: 'Holds small parts by a skin of', value: router.skin ?? 0, field: 'skin' as const },
      onset: (skin: number) => set({ skin }),
    },
    {
      ...{ label: 'Small: narrower than', value: router.narrow ?? 0, field: 'narrow' as const },
      onset: (narrow: number) => set({ narrow }),
    },
  ]);
  const speeds = [
    ['spin', 'Turns a minute'],
    ['feed', 'Along, mm a minute'],
    ['plunge', 'Down, mm a minute'],
  ] as const;
  const sizes = [
    ['size', 'Across'],
    ['reach', 'Reaches'],
    ['bite', 'Takes at once'],
  ] as const;
</script>

<More title="Router and its tools">
  {#each bed as { label, value, field, onset } (label)}
    <NumberField {label} {value} {...MM} least={toolLimits[field][0]} most={toolLimits[field][1]} {onset} />
  {/each}
  {#each router.tools as tool, index (index)}
    <div role="group" aria-label="Tool {tool.number}">
      <More title="{tool.number} {kinds[tool.kind]} {tool.size}">
        <NumberField
          label="Number"
          value={tool.number}
          least={toolLimits.number[0]}
          most={toolLimits.number[1]}
          onset={(value) => number(index, value)}
        />
        {#each sizes as [field, label] (field)}
          <NumberField
            {label}
            value={tool[field]}
            {...MM}
            least={toolLimits[field][0]}
            most={toolLimits[field][1]}
            onset={(value) => change(index, { [field]: value })}
          />
        {/each}
        {#each speeds as [field, label] (field)}
          <NumberField
            {label}
            value={tool[field]}
            least={toolLimits[field][0]}
            most={toolLimits[field][1]}
            onset={(value) => change(index, { [field]: value })}
          />
        {/each}
        {#if router.tools.length > 1}
          <Button look="quiet" onclick={() => remove(index)}>Remove tool {tool.number}</Button>
        {/if}
      </More>
    </div>
  {/each}
  {#if router.tools.length < MOST_TOOLS}
    <div class="exports">
      <Button onclick={() => add('cutter')}>Add a cutter</Button>
      <Button onclick={() => add('drill')}>Add a drill</Button>
    </div>
  {/if}
  <p class="help">
    {#if books.machine}Kept by {books.machine.keptBy} on {sayDate(books.machine.keptAt)}.{:else}As most shops
      have one: the studio keeps no router of its own yet.{/if}
  </p>
  {#if !isKept}
    <Button disabled={books.busy} onclick={() => books.keepMachine(router)}
      >Keep the router for the studio</Button
    >
  {/if}
</More>
{#if books.problem && choice.leaf === 'parts'}<p class="problem" role="alert">{books.problem}</p>{/if}

<style>
  .help {
    color: var(--soft);
    font-size: 12.5px;
  }
</style>
