/**
 * A number as people write it: "2,5" and "2.5" are the same, and of "1.234,5" or "1,234.5" the last sign parts the
 * decimals; null where it is none.
 */
export function numberOf(text: string): number | null {
  const plain = text.trim();
  const decimal = Math.max(plain.lastIndexOf(","), plain.lastIndexOf("."));
  const grouped = plain.includes(",") && plain.includes(".");
  const read = grouped
    ? `${plain.slice(0, decimal).replace(/[.,]/g, "")}.${plain.slice(decimal + 1)}`
    : plain.replace(",", ".");
  return plain !== "" && Number.isFinite(Number(read)) ? Number(read) : null;
}

/** A number for a body; what is none goes as it was typed, so that the answer names it. */
export const numberOrTyped = (text: string) => numberOf(text) ?? (text as unknown as number);
