import { lineTargets, pictureLines, recordsOf, underlaySegments, type Segment } from 'goodreach';
import type { DesignSession } from '../session/design-session.svelte';

/** The lines of the underlays that were drawings, where they lie in the room: what is pointed and dragged can be drawn to them. */
export class UnderlayLines {
  /** Of each stored file, in its picture's pixels; empty until it is read, and for a picture that is no drawing. */
  #pixels: Readonly<Record<string, readonly Segment[]>> = $state.raw({});
  readonly #underlays = $derived.by(() => recordsOf(this.session.document, 'underlay'));
  readonly segments: readonly Segment[] = $derived(
    this.#underlays.flatMap((record) => underlaySegments(record, this.#pixels[record.file] ?? [])),
  );
  readonly targets = $derived(lineTargets(this.segments));

  constructor(
    private readonly session: Pick<DesignSession, 'document'>,
    private readonly roomId: string,
  ) {}

  /** Reads the underlays that are not known yet; one that can't be read is laid under the plan without being drawn to. */
  async load(): Promise<void> {
    for (const { file } of this.#underlays) {
      if (file in this.#pixels) continue;
      this.#pixels = { ...this.#pixels, [file]: [] };
      const answer = await fetch(`/api/rooms/${this.roomId}/files/${file}`).catch(() => null);
      if (!answer?.ok || !answer.headers.get('content-type')?.startsWith('image/svg')) continue;
      this.#pixels = { ...this.#pixels, [file]: pictureLines(await answer.text()) };
    }
  }
}
