import type { KnownEdit } from 'goodreach';
import { Op } from 'sequelize';
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

/** The last edits that made a room as it was read, oldest first, for undo after a reload: not those that came in since. */
export async function lastEdits({ id, revision }: Room): Promise<KnownEdit[]> {
  const edits = await editsSince(id, Math.max(0, revision - REMEMBERED_EDITS));
  return edits.filter((edit) => edit.revision <= revision);
}
