import { read } from '@/lib/http';
import { route } from '@/lib/route';
import { useSignedOut } from '@/lib/signedOut';
import { text } from '@/lib/text';
import { useEffect } from 'react';

/**
 * Says that the reader is signed out, before they type more. They sign in again in another tab, since no page but the week keeps what is
 * typed when it goes; once they are back, any answer tells whether they did.
 */
export function SignedOutLine() {
    const isOut = useSignedOut();
    useEffect(() => {
        const look = () => {
            if (isOut && document.visibilityState === 'visible') {
                void read(route('timer'));
            }
        };
        document.addEventListener('visibilitychange', look);

        return () => {
            document.removeEventListener('visibilitychange', look);
        };
    }, [isOut]);

    return (
        isOut && (
            <p role="alert" className="sticky top-0 z-30 mb-3 border-s-2 border-brick bg-sheet py-1 ps-3 text-brick">
                {text.signedOut.sentence}{' '}
                <a href={route('sign-in')} target="_blank" className="act-quiet">
                    {text.signedOut.signIn}
                </a>
            </p>
        )
    );
}
