import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api } from "../api/client";
import { useChanged } from "../shared/changed";
import { Dialog } from "../shared/Dialog";
import { ErrorNote } from "../shared/ErrorNote";

/** Words for allergies that Nido does not know: the house says which materials hold what they name. */
export function UnknownDialog({ onClose }: { onClose: () => void }) {
  const { t } = useTranslation();
  const unknown = $api.useQuery("get", "/api/allergens/unknown");
  return (
    <Dialog title={t("allergy.unknownTitle")} onClose={onClose} wide>
      <p className="mb-3">{t("allergy.unknownWhat")}</p>
      <ErrorNote error={unknown.error} />
      {unknown.data?.map((u) => (
        <Word key={u.word} word={u.word} names={u.children.map((c) => c.name)} marked={u.materialIds ?? null} />
      ))}
    </Dialog>
  );
}

function Word({ word, names, marked }: { word: string; names: string[]; marked: string[] | null }) {
  const { t } = useTranslation();
  const onSuccess = useChanged("group");
  const materials = $api.useQuery("get", "/api/materials", {}, { staleTime: Number.POSITIVE_INFINITY }).data ?? [];
  const [chosen, setChosen] = useState(marked ?? []);
  const [find, setFind] = useState("");
  const mark = $api.useMutation("put", "/api/allergens/unknown", { onSuccess });
  const shown = materials.filter((m) =>
    find ? m.name.toLowerCase().includes(find.toLowerCase()) : chosen.includes(m.id),
  );
  return (
    <section className="mb-4 border-base-300 border-t pt-2" data-word={word}>
      <h3 className="font-bold">
        “{word}” · {names.join(", ")}
      </h3>
      <p className={marked === null ? "font-bold text-warning" : "quiet"}>
        {marked === null ? t("allergy.notSaid") : t("allergy.said", { count: marked.length })}
      </p>
      <input
        className="input my-1 w-full"
        aria-label={t("allergy.find")}
        placeholder={t("allergy.find")}
        value={find}
        onChange={(e) => setFind(e.target.value)}
      />
      <div className="grid max-h-52 grid-cols-2 gap-x-4 overflow-auto sm:grid-cols-3">
        {shown.map((m) => (
          <label key={m.id} className="flex min-h-8 items-center gap-2">
            <input
              type="checkbox"
              className="checkbox checkbox-sm"
              checked={chosen.includes(m.id)}
              onChange={(e) => setChosen(e.target.checked ? [...chosen, m.id] : chosen.filter((x) => x !== m.id))}
            />
            {m.name}
          </label>
        ))}
      </div>
      <ErrorNote error={mark.error} />
      <button
        type="button"
        className="btn btn-primary btn-sm mt-1"
        disabled={mark.isPending}
        onClick={() => mark.mutate({ body: { word, materialIds: chosen } })}
      >
        {chosen.length === 0 ? t("allergy.noneHere") : t("allergy.these", { count: chosen.length })}
      </button>
    </section>
  );
}
