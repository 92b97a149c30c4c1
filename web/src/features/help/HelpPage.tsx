import Markdown from 'react-markdown';
import guide from '../../../../docs/guide.md?raw';
import { TourButton } from '../jobs/Tour';
import * as labels from './labels';

const PICTURES = import.meta.glob<string>('../../../../docs/screenshots/*.png', {
  eager: true,
  query: '?url',
  import: 'default',
});

/** A picture of the guide as it is served. */
const pictureAt = (path: string) => PICTURES[`../../../../docs/${path}`] ?? path;

/** The guide, inside the program. */
export function HelpPage() {
  return (
    <main aria-label={labels.help} className="w-full max-w-[760px] mx-auto px-4 sm:px-6 pt-8 pb-16">
      <p className="mb-6 print:hidden">
        <TourButton />
      </p>
      <div className="guide">
        <Markdown
          components={{
            img: ({ src, alt }) => <img src={pictureAt(String(src))} alt={alt ?? ''} loading="lazy" />,
          }}
        >
          {guide}
        </Markdown>
      </div>
    </main>
  );
}
