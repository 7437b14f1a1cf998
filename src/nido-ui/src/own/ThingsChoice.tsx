import { X } from "lucide-react";
import { useTranslation } from "react-i18next";
import { $api, type Schemas } from "../api/client";
import { Labelled } from "../shared/form";

type Thing = Schemas["IdeaThing"];

/** What lies out: of a copy the things to choose the leading one from, begun bare all of them with how many a child. */
export function ThingsChoice({
  things,
  fits,
  most,
  onChange,
}: {
  things: Thing[];
  /** Ids of what a copy can be done with; undefined where it was begun bare. */
  fits: string[] | undefined;
  most: number;
  onChange: (things: Thing[]) => void;
}) {
  const { t } = useTranslation();
  const materials = $api.useQuery("get", "/api/materials").data ?? [];
  const nameOf = (id: string) => materials.find((m) => m.id === id)?.name ?? id;
  const offered = materials.filter((m) => (!fits || fits.includes(m.id)) && !things.some((x) => x.materialId === m.id));
  return (
    <fieldset data-own-things>
      <legend className="font-bold">{t(fits ? "own.with" : "own.things")}</legend>
      <p className="quiet text-[13px]">{t(fits ? "own.withWhy" : "own.thingsWhy")}</p>
      <ul>
        {things.map((x) => (
          <li key={x.materialId} className="flex min-h-10 items-center gap-3">
            <b className="mr-auto">{nameOf(x.materialId)}</b>
            {!fits && (
              <label className="flex items-center gap-2">
                {t("own.each")}
                <input
                  type="number"
                  min={1}
                  max={100}
                  className="input input-sm w-20"
                  value={x.each}
                  onChange={(e) => onChange(things.map((y) => (y === x ? { ...y, each: Number(e.target.value) } : y)))}
                />
              </label>
            )}
            <button
              type="button"
              className="btn btn-ghost btn-sm btn-square"
              aria-label={t("own.without", { name: nameOf(x.materialId) })}
              onClick={() => onChange(things.filter((y) => y !== x))}
            >
              <X size={15} aria-hidden="true" />
            </button>
          </li>
        ))}
      </ul>
      {things.length < most && (
        <Labelled name="things" label={<span className="sr-only">{t("own.addThing")}</span>}>
          <select
            className="select select-sm w-full max-w-md"
            value=""
            onChange={(e) => onChange([...things, { materialId: e.target.value, each: 1 }])}
            data-add-thing
          >
            <option value="">{t(fits && things.length === 0 ? "own.anyThing" : "own.addThing")}</option>
            {offered.map((m) => (
              <option key={m.id} value={m.id}>
                {m.name} · {m.shelf}
              </option>
            ))}
          </select>
        </Labelled>
      )}
    </fieldset>
  );
}
