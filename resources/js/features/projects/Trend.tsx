import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import type { HoursFormat } from '@/types/generated/props';
import { trendPoints } from './trendPoints';

interface TrendProps {
    forecasts: number[];
    planned: number;
    format: HoursFormat;
}

/** The forecast over twelve weeks against the plan, and by how much it became another. */
export function Trend({ forecasts, planned, format }: TrendProps) {
    const change = (forecasts[forecasts.length - 1] ?? 0) - (forecasts[0] ?? 0);
    const said = `${change > 0 ? '+' : ''}${hoursWithUnit(change, format)}`;
    const { line, mark } = trendPoints(forecasts, planned);

    return (
        <span className="flex items-center gap-2">
            <svg
                viewBox="0 0 110 20"
                preserveAspectRatio="none"
                role="img"
                aria-label={text.projectsPage.trendLabel(said)}
                className="h-5 w-16 shrink-0"
            >
                <line x1="0" x2="110" y1={mark} y2={mark} className="progress-plan" vectorEffect="non-scaling-stroke" />
                <polyline points={line} className="progress-entered" vectorEffect="non-scaling-stroke" />
            </svg>
            <span className="text-[0.88em] whitespace-nowrap text-faded">{change === 0 ? '=' : said}</span>
        </span>
    );
}
