import { type ReactNode, useEffect, useRef } from "react";
import { useOpened } from "./Fold";

/** A menu behind a button: it closes on a choice, on Escape (the button has the focus again) and on a press elsewhere. */
export function Menu({
  button,
  children,
  className = "btn-ghost btn-sm",
  up = false,
}: {
  button: ReactNode;
  children: ReactNode;
  /** Looks of the button. */
  className?: string;
  /** Opens upwards: its button is at the foot of the page. */
  up?: boolean;
}) {
  const details = useRef<HTMLDetailsElement>(null);
  const { opened, onToggle } = useOpened();
  const close = () => details.current?.removeAttribute("open");
  useEffect(() => {
    const elsewhere = (e: PointerEvent) => {
      if (!details.current?.contains(e.target as Node)) {
        details.current?.removeAttribute("open");
      }
    };
    document.addEventListener("pointerdown", elsewhere);
    return () => document.removeEventListener("pointerdown", elsewhere);
  }, []);
  return (
    <details
      ref={details}
      onToggle={onToggle}
      className={`dropdown dropdown-end ${up ? "dropdown-top" : ""}`}
      onClick={(e) => (e.target as Element).closest("a, button") && close()}
      onKeyDown={(e) => {
        if (e.key === "Escape" && details.current?.open) {
          e.stopPropagation();
          close();
          details.current.querySelector("summary")?.focus();
        }
      }}
      onBlur={(e) => e.relatedTarget && !e.currentTarget.contains(e.relatedTarget) && close()}
    >
      <summary className={`btn ${className}`}>{button}</summary>
      {opened && <ul className="menu dropdown-content card-paper z-10 w-64 p-2">{children}</ul>}
    </details>
  );
}
