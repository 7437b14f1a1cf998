import { useState } from "react";
import { useForm } from "react-hook-form";
import { useTranslation } from "react-i18next";
import {
  $api,
  type Child,
  type Group,
  type Problem,
  type Support,
  type WeekDay,
  type WrittenPlan,
} from "../api/client";
import { PrintLink } from "../paper/PrintLink";
import { BothEditions } from "../shared/BothEditions";
import { Dialog } from "../shared/Dialog";
import { ErrorNote } from "../shared/ErrorNote";
import { Labelled, Refused } from "../shared/form";
import { Skeleton } from "../shared/Skeleton";
import { useEdition } from "../shared/useEdition";
import { type Allergies, AllergyPicker, useReadAllergies } from "./AllergyPicker";
import { DayChoice } from "./DayChoice";
import { PlanRows } from "./PlanRows";
import { SupportChoice } from "./SupportChoice";
import { useGroupChanges } from "./useGroupChanges";
import { WaysChoice } from "./WaysChoice";

interface Fields {
  name: string;
  bornOn: string;
  days: WeekDay[];
  mouths: boolean;
  avoidsTouch: boolean;
  hand: Child["hand"];
  allergies: Allergies;
  plans: WrittenPlan[];
  homeLanguage: string;
  note: string;
  supports: Support[];
  ways: Record<string, string>;
  pictures: Child["pictures"];
  firstDay: string | null;
  lastDay: string | null;
}

/** A child to add or change; one to change is read anew, so that its form shows what is so now. */
export function ChildDialog({ group, child, onClose }: { group: Group; child: Child | null; onClose: () => void }) {
  const { t } = useTranslation();
  const fresh = $api.useQuery(
    "get",
    "/api/groups/{groupId}/children/{childId}",
    { params: { path: { groupId: group.id, childId: child?.id ?? "" } } },
    { enabled: child !== null, gcTime: 0, staleTime: 0, refetchOnWindowFocus: false, refetchOnReconnect: false },
  );
  return (
    <Dialog typed title={child ? child.name : t("group.addChild")} onClose={onClose} wide>
      {child && !fresh.data ? (
        <>
          <Skeleton lines={8} />
          <ErrorNote error={fresh.error} />
        </>
      ) : (
        <ChildForm group={group} child={fresh.data ?? null} onClose={onClose} />
      )}
    </Dialog>
  );
}

const fieldsOf = (child: Child | null, group: Group): Fields => ({
  name: child?.name ?? "",
  bornOn: child?.bornOn ?? "",
  days: (child?.days ?? group.days) as WeekDay[],
  mouths: child?.mouths ?? false,
  avoidsTouch: child?.avoidsTouch ?? false,
  hand: child?.hand ?? "undecided",
  allergies: { known: child?.allergies ?? [], unknown: child?.unknownAllergies ?? [], text: "", asked: null },
  plans: child?.plans ?? [],
  homeLanguage: child?.homeLanguage ?? "en",
  note: child?.note ?? "",
  supports: child?.supports ?? [],
  ways: child?.ways ?? {},
  pictures: child?.pictures ?? "none",
  firstDay: child?.firstDay ?? null,
  lastDay: child?.lastDay ?? null,
});

function ChildForm({ group, child, onClose }: { group: Group; child: Child | null; onClose: () => void }) {
  const { t } = useTranslation();
  const changes = useGroupChanges(group.id);
  const edition = useEdition(`/api/groups/${group.id}/children/${child?.id}`);
  const form = useForm<Fields>({ defaultValues: fieldsOf(child, group) });
  const allergies = form.watch("allergies");
  const setAllergies = (a: Allergies) => form.setValue("allergies", a);
  const [mine, setMine] = useState<Record<string, unknown>>({});
  const { take } = useReadAllergies(allergies, setAllergies);
  const keep = (body: Omit<Child, "id">) =>
    (child ? changes.change(child.id, body, edition.ifMatch()) : changes.add([body])).then(onClose, () => undefined);
  const save = form.handleSubmit(async (f) => {
    // What was written and not added yet is read now; while a word is asked back nothing is saved.
    const read = await take().catch(() => null);
    if (!read) {
      return;
    }
    const body = { ...f, allergies: read.known, unknownAllergies: read.unknown };
    setMine(body);
    await (child ? changes.change(child.id, body, edition.ifMatch()) : changes.add([body])).then(
      onClose,
      () => undefined,
    );
  });
  return (
    <form onSubmit={(e) => void save(e)} className="grid grid-cols-2 gap-3">
      <Refused error={changes.error} list="children">
        {child && (
          <p className="col-span-2">
            <PrintLink
              kind="own-name"
              label={t("paper.ownName")}
              values={{ numbers: null, texts: null, lists: { names: [child.name] } }}
              head={{ name: child.name }}
              leftHanded={child.hand === "left"}
            />
          </p>
        )}
        <Labelled name="name" label={t("child.name")}>
          <input className="input w-full" required maxLength={60} {...form.register("name")} />
        </Labelled>
        <Labelled name="bornOn" label={t("child.born")}>
          <input type="date" className="input w-full" required {...form.register("bornOn")} />
        </Labelled>
        <div className="col-span-2">
          <DayChoice
            days={form.watch("days")}
            among={group.days as WeekDay[]}
            onChange={(d) => form.setValue("days", d)}
          />
        </div>
        <label className="flex items-center gap-2">
          <input type="checkbox" className="checkbox checkbox-sm" {...form.register("mouths")} /> {t("child.mouths")}
        </label>
        <label className="flex items-center gap-2">
          <input type="checkbox" className="checkbox checkbox-sm" {...form.register("avoidsTouch")} />{" "}
          {t("child.avoidsTouch")}
        </label>
        <Labelled name="hand" label={t("child.hand")}>
          <select className="select w-full" {...form.register("hand")}>
            {(["undecided", "right", "left"] as const).map((h) => (
              <option key={h} value={h}>
                {t(`hand.${h}`)}
              </option>
            ))}
          </select>
        </Labelled>
        <Labelled name="homeLanguage" label={t("child.language")}>
          <input className="input w-full" maxLength={2} {...form.register("homeLanguage")} />
        </Labelled>
        <AllergyPicker value={allergies} onChange={setAllergies} />
        {(allergies.known.length > 0 || form.watch("plans").length > 0) && (
          <PlanRows
            plans={form.watch("plans")}
            adults={group.adults.map((a) => a.name)}
            onChange={(plans) => form.setValue("plans", plans)}
          />
        )}
        <Labelled name="note" label={t("child.note")} className="col-span-2">
          <input className="input w-full" maxLength={500} {...form.register("note")} />
        </Labelled>
        <Labelled name="pictures" label={t("consent.title")} className="col-span-2">
          <select className="select w-full" {...form.register("pictures")}>
            {(["none", "fileOnly", "ownFamily", "allFamilies"] as const).map((c) => (
              <option key={c} value={c}>
                {t(`consent.${c}`)}
              </option>
            ))}
          </select>
        </Labelled>
        <Labelled name="firstDay" label={t("child.firstDay")}>
          <input
            type="date"
            className="input w-full"
            {...form.register("firstDay", { setValueAs: (d) => d || null })}
          />
        </Labelled>
        <Labelled name="lastDay" label={t("child.lastDay")}>
          <input type="date" className="input w-full" {...form.register("lastDay", { setValueAs: (d) => d || null })} />
        </Labelled>
        <SupportChoice chosen={form.watch("supports")} onChange={(s) => form.setValue("supports", s)} />
        <WaysChoice ofChild ways={form.watch("ways")} onChange={(ways) => form.setValue("ways", ways)} />
        <div className="col-span-2">
          {(changes.error as Problem | null)?.current ? (
            <BothEditions
              error={changes.error}
              opened={{ ...child }}
              mine={mine}
              labels={{
                name: t("child.name"),
                bornOn: t("child.born"),
                days: t("child.days"),
                mouths: t("child.mouths"),
                avoidsTouch: t("child.avoidsTouch"),
                hand: t("child.hand"),
                allergies: t("child.allergies"),
                unknownAllergies: t("child.allergies"),
                homeLanguage: t("child.language"),
                note: t("child.note"),
                supports: t("child.supports"),
                pictures: t("consent.title"),
                firstDay: t("child.firstDay"),
                lastDay: t("child.lastDay"),
              }}
              onMine={(merged) => {
                edition.renew();
                form.reset(fieldsOf(merged as unknown as Child, group));
                setMine(merged);
                void keep(merged as unknown as Child);
              }}
              onTheirs={(current) => {
                edition.renew();
                changes.clear();
                form.reset(fieldsOf(current as unknown as Child, group));
              }}
            />
          ) : (
            <ErrorNote error={changes.error} />
          )}
        </div>
        <button type="submit" className="btn btn-primary">
          {t("save")}
        </button>
        {child && (
          <a className="btn btn-ghost" href={`/api/groups/${group.id}/children/${child.id}/along.zip`} download>
            {t("child.along")}
          </a>
        )}
        {child && (
          <button type="button" className="btn btn-outline" onClick={() => void changes.remove(child.id).then(onClose)}>
            {t("child.remove")}
          </button>
        )}
      </Refused>
    </form>
  );
}
