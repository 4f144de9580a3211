import type { controllerLooks } from '../../build/listKinds';
import { toDo } from '../../reading/NotMeasured';
import type { Reader } from '../../reading/Reader';

type Fault = Exclude<keyof typeof controllerLooks, 'good'>;

/**
 * What going through the controller says, where nothing finer was read.
 * It names the worst alone: one that found another fault tells nothing of the rest, and is made again once that is mended.
 * @returns the fault of those asked for that it found; null where all is as it should be
 * @throws through the reader where nobody has gone through it, or another fault was found
 */
export function goneThrough<F extends Fault = never>(read: Reader, ...faults: readonly F[]): F | null {
  const { looks } = read.all({ looks: 'controller.looks' });
  const found = faults.find((fault) => fault === looks);
  if (found !== undefined) return found;
  return looks === 'good'
    ? null
    : read.missing(...toDo('mend what going through the controller found, and go through it once more'));
}
