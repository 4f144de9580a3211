import { ownerFacts } from '../../../../../core/drawing/handover/ownerFacts';
import { fileName } from '../../../../../formats/buildFile';
import { writeCalendar } from '../../../../../formats/owner/calendarIcs';
import { writeLabels } from '../../../../../formats/owner/labelsPdf';
import { writeOwnerSheet } from '../../../../../formats/owner/ownerSheetPdf';
import { isLanguage, languages } from '../../../../../formats/owner/texts/languages';
import { papers } from '../../../../../formats/templatePdf';
import { workshopOf } from '../../../../../store/people';
import { download, refused } from '../../../../lib/answers';
import { documentRoute } from '../../../../lib/handle';

/** What the owner leaves with: the sheet to fold, labels at true scale, dates for a calendar. */
export const GET = documentRoute('look', async ({ request, kept, person }) => {
  const { build } = kept;
  const asked = new URL(request.url).searchParams;
  const [of, language, paper] = [asked.get('of') ?? '', asked.get('language') ?? 'en', asked.get('paper') ?? 'A4'];
  if (!isLanguage(language))
    return refused(400, `language is “${language.slice(0, 20)}”; allowed is ${Object.keys(languages).join(' or ')}.`);
  if (!Object.hasOwn(papers, paper)) return refused(400, `paper is “${paper.slice(0, 20)}”; allowed is A4 or Letter.`);
  const [facts, { name: workshop }] = [ownerFacts(build), await workshopOf(person)];
  const name = `${fileName(build)}-${of}-${language}`;
  if (of === 'sheet')
    return download(new Uint8Array(await writeOwnerSheet(facts, workshop, language)), 'application/pdf', `${name}.pdf`);
  if (of === 'labels')
    return download(
      new Uint8Array(await writeLabels(facts, language, paper === 'A4' ? 'A4' : 'LETTER')),
      'application/pdf',
      `${name}.pdf`,
    );
  if (of !== 'calendar') return refused(400, `of is “${of.slice(0, 20)}”; allowed is sheet, labels or calendar.`);
  const calendar = writeCalendar(build.id, facts, workshop, language);
  return calendar === null
    ? refused(
        409,
        'There are no dates yet: they are counted from the signature, or from the first start that reached full output.',
      )
    : download(calendar, 'text/calendar; charset=utf-8', `${name}.ics`);
});
