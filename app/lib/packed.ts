import { promisify } from 'node:util';
import { brotliCompress, constants, gzip } from 'node:zlib';

export type Encoding = 'br' | 'gzip' | 'identity';
/** How whoever asks would have an answer packed. */
export const encodingFor = (request: Request): Encoding => {
  const accepted = request.headers.get('accept-encoding') ?? '';
  return /\bbr\b/.test(accepted) ? 'br' : /\bgzip\b/.test(accepted) ? 'gzip' : 'identity';
};
// Shorter ones gain nothing by it.
const compressedFrom = 1400;
const squeeze = {
  br: (bytes: Buffer) => promisify(brotliCompress)(bytes, { params: { [constants.BROTLI_PARAM_QUALITY]: 3 } }),
  gzip: promisify(gzip) as (bytes: Buffer) => Promise<Buffer>,
};

export interface Packed {
  bytes: Buffer<ArrayBuffer>;
  encoding: Encoding;
}
/** JSON of an object that has members, with `rows` that are JSON already. */
export const withRows = (value: object, rows: string): string => `${JSON.stringify(value).slice(0, -1)},"rows":${rows}}`;

/** JSON as bytes, packed where that gains something; away from the loop that answers everybody. */
export async function encode(json: string, wanted: Encoding): Promise<Packed> {
  const bytes = Buffer.from(json);
  if (wanted === 'identity' || bytes.length < compressedFrom) return { bytes, encoding: 'identity' };
  return { bytes: Buffer.from(await squeeze[wanted](bytes)), encoding: wanted };
}

/** An answer of packed bytes. Next takes away what is said of their packing, therefore bin/server.mjs says it. */
export const packed = ({ bytes, encoding }: Packed, headers: Record<string, string> = {}): Response =>
  new Response(bytes, {
    headers: {
      'content-type': 'application/json',
      vary: 'accept-encoding',
      ...headers,
      ...(encoding === 'identity' ? {} : { 'x-packed': encoding }),
    },
  });

export const packedJson = async (request: Request, value: object): Promise<Response> =>
  packed(await encode(JSON.stringify(value), encodingFor(request)));
