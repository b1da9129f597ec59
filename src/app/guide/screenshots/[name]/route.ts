import { guidePicture } from '@/server/guide';
import { missing } from '@/server/http/respond';

/** A picture in the guide. */
export const GET = async (_: Request, { params }: { params: Promise<{ name: string }> }): Promise<Response> => {
  const picture = await guidePicture((await params).name);
  return picture === null
    ? missing()
    : new Response(new Uint8Array(picture), {
        headers: { 'content-type': 'image/png', 'cache-control': 'public, max-age=3600' },
      });
};
