import { useTranslation } from "react-i18next";
import { $api } from "../api/client";

/** The vocabulary of allergens in the reader's language. */
export function useAllergens() {
  const { i18n } = useTranslation();
  const all = $api.useQuery("get", "/api/allergens", {}, { staleTime: Number.POSITIVE_INFINITY }).data ?? [];
  const byId = new Map(all.map((a) => [a.id, i18n.language === "es" ? a.nameEs : a.name]));
  const on = (lists: string[]) => all.filter((a) => a.lists.some((l) => lists.includes(l))).map((a) => a.id);
  const published = on(["eu-14", "us-9"]);
  return {
    name: (id: string) => byId.get(id) ?? id.replace(/^own:/, ""),
    published,
    craft: on(["craft-room"]).filter((id) => !published.includes(id)),
  };
}
