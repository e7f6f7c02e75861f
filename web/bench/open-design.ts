import type { Page } from '@playwright/test';

/** Enters the demo studio, makes a room of a design in its first job, and opens it at a step. */
export async function openDesign(page: Page, address: string, design: object, step: string): Promise<void> {
  await page.goto(address);
  await page.getByRole('button', { name: 'Open the demo studio' }).click();
  await page.waitForURL('**/studio');
  const job = (await page.getByRole('link', { name: 'New room' }).first().getAttribute('href'))!.split(
    '/',
  )[3]!;
  const made = await page.request.post(`${address}/api/jobs/${job}/rooms`, {
    data: { design },
    headers: { origin: address },
  });
  const { id } = (await made.json()) as { id: string };
  await page.goto(`${address}/rooms/${id}?step=${step}`);
  await page.locator('[data-ready=true]').waitFor();
}
