import { params, room } from '../room';

/** English. */
export const verify = room('verify', {
  title: 'Verify a certificate',
  intro:
    'Choose the PDF that you were given, or open this page by the code on its first page. The file stays in this browser: only its key’s name, its build’s and one hash are asked for.',
  file: 'Certificate, PDF',
  choose: 'Choose the PDF',
  orDrop: 'or drop it here',
  looking: 'Reading the certificate',
  tooLarge: params('The file holds {mb} MB; at most {most} MB are allowed.'),
  noCode: 'The code in this address is cut off or no certificate’s; scan it once more, or choose the file.',
  noPaper: 'This is no PDF that can be read. Choose the file as the workshop gave it.',
  holds: 'Paper, build and ledger agree',
  partly: 'Some of it agrees; some can’t be told',
  broken: 'Not to be believed',
  isWithdrawn: 'Withdrawn by its workshop',
  sound: 'agrees',
  watch: 'can’t be told',
  stop: 'does not agree',
  statement: 'What the workshop signed',
  seal: 'The paper',
  build: 'The build',
  ledger: 'The ledger',
  signature: 'Who signed the work',
  key: 'The key',
  since: 'After the signature',
  later: 'After this paper was made',
  notProven:
    'None of this proves that what was typed is true, that a clock was right, or that an inspector agrees. A certificate of Lorbet is no approval.',
});
