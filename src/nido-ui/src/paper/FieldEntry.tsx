import type { SheetField } from "./sheetValues";

/** A field of a sheet, made from what the server says of it; what is refused stands beneath. */
export function FieldEntry({
  field: f,
  text,
  problem,
  onChange,
}: {
  field: SheetField;
  text: string;
  problem: string | null;
  onChange: (text: string) => void;
}) {
  const wide = f.kind === "list" || f.kind === "text";
  const wrong = problem ? "border-error" : "";
  const described = problem ? { "aria-invalid": true, "aria-describedby": `problem-${f.name}` } : {};
  const id = `field-${f.name}`;
  return (
    <div className={`flex flex-col gap-1 ${wide ? "col-span-2" : ""}`}>
      <label htmlFor={id}>
        {f.label}
        {f.unit && <span className="quiet">, {f.unit}</span>}
      </label>
      {f.kind === "choice" ? (
        <select
          id={id}
          className={`select select-sm w-full ${wrong}`}
          value={text}
          onChange={(e) => onChange(e.target.value)}
        >
          {f.choices.map((c) => (
            <option key={c.id} value={c.id}>
              {c.name}
            </option>
          ))}
        </select>
      ) : f.kind === "list" ? (
        <textarea
          id={id}
          className={`textarea child w-full text-base ${wrong}`}
          rows={Math.min(8, Math.max(3, text.split("\n").length))}
          value={text}
          onChange={(e) => onChange(e.target.value)}
          {...described}
        />
      ) : (
        <input
          id={id}
          className={`input input-sm w-full ${f.kind === "text" ? "child text-base" : ""} ${wrong}`}
          inputMode={f.kind === "text" ? "text" : "decimal"}
          value={text}
          onChange={(e) => onChange(e.target.value)}
          {...described}
        />
      )}
      {(f.kind === "number" || f.kind === "whole") && (
        <span className="quiet text-xs">
          {f.least}–{f.most}
        </span>
      )}
      {problem && (
        <span id={`problem-${f.name}`} role="alert" className="text-error text-[13px]">
          {problem}
        </span>
      )}
    </div>
  );
}
