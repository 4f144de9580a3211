'use client';
import useSWR, { preload } from 'swr';
import { device } from '../sync/device';
import { frame as t } from '../texts/en/frame';

export type PageState<T> =
  | { kind: 'opening' }
  | { kind: 'refused'; errors: string[] }
  | { kind: 'unreachable' }
  | { kind: 'ready'; value: T; /** as this device saw it last: there is no way through */ old: boolean };
type Asked<T> = Exclude<PageState<T>, { kind: 'opening' }> | { kind: 'signed-out' };

async function ask<T>(url: string, keep: boolean): Promise<Asked<T>> {
  const kept = async (): Promise<Asked<T>> => {
    const value = keep ? await device.readPage(url) : null;
    return value === null ? { kind: 'unreachable' } : { kind: 'ready', value: value as T, old: true };
  };
  try {
    const response = await fetch(url);
    if (response.status === 401) return { kind: 'signed-out' };
    if (response.status >= 500) return await kept();
    const answer = (await response.json()) as T & { errors?: string[] };
    if (!response.ok) return { kind: 'refused', errors: answer.errors ?? [t.theServerRefusedThisWithoutA] };
    // Nobody waits for the device's store.
    if (keep) void device.keepPage(url, answer);
    return { kind: 'ready', value: answer, old: false };
  } catch {
    return kept();
  }
}

/** Asks for what the page at this address will show as soon as its script is there, and not only once it is drawn. */
export function askEarly(pathname: string, urlOf: (search: URLSearchParams) => string, { keep = false } = {}): void {
  if (typeof window === 'undefined' || window.location.pathname !== pathname) return;
  const url = urlOf(new URLSearchParams(window.location.search));
  void preload(url, () => ask(url, keep));
}

/**
 * What a page shows, asked from the server; where nobody is signed in, on to the sign-in page and back.
 * @param keep it is kept on the device, and shown from there where there is no way through
 */
export function usePage<T>(url: string, { keep = false } = {}): { page: PageState<T>; refresh: () => void } {
  const { data, mutate } = useSWR<Asked<T>>(url, () => ask<T>(url, keep), { revalidateIfStale: true, keepPreviousData: false });
  if (data?.kind === 'signed-out') {
    const { pathname, search } = window.location;
    window.location.replace(`/sign-in?to=${encodeURIComponent(pathname + search)}`);
  }
  const page: PageState<T> = !data || data.kind === 'signed-out' ? { kind: 'opening' } : data;
  return { page, refresh: () => void mutate() };
}
