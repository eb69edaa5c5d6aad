import { DropToFiles } from '@/features/import-export/drop-to-files';
import { Palette } from '@/features/palette/palette';
import { PaletteHolder } from '@/ui/palette-scope';
import { PasswordHolder } from '@/ui/password-first';
import { CoachShell } from '@/ui/shell/coach-shell';
import { requireAsker } from '../asker';
import { signOutAction } from '../sign-in/actions';
import { tellPasswordAgain } from './account/actions';
import { find } from './find';

/** Every coach screen has the command palette and the same header. */
export default async function CoachLayout({ children }: { readonly children: React.ReactNode }) {
  const { name } = await requireAsker();
  return (
    <CoachShell coach={name} signOut={signOutAction}>
      <PaletteHolder>
        <PasswordHolder tell={tellPasswordAgain}>{children}</PasswordHolder>
        <Palette find={find} />
        <DropToFiles />
      </PaletteHolder>
    </CoachShell>
  );
}
