import { useTranslation } from "react-i18next";
import { aims } from "../api/client";

/** The thread of an idea: its minutes cut into the four stitches by share. */
export function Thread({ shares }: { shares: number[] }) {
  const { t } = useTranslation();
  const words = aims
    .map((aim, i) => ({ aim, share: shares[i] ?? 0 }))
    .filter((x) => x.share > 0)
    .map((x) => `${t(`aim.${x.aim}`)} ${Math.round(100 * x.share)}%`)
    .join(", ");
  return (
    <span className="flex flex-1 gap-[2px]" role="img" aria-label={words} title={words}>
      {aims.map((aim, i) =>
        (shares[i] ?? 0) > 0 ? (
          <span key={aim} className={`stitch stitch-${aim}`} style={{ width: `${100 * (shares[i] ?? 0)}%` }} />
        ) : null,
      )}
    </span>
  );
}
