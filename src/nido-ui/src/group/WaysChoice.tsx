import { useTranslation } from "react-i18next";
import { $api } from "../api/client";

/** What practitioners differ on: a choice each, with its reason. A child's choices leave the rest to the group. */
export function WaysChoice({
  ways,
  ofChild = false,
  onChange,
}: {
  ways: Record<string, string>;
  ofChild?: boolean;
  onChange: (ways: Record<string, string>) => void;
}) {
  const { t } = useTranslation();
  const differences = $api.useQuery("get", "/api/differences");
  const set = (id: string, choice: string) =>
    onChange(Object.fromEntries(Object.entries({ ...ways, [id]: choice }).filter(([, c]) => c !== "")));
  return (
    <fieldset className={ofChild ? "col-span-2" : ""} data-ways>
      <legend className="font-bold">{t(ofChild ? "ways.ofChild" : "ways.title")}</legend>
      <p className="quiet text-[13px]">{t(ofChild ? "ways.ofChildWhy" : "ways.why")}</p>
      <div className="mt-1 grid grid-cols-2 gap-x-4 gap-y-2">
        {differences.data
          ?.filter((d) => d.ofChild || !ofChild)
          .map((d) => {
            const chosen = d.choices.find((c) => c.id === ways[d.id]) ?? (ofChild ? undefined : d.choices[0]);
            return (
              <label key={d.id} className="flex flex-col gap-0.5">
                {d.name}
                <select
                  className="select select-sm w-full"
                  value={chosen?.id ?? ""}
                  onChange={(e) => set(d.id, e.target.value)}
                >
                  {ofChild && <option value="">{t("ways.asGroup")}</option>}
                  {d.choices.map((c) => (
                    <option key={c.id} value={c.id}>
                      {c.name}
                    </option>
                  ))}
                </select>
                <span className="quiet text-[13px]">{chosen?.reason}</span>
              </label>
            );
          })}
      </div>
    </fieldset>
  );
}
