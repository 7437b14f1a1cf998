import { useState } from "react";
import { useTranslation } from "react-i18next";
import { type Group, type Problem, type WeekDay, weekDays } from "../api/client";
import { BothEditions } from "../shared/BothEditions";
import { Dialog } from "../shared/Dialog";
import { ErrorNote } from "../shared/ErrorNote";
import { Labelled, Refused } from "../shared/form";
import { useEdition } from "../shared/useEdition";
import { AdultRows } from "./AdultRows";
import { BlockRows } from "./BlockRows";
import { DayChoice } from "./DayChoice";
import { ExpectedBands } from "./ExpectedBands";
import { LetIn } from "./LetIn";
import { Money } from "./Money";
import { OwnRatio } from "./OwnRatio";
import { useGroupChanges } from "./useGroupChanges";
import { WaysChoice } from "./WaysChoice";
import { Wishes } from "./Wishes";

/** Days, blocks, adults and the group's own decisions, each with its reason. */
export function SettingsDialog({ group, onClose }: { group: Group; onClose: () => void }) {
  const { t } = useTranslation();
  const { settings } = useGroupChanges(group.id);
  const edition = useEdition(`/api/groups/${group.id}`);
  const [now, setNow] = useState(group);
  const s = now.settings;
  const set = (change: Partial<Group["settings"]>) => setNow({ ...now, settings: { ...s, ...change } });
  const body = {
    name: now.name,
    place: now.place,
    days: now.days,
    adults: now.adults,
    blocks: now.blocks,
    settings: s,
    expected: now.expected,
    wishes: now.wishes,
  };
  const save = (kept = body) =>
    settings.mutate(
      { params: { path: { groupId: group.id } }, headers: edition.ifMatch(), body: kept },
      { onSuccess: onClose },
    );
  const approaches = Object.entries(s.approaches) as [keyof typeof s.approaches & string, number][];
  return (
    <Dialog typed title={t("settings.title", { name: group.name })} onClose={onClose} wide>
      <form
        className="space-y-4"
        onSubmit={(e) => {
          e.preventDefault();
          save();
        }}
      >
        <Refused error={settings.error}>
          <div className="grid grid-cols-2 gap-3">
            <Labelled name="name" label={t("settings.name")}>
              <input
                className="input w-full"
                value={now.name}
                required
                onChange={(e) => setNow({ ...now, name: e.target.value })}
              />
            </Labelled>
            <Labelled name="place" label={t("settings.place")}>
              <input
                className="input w-full"
                value={now.place}
                onChange={(e) => setNow({ ...now, place: e.target.value })}
              />
            </Labelled>
          </div>
          <DayChoice days={now.days as WeekDay[]} among={weekDays} onChange={(days) => setNow({ ...now, days })} />
          {now.kind === "dropIn" && (
            <>
              <ExpectedBands bands={now.expected ?? []} onChange={(expected) => setNow({ ...now, expected })} />
              <label className="flex flex-wrap items-center gap-2">
                {t("expected.runOut")}
                <input
                  type="number"
                  min={1}
                  max={50}
                  className="input input-sm w-20"
                  value={s.runOutPercent}
                  onChange={(e) => set({ runOutPercent: Number(e.target.value) })}
                />
                %
              </label>
              <label className="flex flex-wrap items-center gap-2">
                {t("comes.sure")}
                <select
                  className="select select-sm w-auto"
                  value={s.howSure}
                  onChange={(e) => set({ howSure: e.target.value as typeof s.howSure })}
                >
                  {(["sure", "roughly", "guess"] as const).map((h) => (
                    <option key={h} value={h}>
                      {t(`comes.how.${h}`)}
                    </option>
                  ))}
                </select>
              </label>
              <div className="grid grid-cols-2 gap-3">
                <Labelled name="settings.kitTooManyCents" label={t("comes.tooMany", { currency: s.currency })}>
                  <Money cents={s.kitTooManyCents ?? 0} onChange={(kitTooManyCents) => set({ kitTooManyCents })} />
                </Labelled>
                <Labelled name="settings.kitTooFewCents" label={t("comes.tooFew", { currency: s.currency })}>
                  <Money cents={s.kitTooFewCents ?? 0} onChange={(kitTooFewCents) => set({ kitTooFewCents })} />
                </Labelled>
              </div>
            </>
          )}
          {now.kind === "class" && (
            <Labelled name="settings.lettersFrom" label={t("sendOut.from")}>
              <input
                className="input w-full"
                value={s.lettersFrom ?? ""}
                onChange={(e) => set({ lettersFrom: e.target.value })}
              />
            </Labelled>
          )}
          <BlockRows blocks={now.blocks} onChange={(blocks) => setNow({ ...now, blocks })} />
          <AdultRows adults={now.adults} onChange={(adults) => setNow({ ...now, adults })} />
          <fieldset>
            <legend className="font-bold">{t("settings.approaches")}</legend>
            <p className="quiet text-[13px]">{t("settings.approachesWhy")}</p>
            <div className="mt-1 flex flex-wrap gap-4">
              {approaches.map(([name, parts]) => (
                <label key={name} className="flex items-center gap-2">
                  {t(`approach.${name}`)}
                  <input
                    type="number"
                    min={0}
                    max={5}
                    className="input input-sm w-16"
                    value={parts}
                    onChange={(e) => set({ approaches: { ...s.approaches, [name]: Number(e.target.value) } })}
                  />
                </label>
              ))}
            </div>
          </fieldset>
          <label className="flex items-center gap-2">
            <input
              type="checkbox"
              className="checkbox checkbox-sm"
              checked={s.hasPrinter ?? true}
              onChange={(e) => set({ hasPrinter: e.target.checked })}
            />
            {t("settings.printer")}
          </label>
          <div className="grid grid-cols-2 gap-3">
            <label className="flex flex-col gap-1">
              {t("settings.lettersIn")}
              <select
                className="select w-full"
                value={s.lettersIn ?? "en"}
                onChange={(e) => set({ lettersIn: e.target.value })}
                data-letters-in
              >
                <option value="en">English</option>
                <option value="es">Español</option>
              </select>
              <span className="quiet text-[13px]">{t("settings.lettersInWhy")}</span>
            </label>
            <label className="flex flex-col gap-1">
              {t("settings.stepRule")}
              <select
                className="select w-full"
                value={s.stepRule}
                onChange={(e) => set({ stepRule: e.target.value as typeof s.stepRule })}
              >
                <option value="twoDays">{t("settings.twoDays")}</option>
                <option value="eightyPercent">{t("settings.eightyPercent")}</option>
              </select>
              <span className="quiet text-[13px]">{t("settings.stepRuleWhy")}</span>
            </label>
            <label className="flex flex-col gap-1">
              {t("settings.smallParts")}
              <select
                className="select w-full"
                value={s.smallParts}
                onChange={(e) => set({ smallParts: e.target.value as typeof s.smallParts })}
              >
                <option value="never">{t("settings.never")}</option>
                <option value="watchedTable">{t("settings.watchedTable")}</option>
              </select>
              <span className="quiet text-[13px]">{t("settings.smallPartsWhy")}</span>
            </label>
            <label className="flex flex-col gap-1">
              {t("settings.ratio")}
              <select
                className="select w-full"
                value={s.ratioTable}
                onChange={(e) => set({ ratioTable: e.target.value as typeof s.ratioTable })}
              >
                <option value="caringForOurChildren">Caring for Our Children</option>
                <option value="englandEyfs">England EYFS</option>
                <option value="own">{t("settings.ownRatio")}</option>
              </select>
              <span className="quiet text-[13px]">{t("settings.ratioWhy")}</span>
            </label>
            <label className="flex flex-col gap-1">
              {t("settings.mixed")}
              <select
                className="select w-full"
                value={s.mixedAges}
                onChange={(e) => set({ mixedAges: e.target.value as typeof s.mixedAges })}
              >
                <option value="addShares">{t("settings.addShares")}</option>
                <option value="byYoungest">{t("settings.byYoungest")}</option>
              </select>
              <span className="quiet text-[13px]">{t("settings.mixedWhy")}</span>
            </label>
            <label className="flex flex-col gap-1">
              {t("settings.food")}
              <select
                className="select w-full"
                value={s.food}
                onChange={(e) => set({ food: e.target.value as typeof s.food })}
              >
                <option value="withAllergyCheck">{t("settings.foodCheck")}</option>
                <option value="never">{t("settings.never")}</option>
                <option value="freely">{t("settings.freely")}</option>
              </select>
              <span className="quiet text-[13px]">{t("settings.foodWhy")}</span>
            </label>
            {s.ratioTable === "own" && <OwnRatio bands={s.ownRatio} onChange={(ownRatio) => set({ ownRatio })} />}
            <Labelled name="settings.budgetCents" label={t("settings.budget")}>
              <input
                type="number"
                min={0}
                step="0.01"
                className="input w-full"
                value={s.budgetCents / 100}
                onChange={(e) => set({ budgetCents: Math.round(100 * Number(e.target.value)) })}
              />
            </Labelled>
            <Labelled name="settings.eveningPrepMinutes" label={t("settings.evening")}>
              <input
                type="number"
                min={0}
                max={240}
                className="input w-full"
                value={s.eveningPrepMinutes}
                onChange={(e) => set({ eveningPrepMinutes: Number(e.target.value) })}
              />
            </Labelled>
            <Labelled name="settings.attentionMinutesPerYear" label={t("settings.attention")}>
              <input
                type="number"
                min={1}
                max={10}
                step="0.5"
                className="input w-full"
                value={s.attentionMinutesPerYear}
                onChange={(e) => set({ attentionMinutesPerYear: Number(e.target.value) })}
              />
              <span className="quiet text-[13px]">{t("settings.attentionWhy")}</span>
            </Labelled>
            <label className="flex flex-col gap-1">
              {t("settings.paper")}
              <select
                className="select w-full"
                value={s.paper}
                onChange={(e) => set({ paper: e.target.value as typeof s.paper })}
              >
                <option value="a4">A4</option>
                <option value="letter">US Letter</option>
              </select>
            </label>
          </div>
          {now.kind === "dropIn" && <LetIn letIn={s.letIn ?? []} onChange={(letIn) => set({ letIn })} />}
          {now.kind === "class" && (
            <Wishes
              group={now}
              onGrouping={(grouping) => set({ grouping })}
              onWishes={(wishes) => setNow({ ...now, wishes })}
            />
          )}
          <WaysChoice ways={s.ways ?? {}} onChange={(ways) => set({ ways })} />
          {(settings.error as Problem | null)?.current ? (
            <BothEditions
              error={settings.error}
              opened={{ ...group }}
              mine={body}
              labels={{ name: t("settings.name"), place: t("settings.place"), days: t("child.days") }}
              onMine={(merged) => {
                edition.renew();
                setNow({ ...now, ...(merged as unknown as Group), children: now.children });
                save(merged as unknown as typeof body);
              }}
              onTheirs={(current) => {
                edition.renew();
                settings.reset();
                setNow({ ...now, ...(current as unknown as Group), children: now.children });
              }}
            />
          ) : (
            <ErrorNote error={settings.error} />
          )}
          <button type="submit" className="btn btn-primary">
            {t("save")}
          </button>
        </Refused>
      </form>
    </Dialog>
  );
}
