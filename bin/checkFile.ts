/** Prints each finding of a build file as one line of JSON. Status 0: nothing at stop or fix; 1: some; 2: unreadable, with every error. */
import { readFileSync, statSync } from 'node:fs';
import { buildFileMaxBytes, parseBuildFile } from '../core/build/buildFile';
import { assess } from '../core/checks/assess';
import { messageOf, remedyOf, sourceOf } from '../core/checks/findingText';

function readText(file: string): { text: string } | { error: string } {
  try {
    const { size } = statSync(file);
    if (size > buildFileMaxBytes) return { error: `${file} holds ${size} bytes; at most ${buildFileMaxBytes} are allowed.` };
    return { text: readFileSync(file, 'utf8') };
  } catch (error) {
    return { error: `${file} can't be read: ${error instanceof Error ? error.message : String(error)}.` };
  }
}

const [file, ...rest] = process.argv.slice(2);
const fail = (errors: string[]) => {
  for (const error of errors) console.log(JSON.stringify({ error }));
  process.exitCode = 2;
};
if (!file || rest.length > 0) fail(['One build file is to be named: npm run -s check -- FILE']);
else {
  const read = readText(file);
  const build = 'error' in read ? { ok: false as const, errors: [read.error] } : parseBuildFile(read.text);
  if (!build.ok) fail(build.errors);
  else {
    const findings = assess(build.value.build);
    for (const finding of findings)
      console.log(
        JSON.stringify({ ...finding, message: messageOf(finding), remedy: remedyOf(finding), source: sourceOf(finding) }),
      );
    process.exitCode = findings.some((c) => !c.waived && (c.level === 'stop' || c.level === 'fix')) ? 1 : 0;
  }
}
