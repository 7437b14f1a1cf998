import { useState } from "react";
import { useTranslation } from "react-i18next";

/** Where it is played: whose turn it is, and a tally each. A press counts one and passes the turn on; it stays on this screen. */
export function Turns({ names }: { names: string[] }) {
  const { t } = useTranslation();
  const [tally, setTally] = useState<Record<string, number>>({});
  const [turn, setTurn] = useState(0);
  if (names.length === 0) {
    return null;
  }
  return (
    <details className="mt-2 text-base" data-turns>
      <summary className="cursor-pointer font-semibold">
        {t("turns.title", { name: names[turn % names.length] ?? "" })}
      </summary>
      <ul className="mt-1 flex flex-wrap gap-1.5">
        {names.map((name, i) => (
          <li key={name}>
            <button
              type="button"
              className={`min-h-11 cursor-pointer rounded-[10px] border px-3 py-1 ${i === turn % names.length ? "border-2 border-base-content bg-secondary" : "border-base-300"}`}
              onClick={() => {
                setTally({ ...tally, [name]: (tally[name] ?? 0) + 1 });
                setTurn(i + 1);
              }}
            >
              {name} <b className="tabular-nums">{tally[name] ?? 0}</b>
            </button>
          </li>
        ))}
      </ul>
      <button
        type="button"
        className="btn btn-ghost mt-1 h-11"
        onClick={() => {
          setTally({});
          setTurn(0);
        }}
      >
        {t("turns.again")}
      </button>
    </details>
  );
}
