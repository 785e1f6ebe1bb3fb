/** The kit that stands before the practice camera; another number would be another one. */
export const PRACTICE_KIT = 9;
