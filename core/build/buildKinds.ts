export const buildKinds = { road: 'road vehicle', trailer: 'trailer', boat: 'boat', building: 'building' } as const;
export type BuildKind = keyof typeof buildKinds;
