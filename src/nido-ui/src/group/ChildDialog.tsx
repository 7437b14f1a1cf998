import { useForm } from "react-hook-form";
import { useTranslation } from "react-i18next";
import type { Child, Group, Support, WeekDay, WrittenPlan } from "../api/client";
import { Dialog } from "../shared/Dialog";
import { ErrorNote } from "../shared/ErrorNote";
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
}

/** A child to add or change. */
export function ChildDialog({ group, child, onClose }: { group: Group; child: Child | null; onClose: () => void }) {
  const { t } = useTranslation();
  const changes = useGroupChanges(group.id);
  const form = useForm<Fields>({
    defaultValues: {
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
    },
  });
  const allergies = form.watch("allergies");
  const setAllergies = (a: Allergies) => form.setValue("allergies", a);
  const { take } = useReadAllergies(allergies, setAllergies);
  const save = form.handleSubmit(async (f) => {
    // What was written and not added yet is read now; while a word is asked back nothing is saved.
    const read = await take().catch(() => null);
    if (!read) {
      return;
    }
    const body = { ...f, allergies: read.known, unknownAllergies: read.unknown };
    await (child ? changes.change(child.id, body) : changes.add([body])).then(onClose, () => undefined);
  });
  return (
    <Dialog title={child ? child.name : t("group.addChild")} onClose={onClose} wide>
      <form onSubmit={(e) => void save(e)} className="grid grid-cols-2 gap-3">
        <label className="flex flex-col gap-1">
          {t("child.name")}
          <input className="input w-full" required maxLength={60} {...form.register("name")} />
        </label>
        <label className="flex flex-col gap-1">
          {t("child.born")}
          <input type="date" className="input w-full" required {...form.register("bornOn")} />
        </label>
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
        <label className="flex flex-col gap-1">
          {t("child.hand")}
          <select className="select w-full" {...form.register("hand")}>
            {(["undecided", "right", "left"] as const).map((h) => (
              <option key={h} value={h}>
                {t(`hand.${h}`)}
              </option>
            ))}
          </select>
        </label>
        <label className="flex flex-col gap-1">
          {t("child.language")}
          <input className="input w-full" maxLength={2} {...form.register("homeLanguage")} />
        </label>
        <AllergyPicker value={allergies} onChange={setAllergies} />
        {(allergies.known.length > 0 || form.watch("plans").length > 0) && (
          <PlanRows
            plans={form.watch("plans")}
            adults={group.adults.map((a) => a.name)}
            onChange={(plans) => form.setValue("plans", plans)}
          />
        )}
        <label className="col-span-2 flex flex-col gap-1">
          {t("child.note")}
          <input className="input w-full" maxLength={500} {...form.register("note")} />
        </label>
        <SupportChoice chosen={form.watch("supports")} onChange={(s) => form.setValue("supports", s)} />
        <WaysChoice ofChild ways={form.watch("ways")} onChange={(ways) => form.setValue("ways", ways)} />
        <div className="col-span-2">
          <ErrorNote error={changes.error} />
        </div>
        <button type="submit" className="btn btn-primary">
          {t("save")}
        </button>
        {child && (
          <button type="button" className="btn btn-outline" onClick={() => void changes.remove(child.id).then(onClose)}>
            {t("child.remove")}
          </button>
        )}
      </form>
    </Dialog>
  );
}
