export interface PumpingSpell {
  startMs: number;
  /** null while the pump still runs */ stopMs: number | null;
}

/**
 * Strokes of a pump that clicks at a steady rate, from clock times alone: right also when the screen slept.
 * @param spells times of starting and stopping, ms of the same clock
 * @param frequencyHz strokes a second
 * @param nowMs the clock now, ms
 * @returns strokes, whole
 * @source definition
 */
export function strokesCounted(spells: readonly PumpingSpell[], frequencyHz: number, nowMs: number): number {
  const ms = spells.reduce((sum, spell) => sum + Math.max(0, (spell.stopMs ?? nowMs) - spell.startMs), 0);
  return Math.floor((ms / 1000) * frequencyHz + 1e-9);
}
