import { languageToBegin } from "../i18n/language";

const asked = new Map<string, Promise<Response>>();

/** Asks for an answer before the page that needs it is there; it is given once, to the first that asks for the same. */
export function askAhead(address: string) {
  const answer = fetch(address, { headers: { "Accept-Language": languageToBegin() } });
  // Who asks for it hears that it failed; where nobody does, nothing was lost.
  answer.catch(() => undefined);
  asked.set(new URL(address, location.origin).href, answer);
}

/** The answer asked for ahead, if there is one that nobody took yet. */
export function takeAhead(request: Request): Promise<Response> | undefined {
  const answer = request.method === "GET" ? asked.get(request.url) : undefined;
  asked.delete(request.url);
  return answer;
}

/** What nobody took is old by now. */
export const forgetAhead = () => asked.clear();
