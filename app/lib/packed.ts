import { promisify } from 'node:util';
import { brotliCompress, brotliCompressSync, constants, gzip, gzipSync } from 'node:zlib';

export type Encoding = 'br' | 'gzip' | 'identity';
/** How whoever asks would have an answer packed. */
export const encodingFor = (request: Request): Encoding => {
  const accepted = request.headers.get('accept-encoding') ?? '';
  return /\bbr\b/.test(accepted) ? 'br' : /\bgzip\b/.test(accepted) ? 'gzip' : 'identity';
};
// Shorter ones gain nothing by it.
const compressedFrom = 1400;
// Up to here it takes less time than to hand it over to somebody else and to fetch it back.
const atOnceTo = 96 * 1024;
const brotli = (bytes: Buffer) => ({
  params: {
    [constants.BROTLI_PARAM_QUALITY]: 3,
    [constants.BROTLI_PARAM_SIZE_HINT]: bytes.length,
    // No window larger than what it looks through: to make one costs more than to use it.
    [constants.BROTLI_PARAM_LGWIN]: Math.min(22, Math.max(16, Math.ceil(Math.log2(bytes.length)))),
  },
});
const squeeze = {
  br: {
    atOnce: (bytes: Buffer) => brotliCompressSync(bytes, brotli(bytes)),
    apart: (bytes: Buffer) => promisify(brotliCompress)(bytes, brotli(bytes)),
  },
  gzip: { atOnce: (bytes: Buffer) => gzipSync(bytes), apart: promisify(gzip) as (bytes: Buffer) => Promise<Buffer> },
};

export interface Packed {
  bytes: Buffer<ArrayBuffer>;
  encoding: Encoding;
}
/** JSON of an object that has members, with `rows` that are JSON already. */
export const withRows = (value: object, rows: string): string => `${JSON.stringify(value).slice(0, -1)},"rows":${rows}}`;

/** JSON as bytes, packed where that gains something; what is long away from the loop that answers everybody. */
export async function encode(json: string, wanted: Encoding): Promise<Packed> {
  const bytes = Buffer.from(json);
  if (wanted === 'identity' || bytes.length < compressedFrom) return { bytes, encoding: 'identity' };
  const { atOnce, apart } = squeeze[wanted];
  return { bytes: Buffer.from(bytes.length <= atOnceTo ? atOnce(bytes) : await apart(bytes)), encoding: wanted };
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
