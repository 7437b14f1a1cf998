import { useState } from "react";
import { Outlet, useNavigate, useParams } from "react-router";
import { useKeys } from "../shared/useKeys";
import { KeyList } from "./KeyList";
import { places } from "./places";
import { Rail } from "./Rail";

/** The rail at the left, a place at the right. */
export function Frame() {
  const { weekId } = useParams();
  const navigate = useNavigate();
  const [keys, setKeys] = useState(false);
  useKeys([
    ...places.map((p, i): [string, () => void] => [`${i + 1}`, () => void navigate(`/w/${weekId}/${p.id}`)]),
    ["/", () => document.querySelector<HTMLInputElement>("[data-find]")?.focus()],
    ["?", () => setKeys(true)],
  ]);
  return (
    <div className="flex h-dvh">
      <Rail onKeys={() => setKeys(true)} />
      <Outlet />
      {keys && <KeyList onClose={() => setKeys(false)} />}
    </div>
  );
}
