import type { ReactNode } from "react";
import { useTranslation } from "react-i18next";
import { $api, type Schemas } from "../api/client";
import { Labelled } from "../shared/form";
import { numberOf } from "../shared/numbers";

const shapes: Schemas["Shape"][] = ["box", "sphere", "disc", "rod", "loose"];
const sizesOf: Record<Schemas["Shape"], ("length" | "width" | "height")[]> = {
  box: ["length", "width", "height"],
  sphere: ["width"],
  disc: ["width", "height"],
  rod: ["length", "width"],
  loose: [],
};

/** A thing as it is typed: sizes are text until they are sent. */
export interface TypedThing {
  name: string;
  shape: Schemas["Shape"];
  length: string;
  width: string;
  height: string;
  hasCord: boolean;
  cordMm: string;
  loopMm: string;
  breaksOpen: boolean;
  answers: string[];
}

/** Nothing is typed yet. */
export const nothingTyped: TypedThing = {
  name: "",
  shape: "box",
  length: "",
  width: "",
  height: "",
  hasCord: false,
  cordMm: "",
  loopMm: "",
  breaksOpen: false,
  answers: [],
};

/** As it is sent: what nobody measured is null. */
export const thingOf = (thing: TypedThing) => ({
  ...thing,
  length: numberOf(thing.length),
  width: numberOf(thing.width),
  height: numberOf(thing.height),
  cordMm: numberOf(thing.cordMm),
  loopMm: numberOf(thing.loopMm),
});

/** What the rules have to know of a thing a house brings: name, size, cord, and the questions. */
export function ThingFields({
  thing,
  onChange,
  children,
}: {
  thing: TypedThing;
  onChange: (thing: TypedThing) => void;
  /** More fields beside the sizes. */
  children?: ReactNode;
}) {
  const { t, i18n } = useTranslation();
  const spanish = i18n.language === "es";
  const questions = $api.useQuery("get", "/api/thing-questions").data ?? [];
  const set = (change: Partial<TypedThing>) => onChange({ ...thing, ...change });
  return (
    <>
      <div className="grid grid-cols-2 gap-3 sm:grid-cols-5">
        <Labelled name="name" label={t("thing.name")} className="col-span-2">
          <input
            className="input w-full"
            required
            maxLength={60}
            value={thing.name}
            onChange={(e) => set({ name: e.target.value })}
          />
        </Labelled>
        <label className="flex flex-col gap-1">
          {t("thing.shape")}
          <select
            className="select w-full"
            value={thing.shape}
            onChange={(e) => set({ shape: e.target.value as Schemas["Shape"] })}
          >
            {shapes.map((s) => (
              <option key={s} value={s}>
                {t(`thing.shapes.${s}`)}
              </option>
            ))}
          </select>
        </label>
        {sizesOf[thing.shape].map((side) => (
          <Labelled
            key={side}
            name={side}
            label={t(`thing.${thing.shape !== "box" && side === "width" ? "diameter" : side}`)}
          >
            <input
              className="input w-full"
              inputMode="decimal"
              placeholder="mm"
              value={thing[side]}
              onChange={(e) => set({ [side]: e.target.value })}
            />
          </Labelled>
        ))}
        {children}
      </div>
      <div className="flex flex-wrap items-end gap-3">
        <label className="flex min-h-10 items-center gap-2">
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            checked={thing.hasCord}
            onChange={(e) => set({ hasCord: e.target.checked })}
          />
          {t("thing.cord")}
        </label>
        {thing.hasCord && (
          <>
            {(
              [
                ["cordMm", "mm"],
                ["loopMm", "loop"],
              ] as const
            ).map(([k, said]) => (
              <label key={k} className="flex flex-col gap-1">
                {t(`thing.cord_${said}`)}
                <input
                  className="input w-32"
                  inputMode="decimal"
                  placeholder="mm"
                  value={thing[k]}
                  onChange={(e) => set({ [k]: e.target.value })}
                />
              </label>
            ))}
            <label className="flex min-h-10 items-center gap-2">
              <input
                type="checkbox"
                className="checkbox checkbox-sm"
                checked={thing.breaksOpen}
                onChange={(e) => set({ breaksOpen: e.target.checked })}
              />
              {t("thing.breaksOpen")}
            </label>
          </>
        )}
      </div>
      {questions.map((q) => (
        <fieldset key={q.id}>
          <legend className="font-bold">{spanish ? q.askEs : q.ask}</legend>
          <div className="grid grid-cols-2 gap-x-4 sm:grid-cols-4">
            {q.answers.map((a) => (
              <label key={a.id} className="flex min-h-8 items-center gap-2">
                <input
                  type="checkbox"
                  className="checkbox checkbox-sm"
                  checked={thing.answers.includes(a.id)}
                  onChange={(e) =>
                    set({
                      answers: e.target.checked ? [...thing.answers, a.id] : thing.answers.filter((x) => x !== a.id),
                    })
                  }
                />
                {spanish ? a.saysEs : a.says}
              </label>
            ))}
          </div>
        </fieldset>
      ))}
    </>
  );
}
