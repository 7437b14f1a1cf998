import { useState } from "react";
import { useTranslation } from "react-i18next";
import { keepLetterKeys, letterKeys, moveKey } from "../shared/letterKeys";

const keys = [
  "1-7",
  "arrows",
  "enter",
  "x",
  "m",
  "l",
  "w",
  "delete",
  "c",
  "d",
  "s",
  "o",
  "u",
  "U",
  "/",
  "?",
  "esc",
] as const;

const letters = keys.filter((k) => k.length === 1);

/** What every key does; letters can be moved, or all switched off. */
export function KeyList() {
  const { t } = useTranslation();
  const [chosen, setChosen] = useState(letterKeys);
  const [refused, setRefused] = useState<string | null>(null);
  const keep = (next: typeof chosen | null, wanted: string) => {
    setRefused(next ? null : wanted);
    if (next) {
      keepLetterKeys(next);
      setChosen(next);
    }
  };
  return (
    <>
      <label className="mb-3 flex min-h-11 items-center gap-2">
        <input
          type="checkbox"
          className="checkbox checkbox-sm"
          checked={!chosen.off}
          onChange={(e) => keep({ ...chosen, off: !e.target.checked }, "")}
        />
        {t("keys.letters")}
      </label>
      <p className="quiet mb-2 text-[13px]">{t("keys.move")}</p>
      {refused !== null && (
        <p role="alert" className="mb-2 text-error">
          {t("keys.taken", { key: refused })}
        </p>
      )}
      <dl className="grid grid-cols-[auto_1fr] items-center gap-x-4 gap-y-1.5">
        {keys.map((key) => (
          <div key={key} className="contents">
            <dt>
              {letters.some((l) => l === key) ? (
                <input
                  className="input input-sm w-12 text-center"
                  aria-label={t("keys.keyFor", { what: t(`keys.${key}.does`) })}
                  maxLength={1}
                  disabled={chosen.off}
                  value={chosen.moved[key] ?? key}
                  onFocus={(e) => e.target.select()}
                  onChange={(e) =>
                    e.target.value && keep(moveKey(chosen, key, e.target.value, letters), e.target.value)
                  }
                />
              ) : (
                <kbd className="kbd kbd-sm">{t(`keys.${key}.key`)}</kbd>
              )}
            </dt>
            <dd>{t(`keys.${key}.does`)}</dd>
          </div>
        ))}
      </dl>
    </>
  );
}
