const known: Record<string, string> = {
  red: "#a63d2f",
  blue: "#2f4b8f",
  green: "#3f6b3c",
  purple: "#6b3a66",
  yellow: "#d9a521",
  orange: "#c9701c",
  cream: "#f0e2bd",
  white: "#ffffff",
  black: "#222222",
  brown: "#6e4a2c",
  grey: "#8b8b8b",
  pink: "#dd9aa0",
  lilac: "#b7a0c9",
  turquoise: "#3a8f94",
  "light blue": "#9fb4e0",
  "light green": "#a5c79f",
  "dark blue": "#1d2f5c",
  "dark green": "#25431f",
};

/** The colour of a word; a word that is no colour gets one of its own. */
export const colourOf = (word: string) => {
  const sum = [...word].reduce((s, c) => s + (c.codePointAt(0) ?? 0), 0);
  return known[word] ?? `hsl(${(sum * 47) % 360} 40% 55%)`;
};
