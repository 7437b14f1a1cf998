import { useTranslation } from "react-i18next";
import type { IdeaCardData } from "../api/client";

/** What is seen when it goes wrong, with one change each. */
export function GoesWrong({ signs }: { signs: IdeaCardData["goesWrong"] }) {
  const { t } = useTranslation();
  return signs.length === 0 ? null : (
    <section className="my-3" data-goes-wrong>
      <h3 className="mb-1 font-bold">{t("idea.goesWrong")}</h3>
      <ul>
        {signs.map((s) => (
          <li key={s.id} className="border-base-300 border-t py-1">
            <b className="font-semibold">{s.seen}</b> → {s.change}
          </li>
        ))}
      </ul>
    </section>
  );
}
