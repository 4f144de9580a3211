import { NodeProperty, Project, type Workspace } from 'epanet-js';

/** EPANET counts head in metres of the fluid, with its own g of 32.2 ft/s². */
const epanetGravity = 32.2 * 0.3048;
export interface EpanetPipe {
  lengthM: number;
  boreMm: number;
  /** ζ of the fitting at its end */ zeta?: number;
  roughnessM?: number;
}

/** Head lost from the start to the end of each pipe of a row, Pa, by the EPANET engine; fittings as its minor losses. */
export function epanetDropsPa(
  workspace: Workspace,
  pipes: readonly EpanetPipe[],
  flowMlS: number,
  fuel: { viscosityMm2S: number; densityKgM3: number },
): number[] {
  // Enough that nothing falls below nothing, which would only be a warning; not so much that digits are lost.
  const headM = 200000;
  workspace.writeFile(
    'row.inp',
    `[JUNCTIONS]
${pipes.map((_, i) => `J${i + 1} 0 ${i + 1 === pipes.length ? flowMlS / 1000 : 0}`).join('\n')}
[RESERVOIRS]
J0 ${headM}
[PIPES]
${pipes.map(({ lengthM, boreMm, zeta = 0, roughnessM = 1.5e-6 }, i) => `P${i} J${i} J${i + 1} ${lengthM} ${boreMm} ${roughnessM * 1000} ${zeta} Open`).join('\n')}
[OPTIONS]
Units LPS
Headloss D-W
Viscosity ${(fuel.viscosityMm2S * 1e-6).toFixed(12)}
Accuracy 0.00001
Headerror 0.000001
Trials 200
[END]
`,
  );
  const project = new Project(workspace);
  project.open('row.inp', 'row.rpt', 'row.out');
  project.solveH();
  const drops = pipes.map(
    (_, i) =>
      (headM - project.getNodeValue(project.getNodeIndex(`J${i + 1}`), NodeProperty.Head)) * fuel.densityKgM3 * epanetGravity,
  );
  project.close();
  return drops;
}
