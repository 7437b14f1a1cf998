import { useMutation } from "@tanstack/react-query";
import { type ReactNode, useState } from "react";
import { useTranslation } from "react-i18next";
import { type RowProblem, sendFile } from "../api/client";
import { Dialog } from "./Dialog";
import { ErrorNote } from "./ErrorNote";

interface Reading<T> {
  good: T[];
  problems: RowProblem[];
  encoding: string;
}

/** Pastes or uploads a table: first what would be taken over and what not, then one press. */
export function TableDialog<T>({
  title,
  help,
  example,
  path,
  row,
  take,
  onClose,
}: {
  title: string;
  help: string;
  example: string;
  path: string;
  row: (item: T) => ReactNode;
  take: (items: T[]) => Promise<unknown>;
  onClose: () => void;
}) {
  const { t } = useTranslation();
  const [text, setText] = useState("");
  const read = useMutation({ mutationFn: (body: Blob | string) => sendFile<Reading<T>>(path, body, "text/csv") });
  const save = useMutation({ mutationFn: take, onSuccess: onClose });
  const reading = read.data;
  return (
    <Dialog typed title={title} onClose={onClose} wide>
      <p className="quiet mb-2">{help}</p>
      <label className="flex flex-col gap-1">
        {t("table.paste")}
        <textarea
          className="textarea h-32 w-full font-mono text-xs"
          placeholder={example}
          value={text}
          onChange={(e) => setText(e.target.value)}
        />
      </label>
      <div className="my-3 flex flex-wrap items-center gap-3">
        <button
          type="button"
          className="btn btn-primary btn-sm"
          disabled={!text.trim()}
          onClick={() => read.mutate(text)}
        >
          {t("table.look")}
        </button>
        <label className="flex items-center gap-2">
          {t("table.upload")}
          <input
            type="file"
            accept=".csv,.txt,.tsv,text/csv"
            className="file-input file-input-sm"
            onChange={(e) => {
              const file = e.target.files?.[0];
              if (file) {
                read.mutate(file);
              }
            }}
          />
        </label>
      </div>
      <ErrorNote error={read.error ?? save.error} />
      {reading && (
        <div className="grid gap-3 md:grid-cols-2" aria-live="polite">
          <section>
            <h3 className="font-bold">{t("table.good", { count: reading.good.length })}</h3>
            <ul className="max-h-56 overflow-auto">
              {reading.good.map((item, i) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: the list is read once and never reordered
                <li key={i} className="border-base-300 border-b py-1">
                  {row(item)}
                </li>
              ))}
            </ul>
          </section>
          <section>
            <h3 className="font-bold">{t("table.bad", { count: reading.problems.length })}</h3>
            <ul className="max-h-56 overflow-auto">
              {reading.problems.map((p) => (
                <li key={`${p.row} ${p.column} ${p.message}`} className="border-base-300 border-b py-1">
                  <span className="text-warning font-bold">
                    {t("table.row", { row: p.row })}
                    {p.column ? `, ${p.column}` : ""}
                  </span>{" "}
                  {p.message}
                </li>
              ))}
            </ul>
          </section>
        </div>
      )}
      {reading && reading.good.length > 0 && (
        <button
          type="button"
          className="btn btn-primary mt-3"
          disabled={save.isPending}
          onClick={() => save.mutate(reading.good)}
        >
          {t("table.take", { count: reading.good.length })}
        </button>
      )}
    </Dialog>
  );
}
