import type { RowOf } from '../../build/lists';

type Part = RowOf<'parts'>;

/** Known as weak and not replaced. */
export const isWeakInUse = ({ state, weak }: Part): boolean => weak !== undefined && weak !== 'none' && state === 'present';
/** There and as it should be: nothing more is to be done about it. */
export const isFine = (part: Part): boolean => part.state === 'replaced' || (part.state === 'present' && !isWeakInUse(part));
