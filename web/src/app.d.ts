import type { SignedIn } from '$server/sessions';

declare global {
  namespace App {
    interface Locals {
      /** The signed-in person; null on public pages. */
      person: SignedIn | null;
    }
    interface Error {
      message: string;
      id?: string;
    }
  }
}

export {};
