import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";

/** Something to do at home: what, with what, how long, at the child's step, and why this one. */
export function HomeActivity({ activity }: { activity: Schemas["HomeView"] }) {
  const { t } = useTranslation();
  return (
    <li className="rounded-[10px] border border-base-300 bg-base-100 p-3" data-home>
      <p className="font-bold">
        {activity.name} <span className="quiet font-normal">· {activity.minutes} min</span>
      </p>
      <p>{activity.do}</p>
      {activity.things.length > 0 && (
        <p className="quiet text-[13px]">
          {t("families.needs")} {activity.things.join(", ")}
        </p>
      )}
      {activity.mind.map((line) => (
        <p key={line} className="text-[13px] text-warning">
          {t("families.mind")} {line}
        </p>
      ))}
      {activity.now && (
        <p className="text-[13px]">
          <b className="font-semibold">{t("families.now")}</b> {activity.now}
          {activity.next && (
            <>
              {" "}
              · <b className="font-semibold">{t("families.next")}</b> {activity.next}
            </>
          )}
        </p>
      )}
      {activity.easier && (
        <p className="text-[13px]">
          <b className="font-semibold">{t("idea.easierIs")}</b> {activity.easier} ·{" "}
          <b className="font-semibold">{t("idea.harderIs")}</b> {activity.harder}
        </p>
      )}
      <p className="quiet mt-1 text-[13px]">
        {t("families.why")} {activity.why}
      </p>
    </li>
  );
}
