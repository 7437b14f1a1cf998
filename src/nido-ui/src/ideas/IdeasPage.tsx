import { BookOpen, Languages, PencilRuler, Ruler } from "lucide-react";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { Link, useNavigate, useParams } from "react-router";
import { $api, type Aim, aims } from "../api/client";
import { IdeaForm } from "../own/IdeaForm";
import { OwnDialog } from "../own/OwnDialog";
import { ErrorNote } from "../shared/ErrorNote";
import { Gently, PlaceMain, PlaceSkeleton, Skeleton } from "../shared/Skeleton";
import { useWeek } from "../shared/useWeek";
import { FilterBar } from "./FilterBar";
import { everything, fits } from "./filter";
import { IdeaCard } from "./IdeaCard";
import { IdeaRow } from "./IdeaRow";
import { KeptOutIdeas } from "./KeptOutIdeas";
import { UnsuitedIdeas } from "./UnsuitedIdeas";
import { WhyNot } from "./WhyNot";

/** Rows of the list drawn at once. */
const page = 40;

/** Ideas: all that this cupboard can carry with the week's theme. */
export function IdeasPage() {
  const { t } = useTranslation();
  const { weekId, week, path } = useWeek();
  const { ideaId } = useParams();
  const navigate = useNavigate();
  const [filter, setFilter] = useState(everything);
  const [more, setMore] = useState(0);
  const [aim, setAim] = useState<Aim | null>(null);
  const [own, setOwn] = useState(false);
  const [form, setForm] = useState<string | null>(null);
  const ideas = $api.useQuery("get", "/api/weeks/{weekId}/ideas", path);
  const shown = (ideas.data ?? [])
    .filter((i) => fits(i, filter))
    .toSorted((a, b) => (aim ? (b.shares[aims.indexOf(aim)] ?? 0) - (a.shares[aims.indexOf(aim)] ?? 0) : 0));
  const open = ideaId ?? shown[0]?.ideaId;
  // An idea is a way of working with its leading thing.
  const technique = open?.split(".")[0];
  const card = $api.useQuery(
    "get",
    "/api/weeks/{weekId}/ideas/{ideaId}",
    { params: { path: { weekId, ideaId: open ?? "" } } },
    { enabled: open !== undefined },
  );
  if (!ideas.data || !week.data) {
    return <PlaceSkeleton error={week.error ?? ideas.error} />;
  }
  return (
    <PlaceMain>
      <header className="flex flex-wrap items-center gap-3 border-base-300 border-b px-4 py-2.5">
        <h1 className="leading-tight">{t("places.ideas")}</h1>
        <span className="quiet place-said">
          {t("ideas.count", {
            count: ideas.data.length,
            here: ideas.data.filter((i) => i.nothingToBuy).length,
            theme: week.data.theme.name,
          })}
        </span>
        <Link to={`/w/${weekId}/ideas/theme`} className="btn btn-outline btn-sm">
          <BookOpen size={16} aria-hidden="true" /> {t("theme.open")}
        </Link>
        <Link to={`/w/${weekId}/ideas/words`} className="btn btn-outline btn-sm">
          <Languages size={16} aria-hidden="true" /> {t("words.open")}
        </Link>
        <Link to={`/w/${weekId}/ideas/making`} className="btn btn-outline btn-sm">
          <Ruler size={16} aria-hidden="true" /> {t("making.title")}
        </Link>
        <button type="button" className="btn btn-outline btn-sm" onClick={() => setOwn(true)} data-own-open>
          <PencilRuler size={16} aria-hidden="true" /> {t("own.open")}
        </button>
        <fieldset className="join">
          <legend className="sr-only">{t("ideas.most")}</legend>
          {aims.map((a) => (
            <button
              key={a}
              type="button"
              aria-pressed={aim === a}
              className={`btn join-item btn-sm ${aim === a ? "btn-primary" : `aim-${a}`}`}
              onClick={() => setAim(aim === a ? null : a)}
            >
              {t(`aim.${a}`)}
            </button>
          ))}
        </fieldset>
      </header>
      <FilterBar ideas={ideas.data} filter={filter} onChange={setFilter} />
      <div className="pane flex min-h-0 flex-1 max-md:flex-col">
        <ul className="w-[330px] shrink-0 overflow-auto border-base-300 border-r p-2 max-lg:w-[250px] max-md:h-[45dvh] max-md:w-full max-md:border-b">
          <li className="quiet px-1 pb-1 text-xs" aria-live="polite">
            {t("ideas.shown", { count: shown.length, of: ideas.data.length })}
          </li>
          {shown.slice(0, page * (more + 1)).map((idea) => (
            <IdeaRow
              key={idea.ideaId}
              idea={idea}
              open={idea.ideaId === open}
              onOpen={() => navigate(`/w/${weekId}/ideas/${idea.ideaId}`)}
            />
          ))}
          {shown.length > page * (more + 1) && (
            <li>
              <button type="button" className="btn btn-sm w-full" onClick={() => setMore(more + 1)}>
                {t("ideas.more", { count: Math.min(page, shown.length - page * (more + 1)) })}
              </button>
            </li>
          )}
          {ideas.data.length === 0 && <li className="p-3">{t("ideas.none")}</li>}
          {ideas.data.length > 0 && ideas.data.every((i) => !i.material) && (
            <li className="quiet p-3" data-bare>
              {t("ideas.bare")}
            </li>
          )}
          {ideas.data.length > 0 && shown.length === 0 && <li className="p-3">{t("ideas.noneLike")}</li>}
          <li>
            <KeptOutIdeas />
            <UnsuitedIdeas />
          </li>
        </ul>
        <section
          className="pane min-w-0 flex-1 overflow-auto px-5 py-3"
          aria-label={card.data?.title ?? t("places.ideas")}
        >
          <ErrorNote error={ideas.error ?? card.error} />
          {open !== undefined && !card.data && !card.error && <Skeleton lines={14} />}
          {card.data && (
            <Gently until={<Skeleton lines={14} />}>
              <div className="flex flex-wrap items-center gap-3">
                <h2 className="mr-auto text-lg">{card.data.title}</h2>
                {technique && (
                  <button
                    type="button"
                    className="btn btn-outline btn-sm"
                    onClick={() => setForm(technique)}
                    data-make-own
                  >
                    {t(technique.startsWith("own-") ? "own.change" : "own.makeOwn")}
                  </button>
                )}
              </div>
              <WhyNot ideaId={card.data.ideaId} />
              <IdeaCard card={card.data} />
            </Gently>
          )}
        </section>
      </div>
      {own && <OwnDialog onClose={() => setOwn(false)} />}
      {form &&
        (form.startsWith("own-") ? (
          <IdeaForm id={form} onClose={() => setForm(null)} />
        ) : (
          <IdeaForm copyOf={form} onClose={() => setForm(null)} />
        ))}
    </PlaceMain>
  );
}
