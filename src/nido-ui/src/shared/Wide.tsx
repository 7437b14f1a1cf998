import type { ReactNode } from "react";

/** What may be wider than a phone is scrolled by itself, by finger and by keys, instead of widening the page. */
export function Wide({ label, children }: { label: string; children: ReactNode }) {
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls is reached by keys
    <section className="overflow-x-auto" aria-label={label} tabIndex={0}>
      {children}
    </section>
  );
}
