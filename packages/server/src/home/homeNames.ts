import { hostname, networkInterfaces } from 'node:os';

const NAME = /^[a-z0-9]([a-z0-9.-]{0,251}[a-z0-9])?$/;

/** Names and addresses under which the home network reaches this machine, the surest first. */
export function homeNames(given: readonly string[]): readonly string[] {
  const addresses = Object.values(networkInterfaces())
    .flatMap((of) => of ?? [])
    .filter(({ family, internal, address }) => family === 'IPv4' && !internal && !address.startsWith('169.254.'))
    .map(({ address }) => address);
  const [own = ''] = hostname().toLowerCase().split('.');
  const names = NAME.test(own) && own !== 'localhost' ? [`${own}.local`, own] : [];
  return [
    ...new Set([...given.map((name) => name.toLowerCase()).filter((name) => NAME.test(name)), ...addresses, ...names]),
  ];
}
