type Props = {
  label: string;
  placeholder: string;
  value: string;
  onChange: (value: string) => void;
};

/** A line of text that somebody types, as wide as there is room. */
export function TextInput({ label, placeholder, value, onChange }: Props) {
  return (
    <input
      aria-label={label}
      placeholder={placeholder}
      value={value}
      onChange={(event) => onChange(event.target.value)}
      className="h-9 min-w-0 flex-1 rounded-md border border-edge/60 bg-transparent px-2 text-sm max-sm:h-11"
    />
  );
}
