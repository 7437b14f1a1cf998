import { $api } from "../api/client";
import { PrintLink } from "../paper/PrintLink";
import { Dialog } from "../shared/Dialog";
import { Gently, Skeleton } from "../shared/Skeleton";
import { useWeek } from "../shared/useWeek";
import { IdeaCard } from "./IdeaCard";

/** An idea of the board, opened. */
export function IdeaDialog({ ideaId, blockId, onClose }: { ideaId: string; blockId: string; onClose: () => void }) {
  const { weekId } = useWeek();
  const card = $api.useQuery("get", "/api/weeks/{weekId}/ideas/{ideaId}", {
    params: { path: { weekId, ideaId }, query: { blockId } },
  });
  const paper = $api.useQuery("get", "/api/weeks/{weekId}/paper", { params: { path: { weekId } } });
  const sheets = paper.data?.orders.filter((o) => o.for === card.data?.title && o.problem === null) ?? [];
  return (
    <Dialog title={card.data?.title ?? ""} onClose={onClose} wide>
      {sheets.length > 0 && (
        <p className="mb-2 flex flex-wrap gap-2">
          {sheets.map((o) => (
            <PrintLink
              key={o.id}
              kind={o.kind}
              label={o.step === null ? o.title : `${o.title}, ${o.step}`}
              values={o.values}
              head={{ idea: o.for }}
              leftHanded={o.leftHanded}
            />
          ))}
        </p>
      )}
      {card.data ? (
        <Gently until={<Skeleton lines={14} />}>
          <IdeaCard card={card.data} />
        </Gently>
      ) : (
        <Skeleton lines={14} />
      )}
    </Dialog>
  );
}
