/** English sounds as a teacher writes them: with the letters that most often say them, and a word to hear it in. */
const spelled: Record<string, string> = {
  AA: "o as in pot",
  AE: "a as in cat",
  AH: "u as in cup",
  AO: "aw as in saw",
  AW: "ow as in cow",
  AY: "i as in ice",
  CH: "ch",
  DH: "th as in this",
  EH: "e as in egg",
  ER: "er as in her",
  EY: "a as in cake",
  HH: "h",
  IH: "i as in in",
  IY: "ee as in see",
  JH: "j",
  NG: "ng",
  OW: "o as in go",
  OY: "oy as in boy",
  SH: "sh",
  TH: "th as in thin",
  UH: "oo as in book",
  UW: "oo as in moon",
  ZH: "s as in measure",
};

/** A sound as it is said of on screen; single letters stand for themselves. */
export const spelledSound = (sound: string) => spelled[sound.replace(/\d/g, "")] ?? sound.toLowerCase();
