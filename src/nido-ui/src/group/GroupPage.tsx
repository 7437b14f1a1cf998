import { Eye, Settings, UserPlus } from "lucide-react";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api, type Child } from "../api/client";
import { Expected } from "../session/Expected";
import { later } from "../shared/later";
import { PlaceMain, PlaceSkeleton } from "../shared/Skeleton";
import { TableDialog } from "../shared/TableDialog";
import { useKeys } from "../shared/useKeys";
import { useNarrow } from "../shared/useNarrow";
import { useWeek } from "../shared/useWeek";
import { OneChild } from "./OneChild";
import { Spread } from "./Spread";
import { StepPanel } from "./StepPanel";
import { StepsGrid } from "./StepsGrid";
import { useGroupChanges } from "./useGroupChanges";

const ChildDialog = later(async () => (await import("./ChildDialog")).ChildDialog);
const QuickEntry = later(async () => (await import("./QuickEntry")).QuickEntry);
const SettingsDialog = later(async () => (await import("./SettingsDialog")).SettingsDialog);

/** Group: children by age down, ladders across. */
export function GroupPage() {
  const { t } = useTranslation();
  const { week } = useWeek();
  const groupId = week.data?.groupId ?? "";
  const enabled = { enabled: groupId !== "" };
  const group = $api.useQuery("get", "/api/groups/{groupId}", { params: { path: { groupId } } }, enabled);
  const steps = $api.useQuery(
    "get",
    "/api/groups/{groupId}/steps",
    { params: { path: { groupId }, query: { on: week.data?.monday } } },
    enabled,
  );
  const changes = useGroupChanges(groupId);
  const narrow = useNarrow();
  const [cell, setCell] = useState({ child: 0, ladder: 0 });
  const [dialog, setDialog] = useState<"new" | "table" | "settings" | "quick" | Child | null>(null);
  useKeys([["o", () => group.data?.kind === "class" && setDialog("quick")]]);
  const g = group.data;
  if (!g || !steps.data) {
    return <PlaceSkeleton error={week.error ?? group.error ?? steps.error} />;
  }
  const close = () => setDialog(null);
  const Steps = narrow ? OneChild : StepsGrid;

  const dropIn = g.kind === "dropIn";
  return (
    <PlaceMain>
      <header className="flex flex-wrap items-center gap-3 border-base-300 border-b px-4 py-2.5">
        <h1 className="leading-tight">{g.name}</h1>
        <span className="quiet place-said">
          {g.place ? `${g.place} · ` : ""}
          {t(dropIn ? "expected.count" : "group.count", {
            children: steps.data.children.length,
            adults: g.adults.length,
          })}
        </span>
        {!dropIn && (
          <>
            <button type="button" className="btn btn-primary btn-sm" onClick={() => setDialog("quick")}>
              <Eye size={16} aria-hidden="true" /> {t("quick.open")}
            </button>
            <button type="button" className="btn btn-outline btn-sm" onClick={() => setDialog("new")}>
              <UserPlus size={16} aria-hidden="true" /> {t("group.addChild")}
            </button>
            <button type="button" className="btn btn-outline btn-sm" onClick={() => setDialog("table")}>
              {t("table.open")}
            </button>
            <a className="btn btn-ghost btn-sm" href={`/api/groups/${groupId}/children.csv`} download="children.csv">
              {t("group.csv")}
            </a>
          </>
        )}
        <button type="button" className="btn btn-outline btn-sm" onClick={() => setDialog("settings")}>
          <Settings size={16} aria-hidden="true" /> {t("group.settings")}
        </button>
      </header>
      {dropIn ? (
        <div className="min-h-0 flex-1 overflow-auto">
          <Expected group={g} on={week.data?.monday ?? ""} />
          <Spread steps={steps.data} />
        </div>
      ) : g.children.length === 0 ? (
        <section className="m-8 max-w-lg">
          <h2 className="text-lg">{t("group.emptyTitle")}</h2>
          <p className="my-3">{t("group.emptyWhat")}</p>
          <button type="button" className="btn btn-primary" onClick={() => setDialog("table")}>
            {t("table.open")}
          </button>
        </section>
      ) : (
        <Steps group={g} steps={steps.data} cell={cell} onCell={setCell} onChild={setDialog}>
          <StepPanel groupId={groupId} steps={steps.data} cell={cell} />
        </Steps>
      )}
      {dialog === "table" && (
        <TableDialog<Child>
          title={t("group.tableTitle")}
          help={t("group.tableHelp")}
          example={"name,born,days,mouths,hand,allergies,language,note\nTavi,2023-05-17,Mo Tu We,no,left,egg,en,"}
          path={`/api/groups/${groupId}/children/table`}
          row={(c) => (
            <span className="flex justify-between gap-2">
              <b>{c.name}</b> <span>{c.allergies.join(", ")}</span>
              {(c.unknownAllergies ?? []).length > 0 && (
                <b className="text-warning">{t("allergy.mark", { word: c.unknownAllergies?.join(", ") })}</b>
              )}
              {c.bornOn}
            </span>
          )}
          take={(items) => changes.add(items)}
          onClose={close}
        />
      )}
      {dialog === "quick" && <QuickEntry groupId={groupId} steps={steps.data} onClose={close} />}
      {dialog === "settings" && <SettingsDialog group={g} onClose={close} />}
      {dialog !== null && dialog !== "table" && dialog !== "settings" && dialog !== "quick" && (
        <ChildDialog group={g} child={dialog === "new" ? null : dialog} onClose={close} />
      )}
    </PlaceMain>
  );
}
