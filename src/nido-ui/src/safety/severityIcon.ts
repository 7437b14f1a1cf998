import { Ban, Eye, Hand, MessageCircle } from "lucide-react";

/** One sign for each severity, always beside its word. */
export const severityIcon = { block: Ban, adultStep: Hand, watch: Eye, tell: MessageCircle } as const;
