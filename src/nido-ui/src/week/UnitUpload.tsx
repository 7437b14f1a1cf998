import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useTranslation } from "react-i18next";
import { sendFile } from "../api/client";
import { ErrorNote } from "../shared/ErrorNote";

/** Brings in a whole unit from a JSON file, as a group and a week of its own. */
export function UnitUpload({ onDone }: { onDone: (weekId: string) => void }) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const bring = useMutation({
    mutationFn: (file: File) => sendFile<{ id: string }>("/api/weeks/unit", file, "application/json"),
    onSuccess: async (week) => {
      await queries.invalidateQueries();
      onDone(week.id);
    },
  });
  return (
    <>
      <label className="flex items-center gap-2">
        {t("weeks.upload")}
        <input
          type="file"
          accept=".json,application/json"
          className="file-input file-input-sm w-56"
          onChange={(e) => {
            const file = e.target.files?.[0];
            if (file) {
              bring.mutate(file);
            }
          }}
        />
      </label>
      <ErrorNote error={bring.error} />
    </>
  );
}
