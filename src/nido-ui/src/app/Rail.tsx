import { CircleHelp, Ellipsis, House, Languages, MoonStar, Sun } from "lucide-react";
import { useTranslation } from "react-i18next";
import { NavLink, useParams } from "react-router";
import { readIn } from "../i18n";
import { Menu } from "../shared/Menu";
import { useNarrow } from "../shared/useNarrow";
import { places } from "./places";
import { useLook } from "./useLook";

/** The places, with icon, word and key. */
export function Rail({ onHelp }: { onHelp: () => void }) {
  const { t, i18n } = useTranslation();
  const { weekId } = useParams();
  const look = useLook();
  const narrow = useNarrow();
  const house = `/w/${weekId}/house`;
  const small = "btn btn-ghost btn-sm btn-square text-neutral-content hover:bg-white/10";
  const more = [
    {
      id: "language",
      icon: <Languages size={18} aria-hidden="true" />,
      act: () => void readIn(i18n.language === "es" ? "en" : "es"),
    },
    {
      id: "look",
      icon: look.dark ? <Sun size={18} aria-hidden="true" /> : <MoonStar size={18} aria-hidden="true" />,
      act: look.change,
    },
    { id: "help", icon: <CircleHelp size={18} aria-hidden="true" />, act: onHelp },
  ];
  return (
    <nav
      aria-label={t("rail.places")}
      className="stitched-right no-print flex max-md:border-r-0 w-[84px] shrink-0 flex-col items-center bg-neutral py-3 text-neutral-content max-md:h-16 max-md:w-full max-md:flex-row max-md:justify-between max-md:px-1 max-md:py-1"
    >
      <p className="mb-3 text-lg font-bold max-md:hidden">Nido</p>
      {places.map((place, i) => (
        <NavLink
          key={place.id}
          to={`/w/${weekId}/${place.id}`}
          className={({ isActive }) =>
            `mb-1 flex w-[68px] flex-col items-center rounded-[10px] py-2 text-[13px] leading-tight max-md:mb-0 max-md:w-auto max-md:min-w-0 max-md:flex-1 max-md:px-0.5 max-md:text-[11px] ${
              isActive ? "bg-base-200 font-bold text-base-content ring-1 ring-base-300" : "hover:bg-white/10"
            }`
          }
        >
          <place.icon size={20} aria-hidden="true" />
          <span className="mt-1 max-[22rem]:sr-only">{t(`places.${place.id}`)}</span>
          <kbd className="text-xs opacity-80 max-md:hidden">{i + 1}</kbd>
        </NavLink>
      ))}
      {narrow ? (
        // Four more would leave a phone's seven places too little room: they stand behind one.
        <Menu
          className="btn-ghost btn-square text-neutral-content hover:bg-white/10"
          button={<Ellipsis size={20} aria-label={t("rail.more")} />}
        >
          <li className="text-base-content">
            <NavLink to={house}>
              <House size={18} aria-hidden="true" /> {t("rail.house")}
            </NavLink>
          </li>
          {more.map(({ id, icon, act }) => (
            <li key={id} className="text-base-content">
              <button type="button" onClick={act}>
                {icon} {t(`rail.${id}`)}
              </button>
            </li>
          ))}
        </Menu>
      ) : (
        <div className="mt-auto flex flex-col items-center gap-1">
          <NavLink
            to={house}
            className={({ isActive }) =>
              isActive ? "btn btn-sm btn-square border-0 bg-base-200 text-base-content" : small
            }
            title={t("rail.house")}
            aria-label={t("rail.house")}
          >
            <House size={18} aria-hidden="true" />
          </NavLink>
          {more.map(({ id, icon, act }) => (
            <button
              key={id}
              type="button"
              className={small}
              title={t(`rail.${id}`)}
              aria-label={t(`rail.${id}`)}
              onClick={act}
            >
              {icon}
            </button>
          ))}
        </div>
      )}
    </nav>
  );
}
