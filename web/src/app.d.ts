import type { SignedIn } from '$server/sessions';

declare global {
  namespace App {
    interface Locals {
      /** The id of this request, as the log has it. */
      id: string;
      /** The signed-in person; null on public pages. */
      person: SignedIn | null;
      /** Whether the database had no time for what was asked. */
      unavailable: boolean;
    }
    interface Error {
      message: string;
      id?: string;
    }
  }
}

export {};
