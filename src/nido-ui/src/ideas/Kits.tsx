import { useTranslation } from "react-i18next";
import type { IdeaCardData } from "../api/client";

/** Kits to pack for whoever comes, a kind a step. */
export function Kits({ kits }: { kits: IdeaCardData["kits"] }) {
  const { t } = useTranslation();
  const packed = kits.filter((k) => k.holds.length > 0);
  return packed.length === 0 ? null : (
    <section className="mt-3" data-kits>
      <h3 className="mb-1 font-bold">{t("expected.kits")}</h3>
      <ul>
        {packed.map((k) => (
          <li key={k.step} className="border-base-300 border-t py-1">
            <b>{t("expected.kit", { count: k.count, step: k.step })}</b>{" "}
            <span className="quiet">{t("expected.for", { count: k.expected })}</span> · {k.holds.join(", ")}
            {k.allergens.length > 0 && (
              <span className="block font-bold" data-kit-allergens>
                {k.allergens.map((a) => `${a.name} / ${a.nameEs}`).join(" · ")}
              </span>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
