import { useState } from "react";
import { useTranslation } from "react-i18next";
import { ErrorNote } from "../shared/ErrorNote";
import { Labelled, Refused } from "../shared/form";
import { numberOrTyped } from "../shared/numbers";
import { useCupboardChanges } from "./useCupboardChanges";

const kinds = ["counted", "bought", "found", "used", "lost"] as const;

/** Writes a movement into the ledger. */
export function MovementForm({ materialId, unit }: { materialId: string; unit: string }) {
  const { t } = useTranslation();
  const { movement } = useCupboardChanges();
  const [kind, setKind] = useState<(typeof kinds)[number]>("counted");
  const [amount, setAmount] = useState("");
  return (
    <form
      className="my-2 flex flex-wrap items-center gap-1.5"
      onSubmit={(e) => {
        e.preventDefault();
        movement.mutate(
          { params: { path: { materialId } }, body: { kind, amount: numberOrTyped(amount), note: "" } },
          { onSuccess: () => setAmount("") },
        );
      }}
    >
      <select
        className="select select-sm w-28"
        aria-label={t("cupboard.movement")}
        value={kind}
        onChange={(e) => setKind(e.target.value as typeof kind)}
      >
        {kinds.map((k) => (
          <option key={k} value={k}>
            {t(`movement.${k}`)}
          </option>
        ))}
      </select>
      <Refused error={movement.error}>
        <Labelled name="amount" label={<span className="sr-only">{t("cupboard.amount")}</span>}>
          <input
            className="input input-sm w-20"
            inputMode="decimal"
            value={amount}
            onChange={(e) => setAmount(e.target.value)}
            required
          />
        </Labelled>
        <span className="quiet">{unit}</span>
        <button type="submit" className="btn btn-outline btn-sm">
          {t("cupboard.write")}
        </button>
        <ErrorNote error={movement.error} />
      </Refused>
    </form>
  );
}
