import createFetch from "openapi-fetch";
import createQueries from "openapi-react-query";
import { languageNow } from "../i18n";
import { takeAhead } from "./ahead";
import type { components, paths } from "./schema";

/** The typed client; paths, query keys and types come from the OpenAPI document. */
export const api = createFetch<paths>({
  baseUrl: globalThis.location?.origin ?? "",
  // Looked up at each call: a test takes the house away by taking fetch away.
  fetch: (request) => takeAhead(request) ?? globalThis.fetch(request),
});
export const $api = createQueries(api);

// Which edition of what stands at an address was last read or saved (its ETag).
const editions = new Map<string, string>();
api.use({
  // A change that names no edition is one of what was last read here: nobody's change is overwritten unseen.
  onRequest({ request }) {
    // Answers are spoken in the language the pages are read in.
    request.headers.set("Accept-Language", languageNow());
    const edition = editions.get(new URL(request.url).pathname);
    if (request.method === "PUT" && edition && !request.headers.has("If-Match")) {
      request.headers.set("If-Match", edition);
    }
    return request;
  },
  onResponse({ request, response }) {
    const edition = response.headers.get("ETag");
    if (edition) {
      editions.set(new URL(request.url).pathname, edition);
    }
    return undefined;
  },
});

/** The edition of what stands at an address as it was last read, for If-Match. */
export const editionOf = (path: string) => editions.get(path) ?? "";

export type Schemas = components["schemas"];
export type Calculator = Schemas["CalculatorView"];
export type Field = Schemas["AskField"];
export type Aim = Schemas["Aim"];
export type Block = Schemas["Block"];
export type Child = Schemas["Child"];
export type Group = Schemas["ChildrenGroup"];
export type WeekView = Schemas["WeekView"];
export type Strip = Schemas["StripView"];
export type LoomRow = Schemas["LoomRow"];
export type Truth = Schemas["TruthView"];
export type Sliders = Schemas["Sliders"];
export type Wish = Schemas["WishView"];
export type Bench = Schemas["BenchView"];
export type Alternative = Schemas["AlternativeView"];
export type IdeaName = Schemas["IdeaName"];
export type IdeaCardData = Schemas["IdeaCard"];
export type StepsView = Schemas["StepsView"];
export type Tile = Schemas["TileView"];
export type Material = Schemas["MaterialView"];
export type MaterialLine = Schemas["MaterialLineView"];
export type WeekFinding = Schemas["WeekFinding"];
export type WayOut = Schemas["WayOut"];
export type Caution = Schemas["CautionView"];
export type KeptOutStripData = Schemas["KeptOutView"];
export type PrepEvening = Schemas["EveningView"];
export type PrepTask = Schemas["TaskView"];
export type CuttingLayout = Schemas["CuttingLayout"];
export type StandIn = Schemas["StandInView"];
export type Evidence = Schemas["EvidenceView"];
export type HelpLevel = NonNullable<Schemas["HelpLevel"]>;
export type SortedWord = Schemas["WordSortSorted"];
export type ExpectedBand = Schemas["ExpectedBand"];
export type Support = Schemas["Support"];
export type Rota = Schemas["RotaView"];
export type Ladder = Schemas["LadderHead"];
export type StepOffer = Schemas["OfferView"];
export type ThemeDraft = Schemas["ThemeDraft"];
export type Book = Schemas["Book"];
export type BeforeAfterData = Schemas["BeforeAfter"];
export type CameUpKind = Schemas["CameUpKind"];
export type OfferOfDay = Schemas["OfferOfDay"];
export type StrandHead = Schemas["StrandHead"];
export type RefreshData = Schemas["RefreshView"];
export type RefreshOfDay = Schemas["RefreshOfDay"];
export type TermWeek = Schemas["TermWeek"];
export type ReadWord = Schemas["ReadWord"];
export type WrittenPlan = Schemas["WrittenPlan"];
export type InsteadData = NonNullable<Schemas["InsteadView"]>;
export type Timetable = Schemas["Timetable"];
export type RowProblem = Schemas["RowProblem"];
export type WeekDay = "monday" | "tuesday" | "wednesday" | "thursday" | "friday" | "saturday";

export const helpLevels: HelpLevel[] = ["alone", "shown", "hands", "notYet"];
export const supports: Support[] = [
  "seat",
  "frame",
  "handUnderHand",
  "pictureSteps",
  "homeWords",
  "quietPlace",
  "moreTime",
];
export const aims: Aim[] = ["fineMotor", "math", "literacy", "sensory"];
export const weekDays: WeekDay[] = ["monday", "tuesday", "wednesday", "thursday", "friday", "saturday"];

/** Problem details as the server sends them (RFC 9457). */
export interface Problem {
  status?: number | null;
  title?: string | null;
  detail?: string | null;
  fields?: { field: string; value: string; message: string }[];
  /** How it is now, where someone else changed it meanwhile (412). */
  current?: Record<string, unknown>;
}

/** Address of a calculator. */
export type MakingPath = Extract<keyof paths, `/api/making/${string}`>;

/** Asks a calculator; what it refuses is thrown with its field, value and way out. */
export async function make<T>(name: string, ask: Record<string, unknown>): Promise<T> {
  // Its form is made of its description, and so is what is asked: the server says what of it does not fit.
  const { data, error } = await api.POST(`/api/making/${name}` as MakingPath, { body: ask as never });
  if (error) {
    throw error;
  }
  return data as T;
}

/** Sends a pasted or uploaded file as it is; the server finds out how its letters are written. */
export async function sendFile<T>(
  path: string,
  body: Blob | string,
  type: "text/csv" | "text/yaml" | "application/json" | "application/zip",
): Promise<T> {
  const answer = await fetch(path, {
    method: "POST",
    headers: { "Content-Type": type, "Accept-Language": languageNow() },
    body,
  });
  if (!answer.ok) {
    throw (await answer.json()) as Problem;
  }
  return (await answer.json()) as T;
}

/** Sends a picture as it is: the typed client writes JSON only. */
export async function sendPicture(path: string, file: Blob): Promise<void> {
  const answer = await fetch(path, {
    method: "PUT",
    headers: { "Content-Type": "application/octet-stream", "Accept-Language": languageNow() },
    body: file,
  });
  if (!answer.ok) {
    throw (await answer.json()) as Problem;
  }
}
