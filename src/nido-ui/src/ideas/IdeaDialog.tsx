import { $api } from "../api/client";
import { Dialog } from "../shared/Dialog";
import { useWeek } from "../shared/useWeek";
import { IdeaCard } from "./IdeaCard";

/** An idea of the board, opened. */
export function IdeaDialog({ ideaId, blockId, onClose }: { ideaId: string; blockId: string; onClose: () => void }) {
  const { weekId } = useWeek();
  const card = $api.useQuery("get", "/api/weeks/{weekId}/ideas/{ideaId}", {
    params: { path: { weekId, ideaId }, query: { blockId } },
  });
  return (
    <Dialog title={card.data?.title ?? ""} onClose={onClose} wide>
      {card.data && <IdeaCard card={card.data} />}
    </Dialog>
  );
}
