/** A heater stays so far above the water in which its vehicle wades, mm. Lorbet's own choice, no source. */
export const wadingMarginMm = 100;
