import { expect, it } from 'vitest';
import { collideCommand } from '../cli/collide';
import { roomOf } from '../document/design';
import { specialSizes } from '../ranges/specials';
import { recordsOf } from '../document/design';
import { kindOf } from '../ranges/kinds';
import { rangesOf } from '../ranges/shelf';
import { openLengths } from '../setting/open-lengths';
import { formatLength } from '../units/format-length';
import { usualStyle } from '../units/units';
import { demoJobs } from './demo-jobs';

const rooms = demoJobs().flatMap((job) => job.rooms);

it.each(rooms.map((design) => [roomOf(design).name, design] as const))(
  '%s is complete: nothing collides, every open length is closed or left open on purpose, cabinets are listed sizes',
  (_, design) => {
    expect(collideCommand(design).collisions.map(({ text }) => text)).toEqual([]);
    const open = openLengths(design).filter(({ leftOpen }) => leftOpen === null);
    const words = open.map(
      ({ face, band, length }) => `${face.letter} ${band} ${formatLength(length, usualStyle('mm'))}`,
    );
    expect(words).toEqual([]);
    const special = recordsOf(design, 'item').filter(
      (item) => !kindOf(item.type).flat && specialSizes(item, rangesOf(design)).length > 0,
    );
    expect(special.map(({ code }) => code)).toEqual([]);
  },
);
