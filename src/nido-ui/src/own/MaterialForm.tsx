import { useState } from "react";
import { useTranslation } from "react-i18next";
import { useNavigate } from "react-router";
import { $api, editionOf, type Schemas } from "../api/client";
import { nothingTyped, ThingFields, type TypedThing, thingOf } from "../safety/ThingFields";
import { Dialog } from "../shared/Dialog";
import { ErrorNote } from "../shared/ErrorNote";
import { Labelled, Refused } from "../shared/form";
import { numberOf } from "../shared/numbers";
import { Skeleton } from "../shared/Skeleton";
import { useWeek } from "../shared/useWeek";
import { Colours } from "./Colours";
import { Holds } from "./Holds";
import { useOwn } from "./useOwn";

type Draft = Schemas["MaterialDraft"];

const typed = (n: number | null | undefined) => (n == null ? "" : String(n));

/** The form of a material of one's own: a new one, or one that is changed. */
export function MaterialForm({ id, begun, onClose }: { id?: string; begun?: TypedThing; onClose: () => void }) {
  const { t } = useTranslation();
  const kept = $api.useQuery(
    "get",
    "/api/own/materials/{ownId}",
    { params: { path: { ownId: id ?? "" } } },
    { enabled: id !== undefined },
  );
  return (
    <Dialog title={t(id ? "own.changeMaterial" : "own.newMaterial")} onClose={onClose} wide typed>
      <ErrorNote error={kept.error} />
      {id !== undefined && !kept.data ? (
        <Skeleton lines={12} />
      ) : (
        <Fields id={id} kept={kept.data} begun={begun ?? nothingTyped} onClose={onClose} />
      )}
    </Dialog>
  );
}

function Fields({
  id,
  kept,
  begun,
  onClose,
}: {
  id: string | undefined;
  kept: Draft | undefined;
  begun: TypedThing;
  onClose: () => void;
}) {
  const { t } = useTranslation();
  const { weekId } = useWeek();
  const navigate = useNavigate();
  const materials = $api.useQuery("get", "/api/materials").data ?? [];
  const { addMaterial, changeMaterial } = useOwn();
  const [edition] = useState(() => editionOf(`/api/own/materials/${id}`));
  const [thing, setThing] = useState<TypedThing>(
    kept
      ? {
          ...kept,
          length: typed(kept.length),
          width: typed(kept.width),
          height: typed(kept.height),
          cordMm: typed(kept.cordMm),
          loopMm: typed(kept.loopMm),
        }
      : begun,
  );
  const [like, setLike] = useState(kept?.like ?? "");
  const [more, setMore] = useState({
    hole: typed(kept?.hole),
    opening: typed(kept?.opening),
    mass: typed(kept?.mass),
    packSize: typed(kept?.packSize),
    price: kept?.packCents == null ? "" : String(kept.packCents / 100),
  });
  const [contains, setContains] = useState(kept?.contains ?? null);
  const [colours, setColours] = useState(kept?.colours ?? []);
  const error = addMaterial.error ?? changeMaterial.error;
  const send = () => {
    const price = numberOf(more.price);
    const body: Draft = {
      ...thingOf(thing),
      like,
      contains,
      hole: numberOf(more.hole),
      opening: numberOf(more.opening),
      mass: numberOf(more.mass),
      packSize: numberOf(more.packSize),
      packCents: price === null ? null : Math.round(100 * price),
      colours,
    };
    if (id) {
      changeMaterial.mutate(
        { params: { path: { ownId: id } }, headers: { "If-Match": edition }, body },
        { onSuccess: onClose },
      );
    } else {
      addMaterial.mutate(
        { body },
        {
          // None of it is there yet: how many is the next thing to say.
          onSuccess: (made) => {
            onClose();
            navigate(`/w/${weekId}/cupboard?open=${made.id}`);
          },
        },
      );
    }
  };
  return (
    <form
      className="grid gap-3"
      onSubmit={(e) => {
        e.preventDefault();
        send();
      }}
      data-own-material
    >
      <Refused error={error}>
        <p className="quiet">{t("own.materialWhat")}</p>
        <Labelled name="like" label={t("own.like")}>
          <select className="select w-full" required value={like} onChange={(e) => setLike(e.target.value)} data-like>
            <option value="">{t("own.choose")}</option>
            {materials
              .filter((m) => !m.id.startsWith("own-"))
              .map((m) => (
                <option key={m.id} value={m.id}>
                  {m.name} · {m.shelf}
                </option>
              ))}
          </select>
        </Labelled>
        <ThingFields thing={thing} onChange={setThing} />
        <Colours chosen={colours} onChange={setColours} />
        <Holds held={contains} onChange={setContains} />
        <div className="grid grid-cols-2 gap-3 sm:grid-cols-5">
          {(["hole", "opening", "mass", "packSize", "price"] as const).map((k) => (
            <Labelled key={k} name={k === "price" ? "packCents" : k} label={t(`own.${k}`)}>
              <input
                className="input w-full"
                inputMode="decimal"
                value={more[k]}
                onChange={(e) => setMore({ ...more, [k]: e.target.value })}
              />
            </Labelled>
          ))}
        </div>
        <ErrorNote error={error} />
        <button
          type="submit"
          className="btn btn-primary"
          disabled={addMaterial.isPending || changeMaterial.isPending}
          data-keep
        >
          {t("own.keepMaterial")}
        </button>
      </Refused>
    </form>
  );
}
