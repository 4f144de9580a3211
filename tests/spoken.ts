import type { Finding } from '../core/checks/Finding';
import { messageOf, remedyOf } from '../core/checks/findingText';

/** A finding with its sentences, for tests that read both. */
export const spoken = (finding: Finding) => ({ ...finding, message: messageOf(finding), remedy: remedyOf(finding) });
