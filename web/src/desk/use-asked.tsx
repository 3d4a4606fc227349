import {
  DESK_FIELDS,
  readAsked,
  valuesOf,
  type AskedPart,
  type AskedReadings,
  type Desk,
  type EntryField,
  type EntryValues,
  type FieldReading,
} from "@kestrelmoor/core/typing";
import { useMemo, type ReactNode } from "react";
import { useDesk } from "./desk";
import { DeskField } from "./DeskField";

export interface Asked<Part extends AskedPart> {
  /** The question as it is typed. */
  readonly typed: Desk[Part];
  readonly readings: AskedReadings<Part>;
  /** What its figures say; `null` for one that says nothing yet. */
  readonly values: EntryValues<(typeof DESK_FIELDS)[Part]>;
  /** One of its fields, where it stands in the sentence. */
  readonly field: (name: keyof (typeof DESK_FIELDS)[Part] & string) => ReactNode;
  readonly change: (to: Partial<Desk[Part]>) => void;
}

/** One question on the pages of rates and of tables. */
export function useAsked<Part extends AskedPart>(part: Part): Asked<Part> {
  const typed = useDesk(({ desk }) => desk[part]);
  const changePart = useDesk((state) => state.change);
  const readings = useMemo(() => readAsked(part, typed), [part, typed]);
  const change = (to: Partial<Desk[Part]>) => changePart(part, to);
  // Of the one part that it is: a table of all parts cannot tell that field and text belong together.
  const fields = DESK_FIELDS[part] as Readonly<Record<string, EntryField<unknown>>>;
  const texts = typed as unknown as Readonly<Record<string, string>>;
  const came = readings as Readonly<Record<string, FieldReading<unknown>>>;
  return {
    typed,
    readings,
    values: valuesOf<(typeof DESK_FIELDS)[Part]>(readings),
    change,
    field: (name) => {
      const [field, reading] = [fields[name], came[name]];
      if (field === undefined || reading === undefined) return null;
      return (
        <DeskField
          id={`${part}-${name}`}
          field={field}
          text={texts[name] ?? ""}
          reading={reading}
          onType={(text) => change({ [name]: text } as Partial<Desk[Part]>)}
        />
      );
    },
  };
}
