import { QRCodeSVG } from 'qrcode.react';

/** An address to be taken up with a phone's camera; dark on light in either theme, as cameras want it. */
export function QrCode({ text, label }: { text: string; label: string }) {
  return (
    <span className="inline-block rounded-lg bg-white p-3">
      <QRCodeSVG value={text} size={176} marginSize={1} title={label} bgColor="#ffffff" fgColor="#1b1b1b" />
    </span>
  );
}
