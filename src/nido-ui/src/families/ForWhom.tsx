import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";

/** Every family, or one child's. */
export function ForWhom({
  childrenOfGroup,
  childId,
  onChoose,
}: {
  childrenOfGroup: Schemas["ChildrenGroup"]["children"];
  childId: string | undefined;
  onChoose: (childId: string | undefined) => void;
}) {
  const { t } = useTranslation();
  const looks = (chosen: boolean) => `btn btn-sm min-h-11 ${chosen ? "btn-primary" : "btn-outline"}`;
  return (
    <fieldset className="flex flex-wrap gap-1.5">
      <legend className="sr-only">{t("families.forWhom")}</legend>
      <button type="button" aria-pressed={!childId} className={looks(!childId)} onClick={() => onChoose(undefined)}>
        {t("families.all")}
      </button>
      {childrenOfGroup.map((c) => (
        <button
          key={c.id}
          type="button"
          aria-pressed={childId === c.id}
          className={looks(childId === c.id)}
          onClick={() => onChoose(c.id ?? undefined)}
        >
          {c.name}
        </button>
      ))}
    </fieldset>
  );
}
