import { CalendarRange, CloudRain, Lock, PencilLine, ShieldAlert, ShoppingBasket, TriangleAlert } from "lucide-react";
import { useTranslation } from "react-i18next";
import { aims } from "../api/client";
import { Rungs } from "../group/Rungs";

const signs = [
  { name: "caution", icon: TriangleAlert },
  { name: "lifted", icon: ShieldAlert },
  { name: "stays", icon: CalendarRange },
  { name: "locked", icon: Lock },
  { name: "short", icon: ShoppingBasket },
  { name: "own", icon: PencilLine },
  { name: "wet", icon: CloudRain },
] as const;

/** What stitches, rungs and signs mean. */
export function Legend() {
  const { t } = useTranslation();
  return (
    <dl className="grid grid-cols-[56px_1fr] items-center gap-x-4 gap-y-2.5" data-legend>
      {aims.map((aim) => (
        <div key={aim} className="contents">
          <dt>
            <span className={`stitch stitch-${aim} w-14`} />
          </dt>
          <dd>
            <b className={`aim-${aim}`}>{t(`aim.${aim}`)}</b>: {t(`legend.stitch.${aim}`)}
          </dd>
        </div>
      ))}
      <dt className="aim-fineMotor">
        <Rungs step={3} of={6} seen />
      </dt>
      <dd>{t("legend.seen")}</dd>
      <dt className="aim-fineMotor">
        <Rungs step={3} of={6} seen={false} />
      </dt>
      <dd>{t("legend.fromAge")}</dd>
      {signs.map((sign) => (
        <div key={sign.name} className="contents">
          <dt>
            <sign.icon size={18} aria-hidden="true" />
          </dt>
          <dd>{t(`legend.${sign.name}`)}</dd>
        </div>
      ))}
      <dt>2–5</dt>
      <dd>{t("legend.steps")}</dd>
      <dt>3;4</dt>
      <dd>{t("legend.age")}</dd>
      <dt>82</dt>
      <dd>{t("legend.percent")}</dd>
    </dl>
  );
}
