import { useEffect, useRef, useState } from 'react';
import { Over } from './Over';

/**
 * Whether this browser lets a page look through a camera: over HTTPS or on this device only. Elsewhere the file
 * dialogue of a phone or tablet offers its camera.
 */
export const hasCamera = () => !!navigator.mediaDevices?.getUserMedia;

/** Looks through the device's camera, the one on its back where there are two, and takes one picture for each press. */
export function Camera({
  label,
  busy,
  onTake,
  onClose,
}: {
  label: string;
  busy: boolean;
  onTake: (picture: File) => void;
  onClose: () => void;
}) {
  const view = useRef<HTMLVideoElement>(null);
  const shutter = useRef<HTMLButtonElement>(null);
  const [trouble, setTrouble] = useState('');
  const [ready, setReady] = useState(false);
  const [taken, setTaken] = useState(0);

  useEffect(() => {
    let stream: MediaStream | undefined;
    let left = false;
    navigator.mediaDevices
      .getUserMedia({
        video: { facingMode: 'environment', width: { ideal: 1920 }, height: { ideal: 1080 } },
        audio: false,
      })
      .then(
        (s) => {
          stream = s;
          if (left) stop(s);
          else if (view.current) view.current.srcObject = s;
        },
        (e: unknown) =>
          setTrouble(
            e instanceof DOMException && e.name === 'NotAllowedError'
              ? 'The browser was told not to use the camera. Allow it for this page, or give a file.'
              : 'No camera answers. Plug one in, or give a file.',
          ),
      );
    return () => {
      left = true;
      if (stream) stop(stream);
    };
  }, []);

  useEffect(() => {
    if (ready) shutter.current?.focus();
  }, [ready]);

  const take = () => {
    if (!ready || busy) return;
    const from = view.current!;
    const paper = document.createElement('canvas');
    paper.width = from.videoWidth;
    paper.height = from.videoHeight;
    paper.getContext('2d')!.drawImage(from, 0, 0);
    paper.toBlob(
      (b) => {
        if (!b) return;
        onTake(new File([b], 'from the camera', { type: 'image/jpeg' }));
        setTaken((n) => n + 1);
      },
      'image/jpeg',
      0.92,
    );
  };

  return (
    <Over title={`Camera: ${label}`} onClose={onClose} className="w-[min(92vw,860px)]">
      {trouble ? (
        <p role="alert" className="py-6 text-[17px] text-red">
          {trouble}
        </p>
      ) : (
        <video
          ref={view}
          autoPlay
          muted
          playsInline
          className="max-h-[62vh] w-full border-2 border-ink bg-steel object-contain"
          onLoadedData={() => setReady(true)}
        />
      )}
      <div className="flex gap-2 pt-2">
        <button type="button" className="button h-[64px] flex-1 text-[17px]" onClick={onClose}>
          Close
        </button>
        {!trouble && (
          <button
            type="button"
            ref={shutter}
            className="button dark h-[64px] flex-[2] text-[18px] font-bold"
            aria-disabled={!ready || busy}
            onClick={take}
          >
            {!ready
              ? 'one moment…'
              : busy
                ? 'sending…'
                : taken === 0
                  ? 'Take a picture'
                  : `Take another, ${taken} taken`}
          </button>
        )}
      </div>
    </Over>
  );
}

function stop(stream: MediaStream) {
  for (const track of stream.getTracks()) track.stop();
}
