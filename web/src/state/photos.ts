/** Where the pictures of photos are: at the server, or on this device while they wait. */
const here = new Map<string, string>();

/** A picture that is not at the server yet, under the name by which its event is known until then. */
export function keepHere(photo: string, picture: Blob): void {
  if (!here.has(photo)) here.set(photo, URL.createObjectURL(picture));
}

/** The pictures of whoever was here. */
export function forgetPictures(): void {
  for (const address of here.values()) URL.revokeObjectURL(address);
  here.clear();
}

/** A name for a photo before its pixels are kept: as long as a hash, and like no other. */
export function provisionalName(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(32));
  return Array.from(bytes, (b) => b.toString(16).padStart(2, '0')).join('');
}

export const photoAddress = (caseId: string, photo: string, size: 'small' | 'whole' = 'whole'): string =>
  here.get(photo) ?? `/api/cases/${caseId}/photos/${photo}${size === 'small' ? '?size=small' : ''}`;
