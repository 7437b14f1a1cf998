import { type ReactNode, useState } from "react";

/** Words that open to more; what is inside is drawn when it is first asked for. */
export function Fold({
  title,
  className = "",
  children,
}: {
  title: ReactNode;
  className?: string;
  children: ReactNode;
}) {
  const [asked, setAsked] = useState(false);
  return (
    <details className={className} onToggle={(e) => e.currentTarget.open && setAsked(true)}>
      <summary className="min-h-11 cursor-pointer py-2.5">{title}</summary>
      {asked && children}
    </details>
  );
}
