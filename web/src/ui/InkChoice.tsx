interface InkChoiceProps<Value extends string | number> {
  /** What is chosen, for those who do not see where it stands. */
  readonly label: string;
  /** Empty where nothing is chosen yet. */
  readonly value: Value | "";
  readonly options: readonly (readonly [Value, string])[];
  readonly onChoose: (value: Value) => void;
}

/** A choice that stands in a sentence, on an ink line. */
export function InkChoice<Value extends string | number>(props: InkChoiceProps<Value>) {
  const { label, value, options, onChoose } = props;
  return (
    <select
      className="ink-choice"
      aria-label={label}
      value={value}
      onChange={({ target }) => {
        const chosen = options.find(([key]) => String(key) === target.value);
        if (chosen !== undefined) onChoose(chosen[0]);
      }}
    >
      {value === "" && (
        <option value="" disabled>
          choose
        </option>
      )}
      {options.map(([key, words]) => (
        <option key={key} value={key}>
          {words}
        </option>
      ))}
    </select>
  );
}
