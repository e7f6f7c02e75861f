import { database } from './database';
import { putRevision } from './revised';
import { ShopBook } from './shop-models';
import type { SignedIn } from './sessions';
import type { ShopBookKind, ShopBooks } from './shop-book-kinds';

/** A book of the studio's shop as pages see it: which revision, who kept it and when. */
export interface KnownShopBook<K extends ShopBookKind> {
  revision: number;
  book: ShopBooks[K];
  /** ISO moment. */
  keptAt: string;
  keptBy: string;
}

/** How keeping a book ended: kept, or somebody has kept another since. */
export type KeptShopBook<K extends ShopBookKind> =
  { kind: 'kept'; book: KnownShopBook<K> } | { kind: 'stale'; book: KnownShopBook<K> | null };

/** A book of the studio; null where it has kept none. */
export async function shopBook<K extends ShopBookKind>(
  { studioId }: Pick<SignedIn, 'studioId'>,
  kind: K,
): Promise<KnownShopBook<K> | null> {
  await database();
  const row = await ShopBook.findOne({ where: { studioId, kind } });
  return row && known(row);
}

const known = <K extends ShopBookKind>({ revision, book, keptAt, keptBy }: ShopBook): KnownShopBook<K> => ({
  ...{ revision, keptBy, keptAt: keptAt.toISOString() },
  book: book as ShopBooks[K],
});

/** Keeps a book, if it is still at the revision it was made from: 0 where there was none. */
export async function keepShopBook<K extends ShopBookKind>(
  person: SignedIn,
  kind: K,
  { book, revision }: { book: ShopBooks[K]; revision: number },
): Promise<KeptShopBook<K>> {
  await database();
  const { studioId } = person;
  const next = { book, revision: revision + 1, keptAt: new Date(), keptBy: person.personName };
  const row = await putRevision(revision, {
    create: () => ShopBook.create({ studioId, kind, ...next }),
    update: () => ShopBook.update(next, { where: { studioId, kind, revision }, returning: true }),
  });
  return row ? { kind: 'kept', book: known(row) } : { kind: 'stale', book: await shopBook(person, kind) };
}
