import { untrack } from 'svelte';
import type { Attachment } from 'svelte/attachments';

/** What an input of files does with the one that is chosen. One chosen before the page had its scripts is taken then. */
export function takeFile(onfile: (file: File) => void): Attachment<HTMLInputElement> {
  return (input) => {
    const take = () => {
      const file = input.files?.[0];
      // The same file can be taken again.
      input.value = '';
      if (file) untrack(() => onfile(file));
    };
    if (input.files?.length) take();
    input.addEventListener('change', take);
    return () => input.removeEventListener('change', take);
  };
}
