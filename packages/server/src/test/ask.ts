import { Agent, type IncomingHttpHeaders, request } from 'node:http';

/** What came back. */
export interface Told {
  readonly status: number;
  readonly text: string;
  readonly headers: IncomingHttpHeaders;
}

const agent = new Agent({ keepAlive: true });

/** Asks a server on this machine; `fetch` does the same in three times the time, which counts at ten thousand. */
export function ask(
  url: string,
  method: string,
  headers: Readonly<Record<string, string>>,
  body?: string,
): Promise<Told> {
  return new Promise((resolve, reject) => {
    const asked = request(url, { agent, method, headers }, (answer) => {
      const parts: Buffer[] = [];
      answer.on('data', (part: Buffer) => parts.push(part));
      answer.on('error', reject);
      answer.on('end', () =>
        resolve({
          status: answer.statusCode ?? 0,
          text: Buffer.concat(parts).toString(),
          headers: answer.headers,
        }),
      );
    });
    asked.on('error', reject);
    asked.end(body);
  });
}
