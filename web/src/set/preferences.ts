import { create } from "zustand";
import { inUnit, type LengthUnit, length, type Quantity } from "./units";

type Theme = "dark" | "light";

type Preferences = {
  theme: Theme;
  lengthUnit: LengthUnit;
  /** Strictly one light: a base light is not offered. */
  oneLight: boolean;
  /** Whether the tour was taken or declined. */
  toured: boolean;
  setToured: () => void;
  setTheme: (theme: Theme) => void;
  setLengthUnit: (unit: LengthUnit) => void;
  setOneLight: (strict: boolean) => void;
};

function kept(key: string): string | null {
  try {
    return localStorage.getItem(`zephyrdune:${key}`);
  } catch {
    return null;
  }
}

function keep(key: string, value: string): void {
  try {
    localStorage.setItem(`zephyrdune:${key}`, value);
  } catch {
    // a preference that cannot be kept holds until the page is closed
  }
}

function showTheme(theme: Theme): void {
  document.documentElement.dataset.theme = theme;
}

export const usePreferences = create<Preferences>((put) => {
  const theme: Theme = kept("theme") === "light" ? "light" : "dark";
  showTheme(theme);
  return {
    theme,
    lengthUnit: kept("length-unit") === "in" ? "in" : "cm",
    oneLight: kept("one-light") === "strict",
    toured: kept("tour") === "seen",
    setToured: () => {
      keep("tour", "seen");
      put({ toured: true });
    },
    setTheme: (next) => {
      showTheme(next);
      keep("theme", next);
      put({ theme: next });
    },
    setOneLight: (oneLight) => {
      keep("one-light", oneLight ? "strict" : "free");
      put({ oneLight });
    },
    setLengthUnit: (lengthUnit) => {
      keep("length-unit", lengthUnit);
      put({ lengthUnit });
    },
  };
});

export function useLength(): Quantity {
  return length(usePreferences((preferences) => preferences.lengthUnit));
}

/** Says sentences of the server's in the chosen unit of length. */
export function useSaid(): (sentence: string) => string {
  const unit = usePreferences((preferences) => preferences.lengthUnit);
  return (sentence) => inUnit(sentence, unit);
}

/** The same for what is said once, in passing. */
export function said(sentence: string): string {
  return inUnit(sentence, usePreferences.getState().lengthUnit);
}
