import { useTranslation } from "react-i18next";
import { Dialog } from "../shared/Dialog";

const keys = ["1-6", "arrows", "enter", "x", "l", "delete", "c", "d", "s", "o", "u", "U", "/", "?", "esc"] as const;

/** What every key does. */
export function KeyList({ onClose }: { onClose: () => void }) {
  const { t } = useTranslation();
  return (
    <Dialog title={t("keys.title")} onClose={onClose}>
      <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1.5">
        {keys.map((key) => (
          <div key={key} className="contents">
            <dt>
              <kbd className="kbd kbd-sm">{t(`keys.${key}.key`)}</kbd>
            </dt>
            <dd>{t(`keys.${key}.does`)}</dd>
          </div>
        ))}
      </dl>
    </Dialog>
  );
}
