/* Compresses what is built, once and as far as it goes: for browsers that take brotli, and for all others by gzip. */
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';

const folder = new URL('../../public/build/', import.meta.url);
for (const name of readdirSync(folder, { recursive: true })) {
  if (/\.(js|css|svg)$/.test(name)) {
    const file = new URL(name, folder);
    const content = readFileSync(file);
    writeFileSync(new URL(`${file}.gz`), gzipSync(content, { level: 9 }));
    const size = { [constants.BROTLI_PARAM_SIZE_HINT]: content.length };
    writeFileSync(new URL(`${file}.br`), brotliCompressSync(content, { params: size }));
  }
}
