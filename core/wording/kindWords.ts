import type { BuildKind } from '../build/Build';

interface KindWords {
  /** what it is, as it is called in a sentence */ vehicle: string;
  /** what an exhaust has to end beyond */ outline: string;
  /** where exhaust gathers that ends short of that */ gathers: string;
  /** what a tank that is badly held does */ breaksLoose: string;
  /** what a tank’s straps have to hold in */ holdsIn: string;
}

/** Words that differ by what the heater is fitted into. */
export const kindWords: Readonly<Record<BuildKind, KindWords>> = {
  road: {
    vehicle: 'vehicle',
    outline: 'outline',
    gathers: 'underneath',
    breaksLoose: 'it would fly in a crash',
    holdsIn: 'a crash',
  },
  trailer: {
    vehicle: 'trailer',
    outline: 'outline',
    gathers: 'underneath',
    breaksLoose: 'it would fly in a crash',
    holdsIn: 'a crash',
  },
  boat: {
    vehicle: 'boat',
    outline: 'hull',
    gathers: 'in the hull',
    breaksLoose: 'it would break loose in a seaway',
    holdsIn: 'a seaway',
  },
  building: {
    vehicle: 'building',
    outline: 'wall',
    gathers: 'in the building',
    breaksLoose: 'it can tip over',
    holdsIn: 'a knock',
  },
};
