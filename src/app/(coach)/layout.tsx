import { Palette } from '@/features/palette/palette';
import { PaletteHolder } from '@/ui/palette-scope';
import { findAthletes } from './find-athletes';

/** Every screen of the desk has the command palette. */
export default function CoachLayout({ children }: { readonly children: React.ReactNode }) {
  return (
    <PaletteHolder>
      {children}
      <Palette find={findAthletes} />
    </PaletteHolder>
  );
}
