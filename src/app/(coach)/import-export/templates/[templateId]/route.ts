import { templateFile } from '@/data';
import { writeOwnFile } from '@/formats/archive/files';
import { download } from '../../../../download';
import { isId } from '../../../../inputs';

interface Context {
  readonly params: Promise<{ readonly templateId: string }>;
}

/** One of the coach's templates as a file. */
export async function GET(_: Request, { params }: Context): Promise<Response> {
  const { templateId } = await params;
  return download(null, async (asker) => {
    const file = isId(templateId) ? await templateFile(asker, templateId) : undefined;
    return file === undefined
      ? undefined
      : {
          name: `${file.name}.json`,
          type: 'application/json',
          content: writeOwnFile({ kind: 'template', file }),
        };
  });
}
