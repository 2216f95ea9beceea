/** Names and headers of files that are saved or shown. */

/** @param name as it is saved; browsers that cannot write it take the plain letters of it */
export function fileHeaders(name: string, type: string, inline = false): Record<string, string> {
  const plain = name.normalize('NFKD').replace(/[^\x20-\x7e]|["\\]/g, '')
  return {
    'content-type': type,
    'cache-control': 'no-store',
    'content-disposition': `${inline ? 'inline' : 'attachment'}; filename="${plain}"; filename*=UTF-8''${encodeURIComponent(name)}`,
  }
}

/** A name that people gave, without what no disk takes in a file's name. */
export const plainFileName = (name: string): string =>
  name
    .replace(/[\p{Cc}\\/:*?"<>|]/gu, ' ')
    .replace(/ +/g, ' ')
    .trim()
    .slice(0, 80)
