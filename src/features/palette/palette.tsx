'use client';

import { useWindowEvent } from '@mantine/hooks';
import dynamic from 'next/dynamic';
import { useCallback, useEffect, useRef, useState } from 'react';
import { usePalette } from '@/ui/palette-scope';
import type { Find, Found } from './contract';

const load = () => import('./palette-dialog');
const PaletteDialog = dynamic(load, { ssr: false });

/** The dialog loads after the page, so that it opens at once and nothing typed is lost. */
const FETCH_AFTER_MS = 800;

/**
 * Ctrl K, anywhere in the coach's screens: finds athletes, screens and exercises, and answers questions about loads.
 */
export function Palette({ find }: { readonly find: Find }) {
  const { open, setOpen } = usePalette();
  const [found, setFound] = useState<Found>({ athletes: [], exercises: [] });
  const [wanted, setWanted] = useState(false);
  // Text typed before the field has focus, meant for the field.
  const [early, setEarly] = useState('');
  // Until that text is in the field, new typing would overwrite it, so it is queued.
  const inLine = useRef(false);
  const settled = useCallback(() => {
    inLine.current = false;
  }, []);
  const show = useCallback(() => {
    setWanted(true);
    setOpen(true);
    void find().then(setFound, () => undefined);
  }, [find, setOpen]);
  useEffect(() => {
    const timer = setTimeout(() => void load(), FETCH_AFTER_MS);
    return () => clearTimeout(timer);
  }, []);
  useWindowEvent('keydown', (event) => {
    if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'k') return;
    event.preventDefault();
    if (open) setOpen(false);
    else show();
  });
  useWindowEvent(
    'keydown',
    (event) => {
      const isEarly = inLine.current || !(event.target instanceof HTMLInputElement);
      const isForField = open && isEarly && event.key.length === 1;
      if (!isForField || event.ctrlKey || event.metaKey || event.altKey) return;
      event.preventDefault();
      event.stopPropagation();
      inLine.current = true;
      setEarly((before) => before + event.key);
    },
    { capture: true },
  );
  if (!wanted && !open) return null;
  return (
    <PaletteDialog
      open={open}
      found={found}
      early={early}
      onEarly={() => setEarly('')}
      onSettled={settled}
      onClose={() => setOpen(false)}
    />
  );
}
