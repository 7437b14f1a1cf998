import { useTranslation } from "react-i18next";
import { Link, useParams } from "react-router";
import { $api } from "../api/client";
import { ErrorNote } from "../shared/ErrorNote";
import { PlaceMain, Skeleton } from "../shared/Skeleton";
import { Along } from "./Along";
import { Backups } from "./Backups";
import { Bin } from "./Bin";
import { Here } from "./Here";

/** Settings of the house: what is kept of it, what was taken away, what can be taken along. */
export function HousePage() {
  const { t } = useTranslation();
  const { weekId } = useParams();
  const house = $api.useQuery("get", "/api/house");
  // What its parts show is read before any of them is drawn: none pushes another down.
  const read = [
    house,
    $api.useQuery("get", "/api/groups"),
    $api.useQuery("get", "/api/weeks"),
    $api.useQuery("get", "/api/house/bin"),
  ].every((q) => !q.isPending);
  return (
    <PlaceMain className="min-h-0 overflow-auto">
      <header className="flex flex-wrap items-center gap-3 border-base-300 border-b px-4 py-2.5">
        <div className="mr-auto">
          <h1 className="leading-tight">{t("house.title")}</h1>
          {house.data && <p className="quiet text-[13px]">{t("house.lies", { folder: house.data.folder })}</p>}
        </div>
        {!weekId && (
          <Link to="/" className="btn btn-outline btn-sm">
            {t("house.backToStart")}
          </Link>
        )}
      </header>
      <ErrorNote error={house.error} />
      {house.data && read ? (
        <div className="grid grid-cols-2 gap-x-6 gap-y-8 p-4 max-lg:grid-cols-1">
          <Backups house={house.data} />
          <div className="space-y-8">
            <Here />
            <Bin />
            <Along here={house.data.here} />
          </div>
        </div>
      ) : (
        !house.error && <Skeleton lines={12} className="p-4" />
      )}
    </PlaceMain>
  );
}
