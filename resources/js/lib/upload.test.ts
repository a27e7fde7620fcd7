import { afterEach, expect, test, vi } from 'vitest';
import { upload } from './upload';

const MEGABYTE = 1_048_576;

function answer(status: number, body: object) {
    return Promise.resolve(new Response(JSON.stringify(body), { status }));
}

function addressesOf(fetched: ReturnType<typeof vi.fn>): unknown[] {
    return fetched.mock.calls.map(([address]: unknown[]) => address);
}

afterEach(() => {
    vi.unstubAllGlobals();
});

test('a file goes in pieces of a megabyte, in their order', async () => {
    const fetched = vi
        .fn()
        .mockImplementationOnce(() => answer(201, { id: 'abc' }))
        .mockImplementationOnce(() => answer(200, { received: MEGABYTE }))
        .mockImplementationOnce(() => answer(200, { received: MEGABYTE + 5 }));
    vi.stubGlobal('fetch', fetched);
    vi.stubGlobal('document', { cookie: '' });
    const progress: number[] = [];
    const id = await upload(
        new File([new Uint8Array(MEGABYTE + 5)], 'plan.pdf'),
        '/uploads',
        (of) => `/uploads/${of}`,
        (sent) => {
            progress.push(sent);
        },
    );

    expect(id).toBe('abc');
    expect(addressesOf(fetched)).toEqual(['/uploads', '/uploads/abc?from=0', `/uploads/abc?from=${String(MEGABYTE)}`]);
    expect(progress).toEqual([MEGABYTE, MEGABYTE + 5]);
});

test('a piece that was lost is sent again, and one that never arrives ends it', async () => {
    const fetched = vi
        .fn()
        .mockImplementationOnce(() => answer(201, { id: 'abc' }))
        .mockImplementationOnce(() => Promise.reject(new Error('offline')))
        .mockImplementationOnce(() => answer(200, { received: 3 }));
    vi.stubGlobal('fetch', fetched);
    vi.stubGlobal('document', { cookie: '' });
    const nothing = () => undefined;
    expect(await upload(new File(['abc'], 'a.txt'), '/uploads', (of) => `/uploads/${of}`, nothing)).toBe('abc');

    fetched.mockReset();
    fetched.mockImplementation((address: string) =>
        address === '/uploads' ? answer(201, { id: 'abc' }) : answer(409, { received: 0 }),
    );
    expect(await upload(new File(['abc'], 'a.txt'), '/uploads', (of) => `/uploads/${of}`, nothing)).toBeNull();
    expect(fetched).toHaveBeenCalledTimes(4);
});

test('what the server does not take is not sent', async () => {
    const fetched = vi.fn().mockImplementation(() => answer(422, { message: 'too large' }));
    vi.stubGlobal('fetch', fetched);
    vi.stubGlobal('document', { cookie: '' });
    expect(
        await upload(
            new File(['abc'], 'a.txt'),
            '/uploads',
            (of) => of,
            () => undefined,
        ),
    ).toBeNull();
    expect(fetched).toHaveBeenCalledTimes(1);
});
