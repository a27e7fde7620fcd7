import { text } from '@/lib/text';
import { Popover } from '@/ui/Popover';
import { useState } from 'react';
import { compareFile, fileFormats, type Question } from './compareAddress';

const copy = text.comparePage;

/** The comparison as a file, in the format one chooses. */
export function ComparisonFiles({ asked }: { asked: Question }) {
    const [isOpen, open] = useState(false);

    return (
        <Popover
            label={copy.download}
            isOpen={isOpen}
            onOpen={open}
            trigger={
                <button type="button" className="act no-print">
                    {copy.download}{' '}
                    <span aria-hidden className="ms-1">
                        ▾
                    </span>
                </button>
            }
        >
            <ul>
                {fileFormats.map((format) => (
                    <li key={format}>
                        {/* A file, not a page. */}
                        <a
                            href={compareFile(asked, format)}
                            className="flex min-h-9 items-center underline-offset-4 hover:underline"
                            onClick={() => {
                                open(false);
                            }}
                        >
                            {copy.formats[format]}
                        </a>
                    </li>
                ))}
            </ul>
        </Popover>
    );
}
