import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import { $api } from "../api/client";
import { Dialog } from "../shared/Dialog";
import { dayAndNumber } from "../shared/dates";
import { ErrorNote } from "../shared/ErrorNote";
import { money, plain } from "../shared/figures";
import { Skeleton } from "../shared/Skeleton";
import { useWeek } from "../shared/useWeek";

/** The week played many times: what may run out, take longer or fall short, and what would help. */
export function MayGoWrong({ currency, onClose }: { currency: string; onClose: () => void }) {
  const { t } = useTranslation();
  const { weekId, path } = useWeek();
  const played = $api.useQuery("get", "/api/weeks/{weekId}/may-go-wrong", path);
  const s = played.data;
  return (
    <Dialog title={t("played.title")} onClose={onClose} wide>
      <ErrorNote error={played.error} />
      {s ? (
        <div className="space-y-4" data-played>
          <p className="quiet">{t("played.how", { runs: s.runs })}</p>
          <section>
            <h3 className="font-bold">{t("played.runsOut")}</h3>
            {s.runsOut.length === 0 && <p>{t("played.nothingRunsOut")}</p>}
            <ul>
              {s.runsOut.map((r) => (
                <li key={r.materialId} className="border-base-300 border-t py-1">
                  <b>{r.percent}%</b>{" "}
                  <Link
                    className="underline decoration-dotted"
                    to={`/w/${weekId}/cupboard?open=${r.materialId}&from=week`}
                  >
                    {r.name}
                  </Link>{" "}
                  <span className="quiet">
                    {r.packs > 0
                      ? t("played.buy", { count: r.packs, more: plain(r.more), money: money(r.cents, currency) })
                      : t("played.more", { more: plain(r.more) })}
                  </span>
                </li>
              ))}
            </ul>
          </section>
          <section>
            <h3 className="font-bold">{t("played.overruns")}</h3>
            {s.overruns.length === 0 && <p>{t("played.nothingOverruns")}</p>}
            <ul>
              {s.overruns.map((o) => (
                <li key={`${o.day} ${o.block}`} className="border-base-300 border-t py-1">
                  <b>{o.percent}%</b> {dayAndNumber(o.day)}, {o.block}{" "}
                  <span className="quiet">{t("played.longer", { minutes: o.minutes, title: o.longest })}</span>
                </li>
              ))}
            </ul>
          </section>
          <section>
            <h3 className="font-bold">{t("played.short")}</h3>
            {s.fallsShort.length === 0 && <p>{t("played.nobodyShort")}</p>}
            <ul>
              {s.fallsShort.map((f) => (
                <li key={`${f.name} ${f.aim}`} className="border-base-300 border-t py-1">
                  <b>{f.percent}%</b> {f.name}, {t(`aim.${f.aim}`)}{" "}
                  {f.fix && (
                    <span className="quiet">
                      {t("played.fix", {
                        day: dayAndNumber(f.fix.date),
                        now: f.fix.now,
                        was: f.fix.was,
                        minutes: f.fix.minutes,
                      })}
                    </span>
                  )}
                </li>
              ))}
            </ul>
          </section>
          {s.cutOff.length > 0 && (
            <section data-cut-off>
              <h3 className="font-bold">{t("played.cutOff")}</h3>
              <ul>
                {s.cutOff.map((w) => (
                  <li key={`${w.name} ${w.block}`} className="border-base-300 border-t py-1">
                    <b>{w.percent}%</b> {w.name}, {w.block}{" "}
                    <span className="quiet">
                      {t("played.cutOffWay", { minutes: w.minutes, block: w.block, enough: w.enough })}
                    </span>
                  </li>
                ))}
              </ul>
            </section>
          )}
        </div>
      ) : (
        <Skeleton lines={8} />
      )}
    </Dialog>
  );
}
