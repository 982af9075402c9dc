import { execFileSync } from 'node:child_process';

/** A file of lang/ as it stands: patterns by key, or lists of them. */
export const read = (file) =>
  JSON.parse(execFileSync('php', ['-r', 'echo json_encode(require $argv[1], JSON_THROW_ON_ERROR);', file]).toString());
