import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

const SOURCES = join(__dirname, '..');

interface Route {
  readonly method: string;
  readonly path: string;
  /** The function that makes it, and its path there. */
  readonly room?: string | undefined;
  readonly own?: string | undefined;
}

/** Every route there is, read from the sources, so that none is forgotten. */
export function allRoutes(): Route[] {
  const app = readFileSync(join(__dirname, '../app.ts'), 'utf8');
  const mounts = [...app.matchAll(/api\.use\('([^']+)', (?:.*, )?(\w+Routes)\(/g)].map(([, at, name]) => ({
    at,
    name,
  }));
  const alone = [...app.matchAll(/api\.(get|post)\('([^']+)'/g)].map(([, method, path]) => ({
    method: method!.toUpperCase(),
    path: path!,
  }));
  const own = readdirSync(SOURCES, { recursive: true, encoding: 'utf8' })
    .filter((file) => /Routes\.ts$/.test(file) && !file.startsWith('test'))
    .flatMap((file) => {
      const text = readFileSync(join(SOURCES, file), 'utf8');
      const [, name] = /export function (\w+Routes)\(/.exec(text) ?? [];
      const mount = mounts.find((one) => one.name === name);
      return [...text.matchAll(/router\.(get|post|put|delete)\(\s*'([^']+)'/g)].map(([, method, path]) => ({
        method: method!.toUpperCase(),
        path: `${mount?.at ?? ''}${path === '/' ? '' : path}`,
        room: name,
        own: path,
      }));
    });
  return [...alone, ...own];
}
