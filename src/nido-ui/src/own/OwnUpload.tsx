import { useMutation } from "@tanstack/react-query";
import { useTranslation } from "react-i18next";
import { type Schemas, sendFile } from "../api/client";
import { useChanged } from "../shared/changed";
import { ErrorNote } from "../shared/ErrorNote";

/** Brings in what another house made its own, from its file; what is here already stays as it is here. */
export function OwnUpload() {
  const { t } = useTranslation();
  const [own, themes] = [useChanged("own"), useChanged("theme")];
  const bring = useMutation({
    mutationFn: (file: File) => sendFile<Schemas["OwnBrought"]>("/api/own/file", file, "text/yaml"),
    onSuccess: () => Promise.all([own(), themes()]),
  });
  return (
    <>
      <label className="mt-4 flex flex-wrap items-center gap-2">
        {t("own.bring")}
        <input
          type="file"
          accept=".yaml,.yml,text/yaml,application/yaml"
          className="file-input file-input-sm w-56"
          onChange={(e) => {
            const file = e.target.files?.[0];
            if (file) {
              bring.mutate(file);
            }
            // The same file, mended, is taken again.
            e.target.value = "";
          }}
          data-own-bring
        />
      </label>
      <ErrorNote error={bring.error} />
      {bring.data && (
        <p role="status">
          {bring.data.names.length > 0 ? t("own.brought", { names: bring.data.names.join(", ") }) : ""}{" "}
          {bring.data.here > 0 ? t("own.broughtHere", { count: bring.data.here }) : ""}
        </p>
      )}
    </>
  );
}
