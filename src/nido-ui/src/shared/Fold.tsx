import { type ComponentProps, type ReactNode, useState } from "react";

/** Whether what opens was ever opened: what is inside is drawn, and asked for, no sooner. */
export function useOpened() {
  const [opened, setOpened] = useState(false);
  const onToggle = (e: { currentTarget: HTMLDetailsElement }) => e.currentTarget.open && setOpened(true);
  return { opened, onToggle };
}

/** Words that open to more; what is inside is drawn when it is first asked for. */
export function Fold({
  title,
  titleClass = "min-h-11 cursor-pointer py-2.5",
  children,
  ...rest
}: {
  title: ReactNode;
  titleClass?: string;
  children: ReactNode;
} & Omit<ComponentProps<"details">, "title" | "onToggle">) {
  const { opened, onToggle } = useOpened();
  return (
    <details {...rest} onToggle={onToggle}>
      <summary className={titleClass}>{title}</summary>
      {opened && children}
    </details>
  );
}
