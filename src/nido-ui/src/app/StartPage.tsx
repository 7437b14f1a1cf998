import { useQueryClient } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { useTranslation } from "react-i18next";
import { Link, useNavigate } from "react-router";
import { $api } from "../api/client";
import { monday } from "../shared/dates";
import { ErrorNote } from "../shared/ErrorNote";
import { Labelled, Refused } from "../shared/form";
import { UnitUpload } from "../week/UnitUpload";
import { type About, childrenAbout } from "./about";
import { useLook } from "./useLook";
import { WhoComes } from "./WhoComes";

/** What a site without a group begins with: a group and its first week. */
export function StartPage() {
  const { t, i18n } = useTranslation();
  useLook();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const themes = $api.useQuery("get", "/api/themes");
  const addGroup = $api.useMutation("post", "/api/groups");
  const addWeek = $api.useMutation("post", "/api/weeks");
  const [name, setName] = useState("");
  const [kind, setKind] = useState<"class" | "dropIn">("class");
  const [timetable, setTimetable] = useState("");
  const [themeId, setThemeId] = useState("");
  const weeks = $api.useQuery("get", "/api/weeks");
  const example = $api.useMutation("post", "/api/house/example", {
    onSuccess: async (week) => {
      await queries.invalidateQueries();
      navigate(`/w/${week.id}/week`);
    },
  });
  const timetables = $api.useQuery("get", "/api/timetables");
  const addChildren = $api.useMutation("post", "/api/groups/{groupId}/children");
  const count = $api.useMutation("post", "/api/cupboard/counts");
  const [about, setAbout] = useState<About | null>(null);
  const [setId, setSetId] = useState("");
  const children = about && kind === "class" ? about.children : 0;
  const sets = $api.useQuery("get", "/api/quick-sets", { params: { query: { children } } });
  const set = sets.data?.find((s) => s.id === setId);
  const made = useRef<{ group?: { id: string }; week?: { id: string } }>({});
  const begin = async () => {
    // What was made before something was refused is not made twice.
    made.current.group ??= await addGroup.mutateAsync({
      body: { name, place: "", kind, timetable: timetable || null },
    });
    const { group } = made.current;
    made.current.week ??= await addWeek.mutateAsync({
      body: { groupId: group.id, themeId: themeId || (themes.data?.[0]?.id ?? ""), monday: monday() },
    });
    const { week } = made.current;
    if (about && kind === "class") {
      await addChildren.mutateAsync({
        params: { path: { groupId: group.id } },
        body: {
          children: childrenAbout(
            about,
            monday(),
            (n) => t("start.child", { n: `${n}`.padStart(2, "0") }),
            i18n.language.slice(0, 2),
          ),
        },
      });
    }
    if (set) {
      await count.mutateAsync({
        body: { counts: set.things.map((x) => ({ materialId: x.materialId, amount: x.amount, note: set.name })) },
      });
    }
    await queries.invalidateQueries();
    // Who has children and things needs only to compose; who has not goes on with who comes.
    navigate(`/w/${week.id}/${set && (about || kind === "dropIn") ? "week" : "group"}`);
  };
  const error = addGroup.error ?? addWeek.error ?? addChildren.error ?? count.error;
  return (
    <main className="min-h-screen bg-base-200 pt-20">
      <div className="mx-auto max-w-xl p-4">
        <p className="mb-6 text-lg" data-what>
          {t("start.nido")}
        </p>
        <h1>{t("start.title")}</h1>
        <p className="mt-2 mb-6">{t("start.what")}</p>
        <form
          className="card-paper flex flex-col gap-4 p-6"
          onSubmit={(e) => {
            e.preventDefault();
            void begin().catch(() => undefined);
          }}
        >
          <Refused error={error}>
            <Labelled name="name" label={t("start.group")}>
              <input
                className="input w-full"
                value={name}
                onChange={(e) => setName(e.target.value)}
                required
                maxLength={80}
              />
            </Labelled>
            <label className="flex flex-col gap-1">
              {t("start.kind")}
              <select className="select w-full" value={kind} onChange={(e) => setKind(e.target.value as typeof kind)}>
                <option value="class">{t("start.class")}</option>
                <option value="dropIn">{t("start.dropIn")}</option>
              </select>
            </label>
            {kind === "class" && <WhoComes about={about} onChange={setAbout} />}
            <label className="flex flex-col gap-1">
              {t("start.cupboard")}
              <select className="select w-full" value={setId} onChange={(e) => setSetId(e.target.value)} data-set>
                <option value="">{t("start.countMyself")}</option>
                {sets.data?.map((s) => (
                  <option key={s.id} value={s.id}>
                    {s.name}
                  </option>
                ))}
              </select>
            </label>
            <Labelled name="timetable" label={t("timetable.day")}>
              <select
                className="select w-full"
                value={timetable || (kind === "dropIn" ? "single-session" : "full-day")}
                onChange={(e) => setTimetable(e.target.value)}
                data-timetable
              >
                {timetables.data?.map((table) => (
                  <option key={table.id} value={table.id}>
                    {t(`timetable.${table.id}`)}
                  </option>
                ))}
              </select>
            </Labelled>
            <Labelled name="themeId" label={t("start.theme")}>
              <select className="select w-full" value={themeId} onChange={(e) => setThemeId(e.target.value)}>
                {themes.data?.map((theme) => (
                  <option key={theme.id} value={theme.id}>
                    {theme.name}
                  </option>
                ))}
              </select>
            </Labelled>
            <ErrorNote error={error} />
            <button type="submit" className="btn btn-primary self-start">
              {t("start.begin")}
            </button>
          </Refused>
        </form>
        {weeks.data?.length === 0 && (
          <section className="card-paper mt-4 p-6" data-example>
            <h2>{t("start.example")}</h2>
            <p className="my-2">{t("start.exampleWhy")}</p>
            <button
              type="button"
              className="btn btn-outline"
              disabled={example.isPending}
              onClick={() => example.mutate({})}
            >
              {example.isPending ? t("start.wait") : t("start.example")}
            </button>
            <ErrorNote error={example.error} />
          </section>
        )}
        <section className="card-paper my-4 p-6">
          <h2>{t("start.bring")}</h2>
          <p className="my-2">{t("start.bringWhy")}</p>
          <UnitUpload onDone={(id) => navigate(`/w/${id}/week`)} />
          <p className="mt-2">
            <Link className="link" to="/house">
              {t("rail.house")}
            </Link>
          </p>
        </section>
      </div>
    </main>
  );
}
