import { Pause, Play } from "lucide-react";
import { useEffect, useState } from "react";
import { useTranslation } from "react-i18next";

/** The minutes of a block, running down when it is started; it makes no sound. */
export function BlockTimer({ minutes }: { minutes: number }) {
  const { t } = useTranslation();
  const [left, setLeft] = useState(minutes * 60);
  const [endsAt, setEndsAt] = useState<number | null>(null);
  const running = endsAt !== null;
  useEffect(() => {
    if (endsAt === null) {
      return;
    }
    const tick = setInterval(() => setLeft(Math.max(0, Math.round((endsAt - Date.now()) / 1000))), 250);
    return () => clearInterval(tick);
  }, [endsAt]);
  return (
    <button
      type="button"
      className="btn btn-outline h-11 min-w-32 text-lg tabular-nums"
      aria-pressed={running}
      onClick={() => setEndsAt(running ? null : Date.now() + left * 1000)}
    >
      {running ? <Pause size={18} aria-hidden="true" /> : <Play size={18} aria-hidden="true" />}
      <span className="sr-only">{running ? t("today.pause") : t("today.start")} </span>
      {Math.floor(left / 60)}:{`${left % 60}`.padStart(2, "0")}
    </button>
  );
}
