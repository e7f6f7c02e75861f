import { describe, expect, it } from 'vitest';
import { ownTile } from '../../testing/more-command-cases';
import type { FinishRecord } from '../document/records';
import { recordFaults } from '../document/validate-design';
import { tileCsv } from '../exports/tile-csv';
import { sayReason } from '../wording/words';
import { readTileCsv } from './tile-csv';

const told = (text: string) => {
  const read = readTileCsv(text);
  return read.ok
    ? []
    : read.faults.map(({ row, column, reason }) => `${row} ${column}: ${sayReason(reason)}`);
};
const tiles = (text: string) => {
  const read = readTileCsv(text);
  if (!read.ok) throw new Error(JSON.stringify(read.faults));
  return read.tiles.map(({ tile }) => tile);
};

describe('a table of tiles', () => {
  it('is read as it was written', () => {
    const plain: FinishRecord = {
      ...{ ...ownTile, id: 'plain', name: '=1+1', code: 'PT7', supplier: 'A, "B"; C' },
      tile: { long: 600, high: 99.5, joint: 1.5, offset: 1 / 3, grout: '#112233' },
    };
    const { price: _, supplier: __, ...bare } = plain;
    const all = [ownTile, plain, { ...bare, id: 'bare', name: 'Bare', code: 'PT8' }];
    const table = tileCsv(all);
    // What a spreadsheet would take for a formula is guarded.
    expect(table).toContain("'=1+1");
    for (const [index, tile] of tiles(table).entries()) {
      const { id: ___, ...wanted } = all[index]!;
      expect(tile).toEqual({ ...wanted, rough: 0.35, long: tile.tile!.long, high: tile.tile!.high });
    }
  });

  it('needs no more than names and sizes, in any order of columns, with units of its own', () => {
    const [one, two] = tiles('ACROSS,Name,along,unit\n4,Tidepool,8 1/2,in\n\n100 mm,Spume,1.2 m,\n');
    expect(one).toMatchObject({ name: 'Tidepool', of: 'tile', long: 215.9, high: 101.6 });
    expect(one!.tile).toEqual({ long: 215.9, high: 101.6, joint: 3, offset: 0, grout: '#d5d0c4' });
    expect(two!.tile).toMatchObject({ long: 1200, high: 100 });
    expect(one!.code).toBeUndefined();
    for (const tile of [one, two])
      expect(recordFaults('x', { ...tile, id: 'x', code: 'PT1' }, 'tile')).toEqual([]);
  });

  it.each([
    ['name,along\nx,100', '1 across: '],
    ['name,along,across,weight\nx,100,100,3', '1 weight: '],
    ['name,along,across\n,100,100', '2 name: '],
    ['name,along,across\nx,,100', '2 along: can’t be read as a length'],
    ['name,along,across\nx,4.99,100', '2 along: must be from 5 to'],
    ['name,along,across\nx,20000,100', '2 along: must be from 0 to'],
    ['name,along,across,joint\nx,100,100,wide', '2 joint: can’t be read as a length'],
    ['name,along,across,joint\nx,100,100,30.1', '2 joint: must be from 0 to 30 mm'],
    ['name,along,across,thickness\nx,100,100,0.9', '2 thickness: must be from 1 to'],
    ['name,along,across,colour\nx,100,100,red', '2 colour: is no colour'],
    ['name,along,across,code\nx,100,100,TILE-1', '2 code: is no code'],
    ['name,along,across,laid\nx,100,100,askew', '2 laid: must be one of in line, by halves, by thirds'],
    ['name,along,across,in a box\nx,100,100,0', '2 in a box: must be a whole number'],
    ['name,along,across,sheet along\nx,23,23,300', '2 sheet across: '],
    ['name,along,across,differs in size\nx,23,23,5.1', '2 differs in size: '],
    ['name,along,across,differs in shade\nx,23,23,some', '2 differs in shade: must be one of uniform'],
    ['name,along,across,price\nx,23,23,cheap', '2 price: must be a number'],
    ['name,along,across\nx,100,100\n X ,50,50', '3 name: '],
    ['name,along,across,code\nx,100,100,PT9\ny,50,50,pt9', '3 code: '],
    ['name,along,across', '1 : '],
  ])('tells line and column of what can’t be: %j', (text, wanted) => {
    const found = told(text);
    expect(found).toHaveLength(1);
    expect(found[0]).toContain(wanted);
  });

  it('takes 500 tiles and no more, and no endless text', () => {
    const rows = (many: number) => Array.from({ length: many }, (_, at) => `t${at},100,100`).join('\n');
    expect(tiles(`name,along,across\n${rows(500)}`)).toHaveLength(500);
    expect(told(`name,along,across\n${rows(501)}`)[0]).toContain('501');
    expect(told('x'.repeat(1_000_001))).toHaveLength(1);
  });
});
