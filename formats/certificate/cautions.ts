import type { Section } from './Section';

/** What this paper does not claim, and what whoever sleeps beside a heater has to know. */
export const cautions: Section = (page) => {
  page.heading('Cautions, and what this paper does not claim');
  for (const text of [
    'It records what the workshop measured and how it compares with the limits named. It is no approval, no type test and no permission; the maker’s manual, the local code, the inspector and licensed trades decide.',
    'Standards are quoted from memory and by number only; where a limit is a habit of the trade or Lorbet’s own choice, the annex says so.',
    'A carbon monoxide alarm is kept in working order and tested as its instructions say. Headache or sickness: out, doors open, heater off by its button, call for help.',
    'Never cut the power of a hot heater. Never run it while refuelling or in a closed building. Keep exhaust and intake clear of snow, mud and nests.',
  ])
    page.paragraph(`• ${text}`);
};
