'use client';

import { Button } from '@mantine/core';
import { useState } from 'react';
import { plural } from '@/ui/words/figures';
import type { FloorWeekList } from './contract';
import { Week } from './week';

interface EarlierWeeksProps {
  readonly blockId: string;
  readonly weeks: readonly FloorWeekList[];
}

/** Weeks before the current ones, collapsed. */
export function EarlierWeeks({ blockId, weeks }: EarlierWeeksProps) {
  const [open, setOpen] = useState(false);
  if (open) return weeks.map((week) => <Week key={week.name} blockId={blockId} week={week} />);
  return (
    <Button variant="link" onClick={() => setOpen(true)}>
      {plural(weeks.length, 'earlier week')}
    </Button>
  );
}
