<script lang="ts">
  import { finishesFor, isSameWord, setFinish, type FinishPart, type FinishTarget } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import TextField from '$ui/TextField.svelte';

  /** What a part is finished with, typed; one of the studio's own comes into the room with it. An emptied field goes back to what is said elsewhere. */
  interface Props {
    label: string;
    part: FinishPart;
    to: FinishTarget;
    value: string | undefined;
    placeholder?: string;
  }
  let { label, part, to, value, placeholder = '' }: Props = $props();
  const { session, studioFinishes } = useWorkspace();
  const known = $derived(studioFinishes.known(session.document));

  function set(finish: string) {
    const own = known.find(({ name }) => isSameWord(name, finish))?.own;
    // Its record goes by the name it has.
    session.run(setFinish, { part, finish: own?.name ?? finish, to, ...(own && { own }) });
  }
</script>

<TextField
  {label}
  value={value ?? ''}
  {placeholder}
  most={40}
  offers={finishesFor(part, known).map(({ name }) => name)}
  onset={set}
/>
