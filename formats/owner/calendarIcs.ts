import { createEvents, type EventAttributes } from 'ics';
import type { OwnerFacts } from '../../core/drawing/handover/ownerFacts';
import { languages, type Language } from './texts/languages';
import type { OwnerTexts } from './texts/OwnerTexts';

type Day = [number, number, number];
const dayOf = (text: string): Day => text.split('-').map(Number) as Day;

/**
 * What comes round again as a calendar (iCalendar, RFC 5545): a day each, that comes again by its rule.
 * The same build gives the same entries, so that a calendar read anew changes them and adds none.
 * @returns null before hand-over: nothing is counted yet
 */
export function writeCalendar(buildId: string, facts: OwnerFacts, workshop: string, language: Language): string | null {
  if (facts.handedOver === null) return null;
  const t: OwnerTexts = languages[language];
  const { value, error } = createEvents(
    facts.dues.map(({ kind, firstDay, everyMonths }): EventAttributes => ({
      uid: `${buildId}-${kind}@lorbet`,
      productId: 'lorbet',
      title: `${t.dues[kind]}: ${facts.name}`,
      description: `${t.dueWhy[kind]} ${workshop}. ${t.notice}`,
      start: dayOf(firstDay),
      duration: { days: 1 },
      ...(everyMonths === null ? {} : { recurrenceRule: `FREQ=MONTHLY;INTERVAL=${everyMonths}` }),
      calName: facts.name,
      alarms:
        kind === 'service' || kind === 'alarmEnds'
          ? [{ action: 'display', description: t.dues[kind], trigger: { days: 14, before: true } }]
          : [],
    })),
  );
  if (error || value === undefined) throw new TypeError(`The calendar can’t be written: ${error?.message ?? 'no reason given'}`);
  return value;
}
