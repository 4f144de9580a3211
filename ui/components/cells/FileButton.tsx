'use client';
import { Button } from '@mui/material';
import { useRef, type ReactNode } from 'react';

interface Props {
  /** What the hidden field is called. */
  name: string;
  accept: string;
  onFiles: (files: File[]) => void;
  children: ReactNode;
  multiple?: boolean;
  /** Asks a phone for its camera. */
  camera?: boolean;
}

/** A key that asks for a file; the same file can be chosen again after it was refused. */
export function FileButton({ name, accept, onFiles, children, multiple = false, camera = false }: Props) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button onClick={() => input.current?.click()}>{children}</Button>
      <input
        ref={input}
        type="file"
        accept={accept}
        multiple={multiple}
        capture={camera ? 'environment' : undefined}
        className="visually-hidden"
        aria-label={name}
        tabIndex={-1}
        onChange={(event) => {
          const files = Array.from(event.target.files ?? []);
          event.target.value = '';
          if (files.length > 0) onFiles(files);
        }}
      />
    </>
  );
}
