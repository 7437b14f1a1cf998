import { useEffect, useState } from "react";

type Look = "nido-day" | "nido-dusk";

/** The theme: follows the system until one is chosen. */
export function useLook() {
  const [look, setLook] = useState<Look>(
    () =>
      (localStorage.getItem("nido.look") as Look | null) ??
      (window.matchMedia("(prefers-color-scheme: dark)").matches ? "nido-dusk" : "nido-day"),
  );
  useEffect(() => {
    document.documentElement.dataset.theme = look;
  }, [look]);
  const change = () => {
    const next = look === "nido-day" ? "nido-dusk" : "nido-day";
    localStorage.setItem("nido.look", next);
    setLook(next);
  };
  return { dark: look === "nido-dusk", change };
}
