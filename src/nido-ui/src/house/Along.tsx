import { useState } from "react";
import { useTranslation } from "react-i18next";
import { sendFile } from "../api/client";
import { ErrorNote } from "../shared/ErrorNote";
import { type Contents, useHouse } from "./useHouse";

/** The whole house as one open file, both ways. */
export function Along({ here }: { here: Contents }) {
  const { t } = useTranslation();
  const { readAgain } = useHouse();
  const [problem, setProblem] = useState<unknown>(null);
  const empty = Number(here.groups) === 0;
  const bring = (file: File | undefined) =>
    file && sendFile("/api/house/site", file, "application/json").then(() => readAgain(), setProblem);
  return (
    <section aria-labelledby="along">
      <h2 id="along">{t("house.along")}</h2>
      <p className="quiet text-[13px]">{t("house.alongWhy")}</p>
      <div className="my-3 flex flex-wrap gap-2">
        <a className="btn btn-outline btn-sm" href="/api/house/site.json" download>
          {t("house.alongFetch")}
        </a>
        {empty && (
          <label className="btn btn-outline btn-sm">
            {t("house.alongBring")}
            <input type="file" accept=".json" className="sr-only" onChange={(e) => void bring(e.target.files?.[0])} />
          </label>
        )}
      </div>
      <ErrorNote error={problem} />
    </section>
  );
}
