/** A job or room of a list. */
export interface ListedThing {
  id: string;
  name: string;
}

/** What the studio's page does with its jobs and rooms. */
export interface StudioActs {
  /** Asks for the list anew. */
  renew(): Promise<void>;
  copy(of: 'job' | 'room', thing: ListedThing): Promise<void>;
  remove(of: 'job' | 'room', thing: ListedThing): Promise<void>;
}
