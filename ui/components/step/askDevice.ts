import type {
  PublicKeyCredentialCreationOptionsJSON as Offered,
  PublicKeyCredentialRequestOptionsJSON as Asked,
} from '@simplewebauthn/browser';

/** Asks the device for a passkey. @returns null where the person, or the device, gave none */
export async function askDevice(options: object): Promise<object | null> {
  const { startAuthentication } = await import('@simplewebauthn/browser');
  // The server made it for this very package.
  return startAuthentication({ optionsJSON: options as Asked }).catch(() => null);
}

/** Has the device make a passkey. @returns null where the person, or the device, did not */
export async function makeOnDevice(options: object): Promise<object | null> {
  const { startRegistration } = await import('@simplewebauthn/browser');
  return startRegistration({ optionsJSON: options as Offered }).catch(() => null);
}
