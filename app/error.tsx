'use client';

export default function Failed({ reset }: { reset: () => void }) {
  return (
    <main className="page">
      <h1>This page could not be shown</h1>
      <p>What was kept is safe; what you typed waits on this device.</p>
      <p>
        <button type="button" className="button" style={{ marginTop: 14 }} onClick={reset}>
          Try again
        </button>
      </p>
    </main>
  );
}
