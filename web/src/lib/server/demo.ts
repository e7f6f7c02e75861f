import { demoJobs, demoStudio, demoStyle } from 'goodreach/server';
import { database } from './database';
import { addRoom } from './documents';
import { Job, KeptSheetStyle, Person, Studio } from './models';
import { hashPassword } from './sessions';

/** The demo studio's sign-in; only ever loaded, printed and offered in demo mode. */
export const demoSignIn = { email: 'designer@tidewrack.example', password: 'lamplight-and-tide' };

/** Whether the server was started with the demo. */
export function demoMode(): boolean {
  return process.env['GOODREACH_DEMO'] === '1';
}

let loaded: Promise<string> | undefined;

/** Loads the demo, once for the process. */
export function demoLoaded(): Promise<string> {
  loaded ??= loadDemo().catch((error: unknown) => {
    loaded = undefined;
    throw error;
  });
  return loaded;
}

/** Adds the demo studio, its designer and jobs where they are missing; gives the designer's id. What is there is left as it is. */
export async function loadDemo(): Promise<string> {
  const sequelize = await database();
  return sequelize.transaction(async (transaction) => {
    // Whoever comes meanwhile waits, however long it takes to load.
    await sequelize.query('set local lock_timeout = 0; select pg_advisory_xact_lock(7274022)', {
      transaction,
    });
    const existing = await Person.findOne({ where: { email: demoSignIn.email }, transaction });
    const studioId = existing?.studioId ?? (await Studio.create({ name: demoStudio }, { transaction })).id;
    const person =
      existing ??
      (await Person.create(
        {
          studioId,
          email: demoSignIn.email,
          name: 'The designer',
          passwordHash: await hashPassword(demoSignIn.password),
        },
        { transaction },
      ));
    const start = Date.now();
    // The job made last is listed first: the first of the demo.
    for (const [index, { name, unit, step, rooms }] of demoJobs().reverse().entries()) {
      if (await Job.findOne({ where: { studioId, name }, transaction })) continue;
      const job = await Job.create(
        { studioId, name, unit, step, createdAt: new Date(start + index) },
        { transaction },
      );
      for (const document of rooms) await addRoom({ studioId, jobId: job.id }, document, transaction);
    }
    const style = demoStyle();
    const kept = { studioId, name: style.name };
    await KeptSheetStyle.findOrCreate({ where: kept, defaults: { ...kept, style }, transaction });
    return person.id;
  });
}
