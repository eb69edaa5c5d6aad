import { DropToFiles } from '@/features/import-export/drop-to-files';
import { Palette } from '@/features/palette/palette';
import { PaletteProvider } from '@/ui/palette-scope';
import { PasswordProvider } from '@/ui/password-first';
import { CoachShell } from '@/ui/shell/coach-shell';
import { requireAsker } from '../asker';
import { signOutAction } from '../sign-in/actions';
import { confirmPasswordAction } from './account/actions';
import { find } from './find';

/** Every coach screen has the command palette and the same header. */
export default async function CoachLayout({ children }: { readonly children: React.ReactNode }) {
  const { name } = await requireAsker();
  return (
    <CoachShell coach={name} signOut={signOutAction}>
      <PaletteProvider>
        <PasswordProvider tell={confirmPasswordAction}>{children}</PasswordProvider>
        <Palette find={find} />
        <DropToFiles />
      </PaletteProvider>
    </CoachShell>
  );
}
