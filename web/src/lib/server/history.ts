import type { EditAction, KnownEdit } from 'goodreach';
import { Op, QueryTypes } from 'sequelize';
import { database } from './database';
import { Edit, Person, type Room } from './models';

/** How many edits are handed to a page for undo after a reload. */
const REMEMBERED_EDITS = 500;

/** The edits after a revision, oldest first. */
export async function editsSince(roomId: string, revision: number): Promise<KnownEdit[]> {
  const rows = await Edit.findAll({
    where: { roomId, revision: { [Op.gt]: revision } },
    order: [['revision', 'ASC']],
  });
  const ids = [...new Set(rows.map(({ personId }) => personId))];
  const people = await Person.findAll({ where: { id: ids }, attributes: ['id', 'name'] });
  const names = new Map(people.map(({ id, name }) => [id, name]));
  return rows.map(({ id, revision: made, action, step, command, args, label, patch, personId }) => ({
    ...{ id, revision: made, action, step, command, args, label, patch },
    person: { id: personId, name: names.get(personId) ?? '' },
  }));
}

/** An edit as the record of a room tells it. */
export interface PastEdit {
  revision: number;
  action: EditAction;
  command: string | null;
  args: unknown;
  /** What it did, of edits of earlier versions. */
  label: string | null;
  person: string;
  madeAt: Date;
}

/** So many edits are told at a time. */
export const TOLD = 100;

/** The edits of a room before a revision, the newest first, a part at a time. */
export async function pastEdits(
  { id }: Pick<Room, 'id'>,
  before: number,
): Promise<{ edits: PastEdit[]; more: boolean }> {
  const sequelize = await database();
  const rows = await sequelize.query<PastEdit>(PAST, {
    bind: [id, before, TOLD + 1],
    type: QueryTypes.SELECT,
  });
  return { edits: rows.slice(0, TOLD), more: rows.length > TOLD };
}

const PAST = `
  select revision, action, command, args, label, people.name as person, made_at as "madeAt"
  from edits join people on people.id = person_id
  where room_id = $1 and revision < $2 order by revision desc limit $3`;

/** The last edits that made a room as it was read, oldest first, for undo after a reload: not those that came in since. */
export async function lastEdits({ id, revision }: Room): Promise<KnownEdit[]> {
  const edits = await editsSince(id, Math.max(0, revision - REMEMBERED_EDITS));
  return edits.filter((edit) => edit.revision <= revision);
}
