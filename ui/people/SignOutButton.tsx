'use client';
import { postJson } from './postJson';

export function SignOutButton() {
  return (
    <button
      type="button"
      className="plain-button"
      onClick={() => void postJson('/api/sign-out', {}).then(() => window.location.assign('/sign-in'))}
    >
      Sign out
    </button>
  );
}
