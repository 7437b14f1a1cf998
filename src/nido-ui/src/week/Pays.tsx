import { useTranslation } from "react-i18next";
import { $api, type Wish } from "../api/client";
import { ErrorNote } from "../shared/ErrorNote";
import { duration, money, plain } from "../shared/figures";
import { Skeleton } from "../shared/Skeleton";
import { useWeek } from "../shared/useWeek";

/** What each wish pays in the week at hand, dearest first, and for what; those that are met stand in one line. */
export function Pays({ currency }: { currency: string }) {
  const { t } = useTranslation();
  const { path } = useWeek();
  const read = $api.useQuery("get", "/api/weeks/{weekId}/wishes", path);
  if (!read.data) {
    return read.isPending ? <Skeleton lines={5} /> : <ErrorNote error={read.error} />;
  }
  const paying = read.data.wishes.filter((w) => w.points > 0).sort((a, b) => b.points - a.points);
  const met = read.data.wishes.filter((w) => w.points === 0);
  return (
    <section className="mt-4 border-base-300 border-t pt-3" data-pays>
      <h3 className="font-bold">{t("pays.title", { points: plain(read.data.points) })}</h3>
      <p className="quiet mb-2 text-[13px]">{t("pays.help")}</p>
      {read.data.atLeastCents != null && (
        <p className="mb-2 text-[13px]" data-at-least>
          {t(read.data.atLeastCents > 0 ? "pays.atLeast" : "pays.atLeastFree", {
            money: money(read.data.atLeastCents, currency),
            minutes: duration(read.data.atLeastMinutes ?? 0),
          })}
        </p>
      )}
      {paying.map((wish) => (
        <OneWish key={wish.name} wish={wish} all={read.data.points} currency={currency} />
      ))}
      {met.length > 0 && (
        <p className="mt-2 text-[13px]">
          <b>{t("pays.met")}</b> {met.map((w) => w.name).join(" · ")}
        </p>
      )}
    </section>
  );
}

function OneWish({ wish, all, currency }: { wish: Wish; all: number; currency: string }) {
  const { t } = useTranslation();
  const amount = (value: number) => (wish.isMoney ? money(value, currency) : `${wish.unit}: ${plain(value)}`);
  return (
    <details className="group border-base-300 border-t">
      <summary className="flex min-h-11 cursor-pointer flex-wrap items-center gap-x-2 py-1">
        <span className="quiet transition-transform group-open:rotate-90" aria-hidden="true">
          ▸
        </span>
        <span className="w-14 text-right font-bold tabular-nums">{plain(wish.points)}</span>
        <span className="flex-1">{wish.name}</span>
        <span className="quiet text-[13px]">
          {wish.weighedBy ? t("pays.by", { slider: t(`sliders.${wish.weighedBy}.name`) }) : t("pays.fixed")}
        </span>
        <span className="h-2 w-full overflow-hidden rounded bg-base-200" aria-hidden="true">
          <span className="block h-full bg-primary" style={{ width: `${(100 * wish.points) / Math.max(1, all)}%` }} />
        </span>
      </summary>
      <table className="mb-2 w-full text-[13px]">
        <tbody>
          {wish.lines.map((line) => (
            <tr key={line.about} className="border-base-300 border-t">
              <td className="w-14 pr-2 text-right tabular-nums">{plain(line.points)}</td>
              <td>{line.about}</td>
              <td className="quiet text-right">{amount(line.amount)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  );
}
