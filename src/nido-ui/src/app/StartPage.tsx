import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { Link, useNavigate } from "react-router";
import { $api } from "../api/client";
import { monday } from "../shared/dates";
import { ErrorNote } from "../shared/ErrorNote";
import { Labelled, Refused } from "../shared/form";
import { UnitUpload } from "../week/UnitUpload";
import { useLook } from "./useLook";

/** What a site without a group begins with: a group and its first week. */
export function StartPage() {
  const { t } = useTranslation();
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
  const begin = async () => {
    const group = await addGroup.mutateAsync({ body: { name, place: "", kind, timetable: timetable || null } });
    const week = await addWeek.mutateAsync({
      body: { groupId: group.id, themeId: themeId || (themes.data?.[0]?.id ?? ""), monday: monday() },
    });
    await queries.invalidateQueries();
    navigate(`/w/${week.id}/group`);
  };
  return (
    <main className="min-h-screen bg-base-200 pt-20">
      <div className="mx-auto max-w-xl p-4">
        <h1>{t("start.title")}</h1>
        <p className="mt-2 mb-6">{t("start.what")}</p>
        <form
          className="card-paper flex flex-col gap-4 p-6"
          onSubmit={(e) => {
            e.preventDefault();
            void begin();
          }}
        >
          <Refused error={addGroup.error ?? addWeek.error}>
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
            <ErrorNote error={addGroup.error ?? addWeek.error} />
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
