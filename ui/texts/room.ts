import { createI18n, strings, transform, type Translations, type params as paramsType } from '@nanostores/i18n';
import { atom, keepMount } from 'nanostores';

/** Languages that there are texts for. */
export type Locale = 'en';
/** The language of this device; whoever sets it draws the page anew (`key` of its root). */
export const locale = atom<Locale>('en');

// Texts in other languages come from here when they are written; those in English stand in ui/texts/en.
const i18n = createI18n(locale, { get: () => Promise.resolve([]) });

/** Texts with words put in: `params('Remove {name}')`. What is put in is never itself read as a text, whatever a person is called. */
export const params = transform((_locale, translation, values: Readonly<Record<string, string | number>> = {}) =>
  strings(translation, (text) => text.replace(/\{(\w+)\}/g, (whole, name: string) => String(values[name] ?? whole))),
) as unknown as typeof paramsType;

/**
 * The texts of one room of the interface, in the language of the moment.
 * @param name one name for each room
 */
export function room<Body extends Translations>(name: string, body: Body): Body {
  const store = i18n(name, body);
  keepMount(store);
  return new Proxy(body, { get: (_body, key) => store.get()[key as keyof Body] });
}
