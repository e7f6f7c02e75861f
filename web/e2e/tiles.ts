import type { Locator, Page } from '@playwright/test';

/** A zone of tile as it is stored, as far as the flows look at it. */
export interface Zone {
  id: string;
  origin: { x: number; y: number };
  corners?: { x: number; y: number }[];
  pattern: { type: string };
  tile: { w: number; h: number };
  placement: { on: string };
  border?: object;
}

export const stageOf = (page: Page, of: RegExp = /^Tiles of the floor/) =>
  page.getByRole('application', { name: of });
export const figure = (page: Page, name: string): Locator =>
  page.getByRole('region', { name: 'Set-out' }).locator('dl > div').filter({ hasText: name }).locator('dd');

/** The middle of the drawing, and a place so far beside it, pixels. */
export async function beside(stage: Locator, x: number, y: number): Promise<[number, number]> {
  const box = (await stage.boundingBox())!;
  return [box.x + box.width / 2 + x, box.y + box.height / 2 + y];
}
/** What is told of the zone in hand at the right, by what it is of. */
export const figureOf = (page: Page, name: string): Locator =>
  page
    .getByRole('complementary', { name: 'Facts' })
    .locator('p.row')
    .filter({ has: page.getByText(name, { exact: true }) })
    .locator('output');
