const PREFIX = "#enter=";

/** The address that lets another browser in; what follows the # is not sent with a request. */
export function enteringAddress(origin: string, code: string): string {
  return `${origin}/${PREFIX}${code}`;
}

/** The code in such an address, or null. */
export function enteringCode(hash: string): string | null {
  return hash.startsWith(PREFIX) ? hash.slice(PREFIX.length).slice(0, 40) : null;
}
