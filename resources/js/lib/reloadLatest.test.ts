import { router } from '@inertiajs/react';
import { expect, test, vi } from 'vitest';
import { reloadLatest } from './reloadLatest';

test('what was asked earlier is given up, unless it is over', () => {
    const asked: { cancel: ReturnType<typeof vi.fn>; finish: () => void }[] = [];
    vi.spyOn(router, 'reload').mockImplementation((options) => {
        const cancel = vi.fn();
        options?.onCancelToken?.({ cancel });
        asked.push({ cancel, finish: () => options?.onFinish?.({} as never) });
    });

    reloadLatest(['sheet']);
    reloadLatest(['sheet']);
    expect(asked[0]?.cancel).toHaveBeenCalledOnce();
    asked[1]?.finish();
    reloadLatest(['sheet']);
    expect(asked[1]?.cancel).not.toHaveBeenCalled();
    expect(asked[2]?.cancel).not.toHaveBeenCalled();
});
