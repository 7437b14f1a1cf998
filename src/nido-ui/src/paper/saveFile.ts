import i18next from "i18next";
import type { Problem } from "../api/client";

/** Asks for a file and hands it to the browser to keep; a refusal is thrown with its fields. */
export async function saveFile(path: string, body: unknown, name: string, signal?: AbortSignal) {
  const answer = await fetch(path, {
    method: "POST",
    headers: { "Content-Type": "application/json", "Accept-Language": i18next.language },
    body: JSON.stringify(body),
    signal: signal ?? null,
  });
  if (!answer.ok) {
    throw (await answer.json()) as Problem;
  }
  const url = URL.createObjectURL(await answer.blob());
  const link = document.createElement("a");
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}
