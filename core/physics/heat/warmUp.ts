/** A space as two bodies of heat: its air, and shell with furniture. */
export interface TwoNodes {
  /** heat of the air, J/K: about 1,200 J/(m³ K) × volume */ airJK: number;
  /** heat of shell and contents that warms along, J/K */ shellJK: number;
  /** from air to shell, W/K: area × about 7.7 W/(m² K) */ airToShellWK: number;
  /** from shell to outside, W/K */ shellToOutsideWK: number;
  /** from air straight to outside with the air that changes, W/K */ airToOutsideWK: number;
}
export interface Temperatures {
  airC: number;
  shellC: number;
}

/**
 * Temperatures after a time under constant heating, in closed form.
 * C_a dT_a/dt = P − h (T_a − T_s) − G_a (T_a − T_o); C_s dT_s/dt = h (T_a − T_s) − G_s (T_s − T_o).
 * Two linear equations with constant coefficients: their steady state plus two exponentials; the rates are real and negative for any room.
 * @param powerW given to the air, 0 and up
 * @returns °C of air and shell after `seconds`
 * @throws RangeError where a capacity or the way to the shell is not above 0, or nothing leads outside
 * @source first principles
 */
export function warmUp(nodes: TwoNodes, start: Temperatures, powerW: number, outsideC: number, seconds: number): Temperatures {
  const { airJK, shellJK, airToShellWK: h, shellToOutsideWK: gs, airToOutsideWK: ga } = nodes;
  if (!(airJK > 0 && shellJK > 0 && h > 0 && gs + ga > 0 && gs >= 0 && ga >= 0))
    throw new RangeError('Capacities and the way from air to shell must be above 0, and heat must have a way outside.');
  const steady = steadyState(nodes, powerW, outsideC);
  // Rates of the deviation from the steady state: x' = A x.
  const [a, b] = [-(h + ga) / airJK, h / airJK];
  const [c, d] = [h / shellJK, -(h + gs) / shellJK];
  const [mean, spread] = [(a + d) / 2, Math.sqrt(((a - d) / 2) ** 2 + b * c)];
  const [fast, slow] = [mean - spread, mean + spread];
  const [x, y] = [start.airC - steady.airC, start.shellC - steady.shellC];
  // Each deviation is split along the two eigenvectors (b, rate − a).
  const alongSlow = (y * b - x * (fast - a)) / (b * (slow - fast));
  const alongFast = x / b - alongSlow;
  const [f, s] = [alongFast * Math.exp(fast * seconds), alongSlow * Math.exp(slow * seconds)];
  return { airC: steady.airC + b * (f + s), shellC: steady.shellC + (fast - a) * f + (slow - a) * s };
}

/** Where the temperatures end up. */
export function steadyState(
  { airToShellWK: h, shellToOutsideWK: gs, airToOutsideWK: ga }: TwoNodes,
  powerW: number,
  outsideC: number,
): Temperatures {
  // Shell and its way outside in series, beside the air's own way.
  const throughShell = (h * gs) / (h + gs);
  const over = powerW / (ga + throughShell);
  return { airC: outsideC + over, shellC: outsideC + (over * h) / (h + gs) };
}

/**
 * Seconds until the air reaches a temperature; Infinity where it never does. The air warms without turning back, so bisection finds it.
 */
export function secondsToWarm(nodes: TwoNodes, start: Temperatures, powerW: number, outsideC: number, wantedC: number): number {
  if (start.airC >= wantedC) return 0;
  if (steadyState(nodes, powerW, outsideC).airC <= wantedC) return Infinity;
  let [early, late] = [0, 60];
  while (warmUp(nodes, start, powerW, outsideC, late).airC < wantedC) late *= 2;
  for (let i = 0; i < 50; i += 1) {
    const middle = (early + late) / 2;
    if (warmUp(nodes, start, powerW, outsideC, middle).airC < wantedC) early = middle;
    else late = middle;
  }
  return late;
}
