import { languageToBegin } from "../i18n/language";

const asked = new Map<string, Promise<Response>>();

/**
 * Asks for an answer before the page that needs it is there; it is given once, to the first that asks for the same. What it
 * says is told to who asked ahead.
 */
export function askAhead(address: string): Promise<unknown> {
  const answer = fetch(address, { headers: { "Accept-Language": languageToBegin() } });
  const said = answer.then((response) => (response.ok ? response.clone().json() : null));
  // Who asks for it hears that it failed; where nobody does, nothing was lost.
  said.catch(() => undefined);
  asked.set(new URL(address, location.origin).href, answer);
  return said;
}

/** The answer asked for ahead, if there is one that nobody took yet; after a change there is none. */
export function takeAhead(request: Request): Promise<Response> | undefined {
  if (request.method !== "GET") {
    forgetAhead();
    return undefined;
  }
  const answer = asked.get(request.url);
  asked.delete(request.url);
  return answer;
}

/** What nobody took is old by now. */
export const forgetAhead = () => asked.clear();
