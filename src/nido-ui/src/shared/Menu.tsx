import { type ReactNode, useEffect, useRef, useState } from "react";
import { useOpened } from "./Fold";
import { placeOfMenu } from "./placeOfMenu";

/** A menu behind a button, where the page has room for it: it closes on a choice, on Escape (the button has the focus
 *  again) and on a press elsewhere. */
export function Menu({
  button,
  children,
  className = "btn-ghost btn-sm",
}: {
  button: ReactNode;
  children: ReactNode;
  /** Looks of the button. */
  className?: string;
}) {
  const details = useRef<HTMLDetailsElement>(null);
  const { opened, onToggle } = useOpened();
  const [place, setPlace] = useState({ up: false, aside: 0 });
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
      className={`dropdown ${place.up ? "dropdown-top" : ""}`}
      onClick={(e) =>
        (e.target as Element).closest("a, button")
          ? close()
          : setPlace(placeOfMenu(e.currentTarget.getBoundingClientRect(), window.innerWidth, window.innerHeight))
      }
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
      {opened && (
        <ul className="menu dropdown-content card-paper z-10 w-64 p-2" style={{ marginInlineStart: place.aside }}>
          {children}
        </ul>
      )}
    </details>
  );
}
