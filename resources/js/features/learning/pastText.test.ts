import { describe, expect, it } from 'vitest';
import { pastForecastText, pastPlanText, spreadText } from './pastText';

const spread = { count: 12, median: '1.20', low: '0.85', high: '2.00' };

describe('what finished tasks came to', () => {
    it('is a sentence', () => {
        expect(spreadText(spread)).toBe(
            '12 finished tasks: half of them came to more than 1.20 times their first plan; four of five lie between 0.85 and 2.00.',
        );
    });

    it('stands beside a plan and a forecast in hours', () => {
        const hours = { spread, usual: 1728, least: 1224, most: 2880 };
        expect(pastPlanText({ ...hours, words: 'survey' }, 'decimal').replaceAll('\u00a0', ' ')).toBe(
            '12 finished tasks with “survey”: this would come to 28.8 h; four of five lie between 20.4 h and 48 h.',
        );
        expect(pastForecastText({ ...hours, manager: 'Mo Fell' }, 'decimal').replaceAll('\u00a0', ' ')).toBe(
            'Going by 12 finished tasks of Mo Fell, it will come to 28.8 h; four of five such tasks would put it between 20.4 h and 48 h.',
        );
        expect(pastForecastText({ ...hours, manager: null }, 'decimal')).toContain('Going by 12 finished tasks of everybody, ');
    });
});
