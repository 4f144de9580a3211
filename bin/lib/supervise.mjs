import { ancestors, stillRuns } from './process.mjs';
import { say } from './run.mjs';

/** Pauses before each further try to start again what ended by itself, ms; where all of them within the time were of no use, it is given up. */
const pausesMs = [0, 1000, 2000, 5000, 10_000, 20_000];
const forgottenMs = 10 * 60_000;
const sleep = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

/**
 * Starts one thing again whenever it ends by itself.
 * @param again starts it; whether it runs then
 * @param giveUp told in a sentence that it can't be kept running
 * @param stopping whether all is being ended, so that nothing is started any more
 * @returns what to call when it is gone
 */
export function keepRunning(what, { again, giveUp, stopping }) {
  let tries = [];
  let under = false;
  return async () => {
    if (under) return;
    under = true;
    while (!stopping()) {
      tries = tries.filter((at) => Date.now() - at < forgottenMs);
      const pauseMs = pausesMs[tries.length];
      if (pauseMs === undefined) {
        giveUp(
          `${what} ended by itself ${tries.length} times within ten minutes and is not started again; look at the lines above.`,
        );
        return;
      }
      tries.push(Date.now());
      say(`${what} ended by itself; it is started again${pauseMs ? ` in ${pauseMs / 1000} s` : ''} (try ${tries.length}).`);
      await sleep(pauseMs);
      if (stopping()) break;
      if (await again()) {
        say(`${what} runs again.`);
        break;
      }
    }
    under = false;
  };
}

/** Looks each second whether something still runs. @returns how to leave off */
export function watch(runs, gone) {
  const timer = setInterval(() => {
    if (!runs()) gone();
  }, 1000);
  timer.unref();
  return () => clearInterval(timer);
}

/**
 * A service manager or a container sends TERM to the process that it began: that is npm, or the shell between, and neither passes it on.
 * Where one of those two goes, so does this.
 */
export function endWithNpm(end) {
  if (!process.env.npm_lifecycle_event) return;
  const above = ancestors(process.pid, 3);
  const npm = above.findIndex(({ command }) => /\bnpm\b/.test(command));
  const looked = above.slice(0, npm + 1);
  if (looked.length === 0) return;
  setInterval(() => {
    if (looked.some((one) => !stillRuns(one))) end();
  }, 300).unref();
}
