import { error } from '@sveltejs/kit';
import { mayMeasure, writeMetrics } from '$server/metrics';
import type { RequestHandler } from './$types';

/** What is measured, for who has the token of METRICS_TOKEN; for others there is nothing here. */
export const GET: RequestHandler = async ({ request }) => {
  if (!mayMeasure(request.headers.get('authorization')))
    error(404, { message: 'There is nothing at this address.' });
  const { type, text } = await writeMetrics();
  return new Response(text, { headers: { 'content-type': type } });
};
