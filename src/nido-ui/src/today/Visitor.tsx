import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api } from "../api/client";
import { type Allergies, AllergyPicker, useReadAllergies } from "../group/AllergyPicker";
import { useGroupChanges } from "../group/useGroupChanges";
import { Dialog } from "../shared/Dialog";
import { bornBefore, weekDayOf } from "../shared/dates";
import { ErrorNote } from "../shared/ErrorNote";
import { Labelled, Refused } from "../shared/form";

/** A visitor or a new child joins with a name and an age; rules and steps count it at once. */
export function Visitor({ groupId, date, onClose }: { groupId: string; date: string; onClose: () => void }) {
  const { t } = useTranslation();
  const changes = useGroupChanges(groupId);
  const group = $api.useQuery("get", "/api/groups/{groupId}", { params: { path: { groupId } } });
  const [name, setName] = useState("");
  const [years, setYears] = useState(3);
  const [months, setMonths] = useState(0);
  const [stays, setStays] = useState(false);
  const [mouths, setMouths] = useState(false);
  const [allergies, setAllergies] = useState<Allergies>({ known: [], unknown: [], text: "", asked: null });
  const { take, error: notRead } = useReadAllergies(allergies, setAllergies);
  const join = async () => {
    // What was written and not added yet is read now; while a word is asked back nobody joins.
    const read = await take().catch(() => null);
    if (!read) {
      return;
    }
    await changes
      .add([
        {
          name,
          bornOn: bornBefore(date, 12 * years + months),
          days: (stays && group.data?.days) || [weekDayOf(date)],
          mouths,
          hand: "undecided",
          avoidsTouch: false,
          allergies: read.known,
          unknownAllergies: read.unknown,
          homeLanguage: "en",
          note: "",
          firstDay: date,
          lastDay: stays ? null : date,
          pictures: "none",
          plans: [],
          supports: [],
          ways: {},
        },
      ])
      .then(onClose, () => undefined);
  };
  return (
    <Dialog title={t("door.visitor")} onClose={onClose} typed>
      <form
        className="grid grid-cols-2 gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          void join();
        }}
      >
        <Refused error={changes.error} list="children">
          <Labelled name="name" label={t("child.name")} className="col-span-2">
            <input
              className="input w-full"
              required
              maxLength={60}
              value={name}
              onChange={(e) => setName(e.target.value)}
            />
          </Labelled>
          <Labelled name="bornOn" label={t("door.years")}>
            <input
              type="number"
              className="input w-full"
              min={0}
              max={9}
              required
              value={years}
              onChange={(e) => setYears(Number(e.target.value))}
            />
          </Labelled>
          <label className="flex flex-col gap-1">
            {t("door.months")}
            <input
              type="number"
              className="input w-full"
              min={0}
              max={11}
              required
              value={months}
              onChange={(e) => setMonths(Number(e.target.value))}
            />
          </label>
          <label className="col-span-2 flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              className="checkbox checkbox-sm"
              checked={mouths}
              onChange={(e) => setMouths(e.target.checked)}
            />{" "}
            {t("child.mouths")}
          </label>
          <AllergyPicker value={allergies} onChange={setAllergies} />
          <label className="col-span-2 flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              className="checkbox checkbox-sm"
              checked={stays}
              onChange={(e) => setStays(e.target.checked)}
            />{" "}
            {t("door.stays")}
          </label>
          <div className="col-span-2">
            <ErrorNote error={changes.error ?? notRead} />
          </div>
          <button type="submit" className="btn btn-primary">
            {t("door.join")}
          </button>
        </Refused>
      </form>
    </Dialog>
  );
}
