/** Standard acceleration of free fall, m/s². Source: CGPM 1901 (from memory). */
export const gravityMS2 = 9.80665;
