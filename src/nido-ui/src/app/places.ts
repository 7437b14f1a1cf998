import { Archive, BookOpen, CalendarDays, Lightbulb, Scissors, SunMedium, Users } from "lucide-react";

/** The places in the order of the work; a place's key is its number. */
export const places = [
  { id: "group", icon: Users },
  { id: "cupboard", icon: Archive },
  { id: "ideas", icon: Lightbulb },
  { id: "week", icon: CalendarDays },
  { id: "prep", icon: Scissors },
  { id: "today", icon: SunMedium },
  { id: "journal", icon: BookOpen },
] as const;
