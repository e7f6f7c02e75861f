/**
 * A browser reports every answer of 400 and over as a failed request. Our own pages expect some: a refusal (422), and somebody else's
 * edit first (409). They ask with a header, and get these as an answer that carries its outcome; everyone else gets the status itself.
 */
const ASKED_BY_PAGE = 'goodreach-page';
const OUTCOME = 'goodreach-outcome';
const expected: ReadonlySet<number> = new Set([409, 422]);

/** An answer as the one who asked takes it. */
export function outcomeFor(request: Request, answer: Response): Response {
  if (!request.headers.has(ASKED_BY_PAGE) || !expected.has(answer.status)) return answer;
  const headers = new Headers(answer.headers);
  headers.set(OUTCOME, String(answer.status));
  return new Response(answer.body, { status: 200, headers });
}

/** Asks a route of our own; what is answered has the status of its outcome. */
export async function askServer(url: string, init: RequestInit = {}): Promise<Response> {
  const headers = new Headers(init.headers);
  headers.set(ASKED_BY_PAGE, 'yes');
  const answer = await fetch(url, { ...init, headers });
  const outcome = answer.headers.get(OUTCOME);
  return outcome === null
    ? answer
    : new Response(answer.body, { status: Number(outcome), headers: answer.headers });
}
