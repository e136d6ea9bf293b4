/**
 * The languages that there is a catalogue for, the base language first: as in project.inlang, for whatever must not take
 * the words along. A test holds the two together.
 */
export const languages = ['en', 'es'] as const;
export type Language = (typeof languages)[number];
