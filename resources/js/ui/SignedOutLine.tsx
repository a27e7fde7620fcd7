import { useSignedOut } from '@/lib/signedOut';
import { text } from '@/lib/text';

/** Says that the reader is signed out, before they type more. Signing in leads back to the page. */
export function SignedOutLine() {
    return (
        useSignedOut() && (
            <p role="alert" className="sticky top-0 z-30 mb-3 border-s-2 border-brick bg-sheet py-1 ps-3 text-brick">
                {text.signedOut.sentence}{' '}
                <a href={window.location.href} className="act-quiet">
                    {text.signedOut.signIn}
                </a>
            </p>
        )
    );
}
