import { defineCheck } from '../Check';
import { trade } from '../sources';

/** That whoever lives with the heater knows how, and finds it written where it is needed. */
export const handoverChecks = [
  defineCheck({
    id: 'handover.instructions',
    stage: 'signoff',
    holdPoint: 'handover',
    part: 'heater',
    why: 'The owner alone will be there: who cuts the power of a hot heater, or runs it while refuelling, was not told.',
    remedy: 'Print the owner’s sheet (Sign-off, Hand-over), and light and stop the heater together with the owner.',
    source: `${trade} UN Regulation 122, Annex 7, wants instructions with the heater, in substance (from memory).`,
    messages: {
      none: 'The owner has no instructions.',
      given: 'The owner has the instructions, and was shown nothing at the heater.',
      shown: 'The owner has the instructions, and was shown how to light it and stop it.',
    },
    remedies: { given: 'Light and stop the heater together with the owner.' },
    assess(read, say) {
      const { told } = read.all({ told: 'proving.ownerTold' });
      if (told === 'none') return say.fix('none');
      return told === 'given' ? say.watch('given') : say.sound('shown');
    },
  }),
  defineCheck({
    id: 'handover.label',
    stage: 'signoff',
    holdPoint: 'handover',
    part: 'heater',
    why: 'A heater that runs while fuel is filled can set it alight; the notice stands where the hand is.',
    remedy:
      'Print the labels at true scale (Sign-off, Hand-over): one goes to the filler, one to the controller or the isolator.',
    source:
      'UN Regulation 122, Annex 7: a label at the filler that the heater is off before refuelling (from memory); the local code decides. The notice to stop it by its button is common practice, no source.',
    messages: {
      neither: 'There is no notice at the filler, and none of how to stop it.',
      filler: 'There is no notice of how to stop it.',
      stop: 'There is no notice at the filler that the heater is off before refuelling.',
      both: 'Notices stand at the filler and where it is stopped.',
    },
    remedies: {
      filler: 'Print the labels; the shut-down notice goes to the controller or the isolator.',
      stop: 'Print the labels; the one for refuelling goes to the filler.',
    },
    assess(read, say) {
      const { notices } = read.all({ notices: 'proving.noticesThere' });
      if (notices === 'none') return say.fix('neither');
      if (notices === 'stop') return say.fix('stop');
      return notices === 'filler' ? say.fix('filler') : say.sound('both');
    },
  }),
];
