import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

const ROUTES = join(__dirname, '../routes');

/** Every route there is, read from the sources, so that none is forgotten. */
export function allRoutes(): { readonly method: string; readonly path: string }[] {
  const app = readFileSync(join(__dirname, '../app.ts'), 'utf8');
  const mounts = [...app.matchAll(/api\.use\('([^']+)', (?:.*, )?(\w+Routes)\(/g)].map(([, at, name]) => ({
    at,
    name,
  }));
  const alone = [...app.matchAll(/api\.(get|post)\('([^']+)'/g)].map(([, method, path]) => ({
    ...{ method: method!.toUpperCase(), path: path! },
  }));
  const own = readdirSync(ROUTES)
    .filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts'))
    .flatMap((file) => {
      const text = readFileSync(join(ROUTES, file), 'utf8');
      const [, name] = /export function (\w+Routes)\(/.exec(text) ?? [];
      const mount = mounts.find((one) => one.name === name);
      return [...text.matchAll(/router\.(get|post|put|delete)\(\s*'([^']+)'/g)].map(([, method, path]) => ({
        ...{ method: method!.toUpperCase(), path: `${mount?.at ?? ''}${path === '/' ? '' : path}` },
      }));
    });
  return [...alone, ...own];
}
