import { useTranslation } from "react-i18next";
import { Link, useParams } from "react-router";
import { places } from "./places";

/** The places in the order of the work, each in two sentences, with the way there. */
export function Tour({ onGo }: { onGo: () => void }) {
  const { t } = useTranslation();
  const { weekId } = useParams();
  return (
    <>
      <p className="mb-3">{t("tour.what")}</p>
      <ol className="space-y-3" data-tour>
        {places.map((place) => (
          <li key={place.id} className="flex gap-3">
            <place.icon size={20} className="mt-0.5 shrink-0" aria-hidden="true" />
            <div>
              <Link
                to={`/w/${weekId}/${place.id}`}
                className="inline-flex min-h-6 items-center font-bold underline"
                onClick={onGo}
              >
                {t(`places.${place.id}`)}
              </Link>
              <p>{t(`tour.${place.id}`)}</p>
            </div>
          </li>
        ))}
      </ol>
    </>
  );
}
