import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { api } from "../api/client";

/** Words sorted for a letter; asked again when words, letter or language change. */
export function useSorted(words: string[], letter: string, language: string) {
  return useQuery({
    queryKey: ["words", words, letter, language],
    enabled: words.length > 0 && letter.trim() !== "",
    placeholderData: keepPreviousData,
    retry: false,
    queryFn: async () => {
      const answer = await api.POST("/api/words", { body: { words, letter, language } });
      if (answer.error) {
        throw answer.error;
      }
      return answer.data;
    },
  });
}
