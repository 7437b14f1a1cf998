import {
  Children,
  cloneElement,
  createContext,
  isValidElement,
  type ReactElement,
  type ReactNode,
  useContext,
  useEffect,
  useId,
  useMemo,
} from "react";
import type { Problem } from "../api/client";

type FieldProblem = NonNullable<Problem["fields"]>[number];

interface Told {
  fields: FieldProblem[];
  /** Names of fields that say their problem themselves. */
  atTheirField: Set<string>;
}

const Refusals = createContext<Told>({ fields: [], atTheirField: new Set() });

/** A field of the server, "children[0].bornOn", is the field "bornOn" of a form. */
export const isAbout = (field: string, name: string) => field === name || field.endsWith(`.${name}`);

/** What of a refusal no field of the form says itself. */
export const elsewhere = (fields: FieldProblem[], names: Iterable<string>) => {
  const said = [...names];
  return fields.filter((f) => !said.some((name) => isAbout(f.field, name)));
};

/** Around the fields of a form: what the server refused is said at its field, the rest in the note. */
export function Refused({ error, children }: { error: unknown; children: ReactNode }) {
  const fields = error instanceof Error ? [] : ((error as Problem | null)?.fields ?? []);
  const atTheirField = useMemo(() => new Set<string>(), []);
  return <Refusals value={{ fields, atTheirField }}>{children}</Refusals>;
}

/** What is refused elsewhere than at a field of this form. */
export function useElsewhere(fields: FieldProblem[]) {
  return elsewhere(fields, useContext(Refusals).atTheirField);
}

/** A field with its label; what the server says of it stands beneath, and a screen reader hears it with the field. */
export function Labelled({
  name,
  label,
  className = "",
  children,
}: {
  name: string;
  label: ReactNode;
  className?: string;
  children: ReactNode;
}) {
  const { fields, atTheirField } = useContext(Refusals);
  const id = useId();
  const problem = fields.find((f) => isAbout(f.field, name));
  useEffect(() => {
    atTheirField.add(name);
    return () => {
      atTheirField.delete(name);
    };
  }, [atTheirField, name]);
  const [control, ...rest] = Children.toArray(children);
  return (
    // biome-ignore lint/a11y/noLabelWithoutControl: the control is the first child
    <label className={`flex flex-col gap-1 ${className}`}>
      {label}
      {problem && isValidElement(control)
        ? cloneElement(control as ReactElement<Record<string, unknown>>, {
            "aria-invalid": true,
            "aria-describedby": id,
          })
        : control}
      {problem && (
        <span id={id} className="font-bold text-[13px] text-error">
          {problem.message}
        </span>
      )}
      {rest}
    </label>
  );
}
