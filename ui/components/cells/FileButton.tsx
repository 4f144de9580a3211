'use client';
import { Box, Button } from '@mui/material';
import { useRef, type ChangeEvent, type ReactNode } from 'react';

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

/** A button that asks for a file; the same file can be chosen again after it was refused. */
export function FileButton({ name, accept, onFiles, children, multiple = false, camera = false }: Props) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button onClick={() => input.current?.click()}>{children}</Button>
      <Box
        component="input"
        className="visually-hidden"
        ref={input}
        type="file"
        accept={accept}
        multiple={multiple}
        capture={camera ? 'environment' : undefined}
        aria-label={name}
        tabIndex={-1}
        onChange={(event: ChangeEvent<HTMLInputElement>) => {
          const files = Array.from(event.target.files ?? []);
          event.target.value = '';
          if (files.length > 0) onFiles(files);
        }}
      />
    </>
  );
}
