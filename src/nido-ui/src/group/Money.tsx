import { useState } from "react";
import { numberOf } from "../shared/numbers";

/** Money as it is written, kept in cents; empty is none. A label may hand it an id. */
export function Money({
  cents,
  onChange,
  ...rest
}: {
  cents: number;
  onChange: (cents: number) => void;
  id?: string;
  "aria-describedby"?: string;
  "aria-invalid"?: boolean;
}) {
  const [text, setText] = useState(cents > 0 ? (cents / 100).toFixed(2) : "");
  return (
    <input
      {...rest}
      inputMode="decimal"
      className="input w-full"
      value={text}
      onChange={(e) => {
        setText(e.target.value);
        onChange(Math.round(100 * (numberOf(e.target.value) ?? 0)));
      }}
    />
  );
}
