<script lang="ts">
  import { useWorkspace } from '$lib/tools/context';

  /** Who else is in the room. */
  const { live } = useWorkspace();

  const initials = (name: string) =>
    name
      .split(/\s+/)
      .slice(0, 2)
      .map((word) => word.charAt(0).toUpperCase())
      .join('');
</script>

<ul aria-label="Also here">
  {#each live.colleagues as { tab, person } (tab)}
    <li title="{person.name} is here too">
      <span aria-hidden="true">{initials(person.name)}</span><span class="visually-hidden">{person.name}</span
      >
    </li>
  {/each}
</ul>

<style>
  ul {
    display: flex;
    margin: 0 0.4rem 0 0;
    padding: 0;
    list-style: none;
  }
  li {
    display: grid;
    place-items: center;
    width: 28px;
    height: 28px;
    border: 1.5px solid var(--tide);
    border-radius: 50%;
    background: var(--sheet);
    color: var(--tide);
    font-size: 12px;
    font-weight: 500;
  }
  li + li {
    margin-left: -6px;
  }
  @media (max-width: 600px) {
    li + li {
      display: none;
    }
  }
</style>
