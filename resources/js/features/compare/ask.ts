import { router } from '@inertiajs/react';
import { compareAddress, type Question } from './compareAddress';

/** Goes to another question, and stays where one is on the page. */
export function ask(asked: Question): void {
    router.get(compareAddress(asked), {}, { preserveState: true, preserveScroll: true });
}
