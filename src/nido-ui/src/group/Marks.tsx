import { useTranslation } from "react-i18next";
import type { Child, Group } from "../api/client";
import { useAllergens } from "./useAllergens";

/** What is to be known of a child at a glance; a word no rule knows stands out. */
export function Marks({ child, days }: { child: Child; days: Group["days"] }) {
  const { t } = useTranslation();
  const { name } = useAllergens();
  const marks = [
    child.mouths && t("group.mouths"),
    child.avoidsTouch && t("group.touch"),
    child.hand === "left" && t("group.left"),
    child.homeLanguage !== "en" && child.homeLanguage.toUpperCase(),
    child.days.length < days.length && child.days.map((d) => t(`day.${d}`)).join(" "),
    child.supports?.includes("seat") && t("group.seat"),
    child.supports?.includes("frame") && t("group.frame"),
    ...child.allergies.map(name),
  ].filter((m): m is string => Boolean(m));
  return (
    <>
      {marks.map((m) => (
        <span key={m} className="rounded border border-base-300 bg-base-100 px-1 text-[11px]">
          {m}
        </span>
      ))}
      {child.unknownAllergies?.map((w) => (
        <span key={w} className="rounded border border-warning px-1 font-bold text-[11px] text-warning" data-unread>
          {t("allergy.mark", { word: w })}
        </span>
      ))}
    </>
  );
}
