import type { Plugin } from "vite";

/** Texts by their whole name ("week.compose"): one look for each, where a tree asks for a walk at every word drawn. */
export function flat(tree: object, before = ""): Record<string, string> {
  return Object.fromEntries(
    Object.entries(tree).flatMap(([name, value]) =>
      typeof value === "object" && value !== null
        ? Object.entries(flat(value, `${before}${name}.`))
        : [[`${before}${name}`, String(value)]],
    ),
  );
}

/** Lays the texts of the pages flat as they are built in: people write them as a tree. */
export function flatTexts(): Plugin {
  return {
    name: "nido-flat-texts",
    enforce: "pre",
    transform: (code, id) =>
      id.includes("/src/i18n/") && id.endsWith(".json") ? JSON.stringify(flat(JSON.parse(code))) : null,
  };
}
