import { takeNews } from '../../core/ledger/News';
import { device, type KeptBuild } from './device';
import type { Link } from './Waiting';
import { wayTo } from './way';

export type Opened =
  | ({ kind: 'ready'; link: Link } & Pick<KeptBuild, 'known' | 'who' | 'tag'>)
  | { kind: 'missing' }
  | { kind: 'signed-out' }
  | { kind: 'unreachable' };

/** How long the server is waited for before what this device holds is shown. */
const patienceMs = 4000;

/**
 * Opens a build: as the server has it, of which only what is new to this device is fetched; or as the device saw it last, where there is
 * no way through.
 */
export async function openBuild(id: string): Promise<Opened> {
  const kept = await device.readBuild(id);
  const way = wayTo(id);
  const held = kept && { lastSeq: kept.known.kept.lastSeq, tag: kept.tag };
  let answer = await way.look(held, kept ? AbortSignal.timeout(patienceMs) : undefined);
  let known = answer.kind === 'news' ? takeNews(kept?.known ?? null, answer.news) : null;
  if (answer.kind === 'news' && !known) {
    answer = await way.look(null);
    known = answer.kind === 'news' ? takeNews(null, answer.news) : null;
  }
  if (answer.kind === 'news' && known) return { kind: 'ready', link: 'kept', known, who: answer.who, tag: answer.tag };
  if (answer.kind === 'signed-out') return answer;
  if (answer.kind === 'missing' || answer.kind === 'refused') {
    await device.dropBuild(id);
    return { kind: 'missing' };
  }
  if (!kept) return { kind: 'unreachable' };
  return { ...kept, kind: 'ready', link: answer.kind === 'nothing' ? 'kept' : 'unreachable' };
}
