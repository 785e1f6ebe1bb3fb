import { type RefObject, useRef } from "react";

type Props = {
  picker: RefObject<HTMLInputElement | null>;
  accept: string;
  label: string;
  testId: string;
  onFile: (file: File) => void;
};

/** What a button opens to pick a file; the same file can be picked again. */
export function FilePick({ picker, accept, label, testId, onFile }: Props) {
  return (
    <input
      ref={picker}
      type="file"
      accept={accept}
      aria-label={label}
      data-testid={testId}
      className="hidden"
      onChange={(event) => {
        const file = event.target.files?.[0];
        event.target.value = "";
        if (file) onFile(file);
      }}
    />
  );
}

export function usePicker(): RefObject<HTMLInputElement | null> {
  return useRef<HTMLInputElement>(null);
}
