import { useTranslation } from "react-i18next";
import type { IdeaCardData } from "../api/client";

/** Lines for the adult that follow from how the group works. */
export function Cues({ cues }: { cues: IdeaCardData["cues"] }) {
  const { t } = useTranslation();
  return (
    <ul className="my-2 space-y-0.5" data-cues>
      {cues.map((c) => (
        <li key={c.say}>
          <b>{t(`cue.${c.at}`)}</b> {c.say}
        </li>
      ))}
    </ul>
  );
}
