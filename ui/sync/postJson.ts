import { frame as t } from '../texts/en/frame';
export type JsonAnswer<T> =
  | { ok: true; value: T }
  | {
      ok: false;
      errors: string[];
      /** which of them is of which field */ fields?: Readonly<Record<string, string>>;
      /** of the answer; absent where there was none */ status?: number;
    };

async function ask<T>(url: string, otherwise: string, init?: RequestInit): Promise<JsonAnswer<T>> {
  try {
    const response = await fetch(url, init);
    const answer = (await response.json()) as T & { errors?: string[]; fields?: Record<string, string> };
    if (response.ok) return { ok: true, value: answer };
    return {
      ok: false,
      errors: answer.errors ?? [t.theServerRefusedThisWithoutA],
      fields: answer.fields ?? {},
      status: response.status,
    };
  } catch {
    return { ok: false, errors: [otherwise] };
  }
}

/** Posts JSON and gives the answer, or the errors as sentences. */
export const postJson = <T>(url: string, body: unknown): Promise<JsonAnswer<T>> =>
  ask(url, t.theServerCantBeReachedWhat, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });

export const getJson = <T>(url: string): Promise<JsonAnswer<T>> => ask(url, t.theServerCantBeReachedTry);
