import { params, room } from '../room';

/** English. */
export const kit = room('kit', {
  whereWhenAndByWhichPhone: 'Where, when and by which phone they were taken is left out of what is kept.',
  holdsBytesAtMostAreAllowed: params('{name} holds {size} bytes; at most {rowsCsvMaxBytes} are allowed.'),
  theUsualParts: params('{family}: the usual parts'),
  importPartsCsv: 'Import parts (CSV)',
  downloadListCsv: 'Download list (CSV)',
  thisPart: 'this part',
  stateOf: params('State of {name}'),
  everythingOutOfTheBoxEach: 'Everything out of the box, each part in the hand, before the first hole.',
  ofLookedAt: params(' {looked} of {n} looked at.'),
  dataPlate: 'Data plate',
  figuresOfTheManualGoOn: 'Figures of the manual go on the sheet “heater & conditions”; they go before the workshop’s practices.',
  lookedAtAndThere: 'Looked at, and as it should be',
  parts: params('{folded} parts'),
  taken: 'What pipes, ducts and hoses take',
  takenNote: 'as they are entered: pieces, cuts, clamps',
  listThem: params('Put {n} of them on the list'),
});
