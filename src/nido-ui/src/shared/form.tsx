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
  /** A refusal's fields as the form names them. */
  named: (fields: FieldProblem[]) => FieldProblem[];
  /** Names of fields that say their problem themselves. */
  atTheirField: Set<string>;
}

const Refusals = createContext<Told>({ fields: [], named: (fields) => fields, atTheirField: new Set() });

/** Fields of a thing that was sent in a list, "children[0].bornOn", by their names within it; others as they are. */
export const within = (list: string, fields: FieldProblem[]) =>
  fields.map((f) => ({ ...f, field: f.field.replace(new RegExp(`^${list}\\[\\d+\\]\\.`), "") }));

/** What of a refusal no field of the form says itself. */
export const elsewhere = (fields: FieldProblem[], names: ReadonlySet<string>) =>
  fields.filter((f) => !names.has(f.field));

/** Around the fields of a form: what the server refused is said at its field, the rest in the note. */
export function Refused({
  error,
  list,
  children,
}: {
  error: unknown;
  /** The list in which what this form describes is sent. */
  list?: string;
  children: ReactNode;
}) {
  const named = (fields: FieldProblem[]) => (list ? within(list, fields) : fields);
  const fields = named(error instanceof Error ? [] : ((error as Problem | null)?.fields ?? []));
  const atTheirField = useMemo(() => new Set<string>(), []);
  return <Refusals value={{ fields, named, atTheirField }}>{children}</Refusals>;
}

/** What of an error is refused elsewhere than at a field of the form around it. */
export function useElsewhere(all: FieldProblem[]) {
  const { named, atTheirField } = useContext(Refusals);
  return elsewhere(named(all), atTheirField);
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
  const problem = fields.find((f) => f.field === name);
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
