import { params, room } from '../room';

/** English. What stands on the page itself is in the owner’s language (formats/owner/texts). */
export const owner = room('owner', {
  title: 'Your heater',
  opening: 'Opening …',
  noLink: 'This address holds no link. Ask your workshop for it.',
  unreachable: 'There is no way through to the workshop, and this page was not opened on this device before.',
  old: 'No way through to the workshop: this is what it said last.',
  language: 'Language',
  links: 'Page for the owner',
  linksIntro:
    'A page to read, without a sign-in: how to light and stop it, signs, dates, whom to call. It opens without coverage once it was opened. Whoever holds the link can read it, until it is ended.',
  make: 'Make a link',
  giveIt: 'Give this link to the owner. It is shown once.',
  madeBy: params('made {when} by {by}'),
  endedBy: params('ended {when} by {by}'),
  end: 'End it',
  endOf: params('End the link made {when}'),
});
