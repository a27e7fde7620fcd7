const HEIGHT = 20;
const STEP = 10;

/** The points of a line of forecasts and the height of the plan, where the highest of them is at the top and the lowest below. */
export function trendPoints(forecasts: number[], planned: number): { line: string; mark: number } {
    const all = [...forecasts, planned];
    // A change by less than a tenth of the plan is not to look like a cliff.
    const least = Math.max(1, Math.round(planned / 10));
    const middle = (Math.max(...all) + Math.min(...all)) / 2;
    const range = Math.max(least, Math.max(...all) - Math.min(...all));
    const height = (minutes: number) => Math.round((HEIGHT / 2 - ((minutes - middle) * (HEIGHT - 4)) / range) * 10) / 10;

    return { line: forecasts.map((minutes, index) => `${index * STEP},${height(minutes)}`).join(' '), mark: height(planned) };
}
