import Link from 'next/link';
import * as common from '@/ui/words/screens/common';
import * as words from '@/ui/words/screens/pages';

export default function NotFound() {
  return (
    <main style={{ padding: 24 }}>
      <title>{words.notFoundDenseLadder}</title>
      <h1 style={{ fontSize: 18 }}>{words.pageNotFound}</h1>
      <p>
        {words.itMayHaveBeenRemoved} <Link href="/desk">{common.toTheDesk}</Link>
      </p>
    </main>
  );
}
