import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api, type Schemas } from "../api/client";
import { useChanged } from "../shared/changed";
import { today } from "../shared/dates";
import { ErrorNote } from "../shared/ErrorNote";
import { numberOf, numberOrTyped } from "../shared/numbers";
import { Wide } from "../shared/Wide";

/** How many of each age came, with the kits that were there and those that are back. */
export function CountAtDoor({ groupId, on }: { groupId: string; on: string }) {
  const expected = $api.useQuery("get", "/api/groups/{groupId}/expected", {
    params: { path: { groupId }, query: { on } },
  });
  return expected.data ? (
    <Form key={`${on} ${JSON.stringify(expected.data.counts)}`} groupId={groupId} on={on} view={expected.data} />
  ) : (
    <ErrorNote error={expected.error} />
  );
}

function Form({ groupId, on, view }: { groupId: string; on: string; view: Schemas["ExpectedView"] }) {
  const { t } = useTranslation();
  const onSuccess = useChanged("group");
  const count = $api.useMutation("put", "/api/groups/{groupId}/counts/{on}", { onSuccess });
  const undo = $api.useMutation("delete", "/api/groups/{groupId}/counts/{on}", { onSuccess });
  const counted = view.counts.filter((c) => c.on === on);
  const [rows, setRows] = useState(() =>
    view.bands.map((b) => {
      const c = counted.find((x) => x.fromMonths === b.fromMonths);
      return {
        fromMonths: b.fromMonths,
        name: b.name,
        children: c?.children.toString() ?? "",
        kits: c?.kits?.toString() ?? b.kits.toString(),
        back: c?.kitsBack?.toString() ?? "",
      };
    }),
  );
  const set = (at: number, change: Partial<(typeof rows)[number]>) =>
    setRows(rows.map((r, k) => (k === at ? { ...r, ...change } : r)));
  const path = { groupId, on };
  const field = (at: number, key: "children" | "kits" | "back", name: string) => (
    <input
      inputMode="numeric"
      className="input h-11 w-20"
      aria-label={t(`session.field.${key}`, { name })}
      value={rows[at]?.[key] ?? ""}
      onChange={(e) => set(at, { [key]: e.target.value })}
    />
  );
  return (
    <form
      className="mt-2 rounded-[10px] border border-base-300 bg-base-100 p-3"
      data-count
      onSubmit={(e) => {
        e.preventDefault();
        count.mutate({
          params: { path },
          body: {
            bands: rows
              .filter((r) => r.children !== "")
              .map((r) => ({
                fromMonths: r.fromMonths,
                children: numberOrTyped(r.children),
                kits: numberOf(r.kits),
                kitsBack: numberOf(r.back),
              })),
          },
        });
      }}
    >
      <Wide label={t("session.count")}>
        <table className="table w-auto">
          <thead>
            <tr>
              <th>{t("session.age")}</th>
              <th>{t("session.came")}</th>
              <th>{t("session.kitsThere")}</th>
              <th>{t("session.kitsBack")}</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((r, k) => (
              <tr key={r.fromMonths}>
                <th scope="row">{r.name}</th>
                <td>{field(k, "children", r.name)}</td>
                <td>{field(k, "kits", r.name)}</td>
                <td>{field(k, "back", r.name)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </Wide>
      <ErrorNote error={count.error ?? undo.error} />
      <button
        type="submit"
        className="btn btn-primary mt-2 h-11"
        disabled={count.isPending || on > today() || rows.every((r) => r.children === "")}
      >
        {t("session.keep")}
      </button>
      {counted.length > 0 && (
        <button type="button" className="btn btn-ghost mt-2 h-11" onClick={() => undo.mutate({ params: { path } })}>
          {t("session.takeBack")}
        </button>
      )}
      {on > today() && <span className="quiet ml-2 text-[13px]">{t("session.notYet")}</span>}
    </form>
  );
}
