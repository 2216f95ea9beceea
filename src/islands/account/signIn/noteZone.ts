/** A new household keeps its days by the zone of the device it is made on: the server reads it here. */
export function noteZone(): void {
  const { timeZone } = Intl.DateTimeFormat().resolvedOptions()
  // biome-ignore lint/suspicious/noDocumentCookie: the cookie store is not in every browser yet
  document.cookie = `satchel.zone=${timeZone}; path=/; max-age=3600; samesite=lax`
}
