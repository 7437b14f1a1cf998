import { type ReactNode, useState } from "react";

/** A list that can be ticked off; the ticks stay on this machine. */
export function Ticks({
  id,
  title,
  items,
  empty,
}: {
  id: string;
  title: string;
  items: { what: string; more: string; mind?: ReactNode }[];
  empty?: string;
}) {
  const key = `nido.ticks ${id}`;
  const [done, setDone] = useState<string[]>(() => JSON.parse(localStorage.getItem(key) ?? "[]") as string[]);
  const tick = (name: string) => {
    const next = done.includes(name) ? done.filter((d) => d !== name) : [...done, name];
    localStorage.setItem(key, JSON.stringify(next));
    setDone(next);
  };
  return (
    <section className="break-inside-avoid">
      <h2 className="mb-1">{title}</h2>
      {items.length === 0 && <p className="quiet">{empty}</p>}
      <ul>
        {items.map((item) => {
          const name = `${item.what} ${item.more}`;
          return (
            <li key={name} className="border-base-300 border-t">
              <label className="flex cursor-pointer gap-2 py-1">
                <input
                  type="checkbox"
                  className="checkbox checkbox-sm mt-0.5"
                  checked={done.includes(name)}
                  onChange={() => tick(name)}
                />
                <span className={done.includes(name) ? "line-through opacity-70" : ""}>
                  {item.what} <span className="quiet block text-[13px]">{item.more}</span>
                </span>
              </label>
              {item.mind}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
