import { calendarByLink, isUnavailable } from '@/data';
import { sessionDays, writeCalendar } from '@/formats/calendar/calendar';
import * as words from '@/ui/words/screens/pages';

interface Context {
  readonly params: Promise<{ readonly link: string }>;
}

/** A calendar of sessions for anyone with its private link: calendar programs fetch it again and follow changes. */
export async function GET(_: Request, { params }: Context): Promise<Response> {
  const { link } = await params;
  const [, token = ''] = /^([\w-]{20,100})\.ics$/.exec(link) ?? [];
  const said = (status: number) => new Response(null, { status, headers: { 'Cache-Control': 'no-store' } });
  if (token === '') return said(404);
  try {
    const calendar = await calendarByLink(token, new Date());
    if (calendar === undefined) return said(404);
    const text = writeCalendar(
      words.training(calendar.name),
      sessionDays(calendar.blocks, calendar.nameOf),
      calendar.changedAt,
    );
    return new Response(text, {
      headers: { 'Content-Type': 'text/calendar; charset=utf-8', 'Cache-Control': 'private, max-age=300' },
    });
  } catch (error) {
    if (isUnavailable(error)) return said(503);
    throw error;
  }
}
