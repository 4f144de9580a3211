/** Posts JSON and gives the answer, or the errors as sentences. */
export async function postJson<T>(url: string, body: unknown): Promise<{ ok: true; value: T } | { ok: false; errors: string[] }> {
  try {
    const response = await fetch(url, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
    const answer = (await response.json()) as T & { errors?: string[] };
    if (response.ok) return { ok: true, value: answer };
    return { ok: false, errors: answer.errors ?? ['The server refused this without a reason.'] };
  } catch {
    return { ok: false, errors: ['The server can’t be reached; what you typed is still here, try again.'] };
  }
}
