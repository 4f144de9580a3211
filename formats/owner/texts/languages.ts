import { de } from './de';
import { en } from './en';
import type { OwnerTexts } from './OwnerTexts';

/** Languages of an owner's papers; one more is a file and its line here. */
export const languages = { en, de } as const satisfies Record<string, OwnerTexts>;
export type Language = keyof typeof languages;
export const isLanguage = (text: string): text is Language => Object.hasOwn(languages, text);
