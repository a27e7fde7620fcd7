/** What is asked for, as far as it decides where the answer comes from. */
export interface Asked {
    method: string;
    /** The path alone, without what is asked of it. */
    path: string;
    isNavigation: boolean;
    /** Whether a page that is open asks for the data of another. */
    isVisit: boolean;
    acceptsJson: boolean;
}

/** Where an answer comes from: built files never change; a page or its data from the network, else as it was kept. */
export type Way = 'file' | 'page' | 'other' | 'start' | 'visit' | 'data' | 'network';

const START = /^\/(week)?$/;
const PAGE = /^\/(week\/\d{4}-W\d{2}|tasks)$/;
const DATA = /^\/(timer|people\/[^/]+\/week\/\d{4}-W\d{2}\/(pencil|findings|lines))$/;

/** The week and the tasks open without a network; other pages say that they do not, and everything else is the network's. */
export function wayOf({ method, path, isNavigation, isVisit, acceptsJson }: Asked): Way {
    if (method !== 'GET') {
        return 'network';
    }
    if (path.slice(1).startsWith('build/assets/')) {
        return 'file';
    }
    if (isVisit) {
        return PAGE.test(path) ? 'visit' : 'network';
    }
    if (isNavigation) {
        return START.test(path) ? 'start' : PAGE.test(path) ? 'page' : 'other';
    }

    return acceptsJson && DATA.test(path) ? 'data' : 'network';
}
