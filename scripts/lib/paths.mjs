import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = resolve(dirname(fileURLToPath(import.meta.url)), '..', '..');

/** Where the farm's data lives: PostgreSQL's files, logs, locks. */
export const dataFolder = (env = process.env) => (env.FALLOW_DATA ? resolve(env.FALLOW_DATA) : join(root, '.data'));

export const viteBin = join(root, 'node_modules', 'vite', 'bin', 'vite.js');
