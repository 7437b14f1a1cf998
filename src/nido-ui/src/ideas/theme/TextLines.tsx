import { useState } from "react";

/** A few short texts: a line each, or with commas between. */
export function TextLines({
  label,
  lines,
  comma = false,
  onChange,
}: {
  label: string;
  lines: string[] | undefined;
  comma?: boolean;
  onChange: (lines: string[]) => void;
}) {
  const [text, setText] = useState((lines ?? []).join(comma ? ", " : "\n"));
  return (
    <label className="flex flex-col gap-1">
      {label}
      <textarea
        className={`textarea w-full ${comma ? "h-12" : "h-20"}`}
        value={text}
        onChange={(e) => {
          setText(e.target.value);
          onChange(
            e.target.value
              .split(comma ? /[,;\n]+/ : /\n/)
              .map((l) => l.trim())
              .filter(Boolean),
          );
        }}
      />
    </label>
  );
}
