import { EventEmitter } from 'node:events';
import pg from 'pg';
import { config } from './config';
import { log } from './log';

interface Hearing {
  heard: EventEmitter;
  client: pg.Client | null;
}
// One connection a process listens for all builds; it is opened when somebody first watches.
const shared = globalThis as typeof globalThis & { lorbetHearing?: Hearing };

async function listen(hearing: Hearing): Promise<void> {
  const client = new pg.Client({ connectionString: config().databaseUrl, keepAlive: true });
  hearing.client = client;
  const again = () => {
    if (hearing.client !== client) return;
    hearing.client = null;
    // Whoever watches looks once more when the way is free again, since something may have been missed.
    setTimeout(() => {
      if (hearing.heard.eventNames().length === 0) return;
      listen(hearing).then(
        () => hearing.heard.eventNames().forEach((name) => hearing.heard.emit(name, 0)),
        () => undefined,
      );
    }, 2000).unref();
  };
  client.on('error', (error) => {
    log().warn({ err: error.message }, 'listening for changes broke off');
    again();
  });
  client.on('end', again);
  client.on('notification', ({ payload }) => {
    const [buildId = '', seq = '0'] = (payload ?? '').split(' ');
    hearing.heard.emit(buildId, Number(seq));
  });
  try {
    await client.connect();
    await client.query('LISTEN lorbet_build');
  } catch (error) {
    again();
    throw error;
  }
}

/**
 * Tells of each new ledger row of a build, whichever process wrote it.
 * @param told called with the row's sequence number, 0 where something may have been missed, null when this process ends
 * @returns how to stop watching
 */
export async function watchBuild(buildId: string, told: (seq: number | null) => void): Promise<() => void> {
  shared.lorbetHearing ??= { heard: new EventEmitter().setMaxListeners(0), client: null };
  const hearing = shared.lorbetHearing;
  hearing.heard.on(buildId, told);
  if (!hearing.client) await listen(hearing).catch(() => undefined);
  return () => hearing.heard.off(buildId, told);
}

export async function stopListening(): Promise<void> {
  const { lorbetHearing } = shared;
  delete shared.lorbetHearing;
  lorbetHearing?.heard.eventNames().forEach((name) => lorbetHearing.heard.emit(name, null));
  lorbetHearing?.heard.removeAllListeners();
  await lorbetHearing?.client?.end().catch(() => undefined);
}
