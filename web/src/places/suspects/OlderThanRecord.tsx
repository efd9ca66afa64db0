/** Said where Foxing cannot be reached: the reasoning is the last that came. */
export function OlderThanRecord({ behind }: { behind: number }) {
  return (
    <p role="status" className="mt-1 mb-2 rounded-lg bg-wash px-3 py-1.5 text-sm">
      {behind
        ? `This is older than the record: it does not know of the last ${behind === 1 ? 'entry' : `${behind} entries`}.`
        : 'This was worked out before Foxing could not be reached.'}
    </p>
  );
}
