import { create } from "zustand";
import { type LengthUnit, length, type Quantity } from "./units";

type Theme = "dark" | "light";

type Preferences = {
  theme: Theme;
  lengthUnit: LengthUnit;
  /** Strictly one light: a base light is not offered. */
  oneLight: boolean;
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
