/** Of the words that say why a set cannot stand; fields that are to blame point there. */
export const IMPOSSIBLE_ID = "impossible-set";
