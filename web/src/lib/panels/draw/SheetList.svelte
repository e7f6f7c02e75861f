<script lang="ts">
  import { sheetSvgFile } from 'goodreach';
  import { onDestroy } from 'svelte';
  import type { SheetChoice } from '$views/sheet/sheet-choice.svelte';
  import type { ShownSheet } from '$views/sheet/sheets.worker';

  /** The sheets as small pictures, in reading order: pressed, one is shown whole on the desk. */
  let { choice, sheets }: { choice: SheetChoice; sheets: readonly ShownSheet[] } = $props();

  /** The picture of each sheet, made anew only where it is drawn otherwise. */
  const made = new Map<string, string>();
  const pictures = $derived.by(() => {
    const urls = sheets.map(({ page, svg }) => {
      const key = `${page.id} ${svg}`;
      let url = made.get(key);
      if (!url) {
        const file = new Blob([sheetSvgFile(page, svg)], { type: 'image/svg+xml' });
        made.set(key, (url = URL.createObjectURL(file)));
      }
      return { key, url };
    });
    const kept = new Set(urls.map(({ key }) => key));
    for (const [key, url] of made) {
      if (kept.has(key)) continue;
      URL.revokeObjectURL(url);
      made.delete(key);
    }
    return urls.map(({ url }) => url);
  });
  onDestroy(() => {
    for (const url of made.values()) URL.revokeObjectURL(url);
  });
</script>

<ol aria-label="Sheets">
  {#each sheets as { title, page }, index (index)}
    <li>
      <button aria-current={choice.shown === index ? 'true' : undefined} onclick={() => choice.show(index)}>
        <img
          src={pictures[index]}
          alt=""
          loading="lazy"
          decoding="async"
          style:aspect-ratio="{page.width} / {page.height}"
        />
        <span>{index + 1}. {title}</span>
      </button>
    </li>
  {/each}
</ol>

<style>
  ol {
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 0.5rem;
    max-height: 21rem;
    margin: 0;
    padding: 2px;
    overflow-y: auto;
    list-style: none;
  }
  button {
    display: grid;
    gap: 0.2rem;
    width: 100%;
    padding: 0;
    border: 0;
    background: none;
    color: var(--soft);
    cursor: pointer;
    font-size: 12px;
    text-align: left;
  }
  img {
    width: 100%;
    border: 1px solid var(--rule);
    background: #fff;
  }
  button:hover img {
    border-color: var(--tide);
  }
  button[aria-current] {
    color: var(--text);
  }
  button[aria-current] img {
    border-color: var(--clay);
    outline: 1px solid var(--clay);
  }
  span {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
</style>
